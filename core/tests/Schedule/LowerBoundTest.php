<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Lag;
use Hull\Schedule\Constraint\LagTime;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Explaining\Slack;
use Hull\Schedule\Search\LowerBound;
use Hull\Schedule\Search\Scheduler;
use Hull\Tests\Spans;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** What can be said of a schedule before and after it is made. */
final class LowerBoundTest extends TestCase
{
    #[Group('slow')]
    public function testNoScheduleEndsBeforeTheBound(): void
    {
        for ($seed = 1; $seed <= 150; ++$seed) {
            $yard = (new RandomYard($seed, 3, 4, 20))->yard();
            $schedule = (new Scheduler(6, $seed))->plan($yard);
            if ([] === $schedule->unplaced) {
                self::assertGreaterThanOrEqual(LowerBound::of($yard) - 1e-6, $schedule->finish(), 'seed ' . $seed);
            }
        }
    }

    public function testItIsTheLongestPartOrAllTheWorkThereIs(): void
    {
        $days = Spans::of([8.0, 16.0], [32.0, 40.0], [56.0, 64.0]);
        $chain = [
            new Activity('a', 'p', 'a', 1.0, 'bay'),
            new Activity('b', 'p', 'b', 1.0, 'bay', lags: [new Lag('a', LagTime::hours(20.0), 'a wait')]),
        ];
        self::assertSame(
            33.0,
            LowerBound::of(new Yard(8.0, 72.0, $chain, [Person::of('one', $days)])),
            'the wait ends at 5 in the morning',
        );
        $much = array_map(
            static fn(int $n): Activity => new Activity('x' . $n, 'q' . $n, 'x', 5.0, 'bay'),
            range(1, 4),
        );
        self::assertSame(
            38.0,
            LowerBound::of(
                new Yard(8.0, 72.0, $much, [Person::of('one', $days), Person::of('two', Spans::of([32.0, 40.0]))]),
            ),
            '8 h on the first day, then two at work: 12 h in 6',
        );
        self::assertSame(
            72.0,
            LowerBound::of(
                new Yard(
                    8.0,
                    72.0,
                    array_map(
                        static fn(int $n): Activity => new Activity('x' . $n, 'q' . $n, 'x', 5.0, 'bay'),
                        range(1, 9),
                    ),
                    [Person::of('one', $days)],
                ),
            ),
            'more than there are hours for',
        );
    }

    public function testWhatWaitsForAnotherPartWaitsInTheBound(): void
    {
        $days = Spans::of([8.0, 16.0], [32.0, 40.0], [56.0, 64.0]);
        $work = [
            new Activity(
                'frame',
                'p',
                'frame',
                1.0,
                'bay',
                lags: [new Lag('off', LagTime::hours(0.0), 'it to be off')],
            ),
            new Activity('off', 'q', 'off', 2.0, 'bay'),
            new Activity('on', 'q', 'on', 1.0, 'bay', lags: [new Lag('frame', LagTime::hours(24.0), 'its film')]),
        ];
        $yard = new Yard(8.0, 72.0, $work, [Person::of('one', $days)]);
        self::assertSame(36.0, LowerBound::of($yard), 'off by 10, done by 11, hard by 35, on by 36');
        self::assertSame(36.0, (new Scheduler(4))->plan($yard)->finish());
    }

    #[Group('slow')]
    public function testWhatMaySlackMayReallyBeginLater(): void
    {
        for ($seed = 1; $seed <= 40; ++$seed) {
            $schedule = (new Scheduler(6, $seed))->plan((new RandomYard($seed, 3, 4, 20, 1))->yard());
            foreach (Slack::of($schedule) as $id => $hours) {
                $id = (string) $id;
                if ($hours <= 0.0) {
                    continue;
                }
                $placed = $schedule->placed[$id];
                $moved = new \Hull\Schedule\Constraint\Placement(
                    id: $id,
                    start: $placed->start + $hours,
                    end: $placed->end + $hours,
                    who: $placed->who,
                    why: $placed->why,
                    dry: $placed->dry + $hours,
                    rework: $placed->rework,
                    setUp: $placed->setUp,
                );
                $activity = $schedule->yard->activity($id);
                if ($activity->whole && !$placed->setUp && null === $activity->wet) {
                    $faults = array_filter(
                        Validator::faults(
                            new \Hull\Schedule\Placing\Schedule(
                                $schedule->yard,
                                [...$schedule->placed, $id => $moved],
                                $schedule->unplaced,
                            ),
                        ),
                        static fn(string $f): bool => str_contains($f, $id),
                    );
                    self::assertSame([], $faults, "seed $seed, $id by $hours h");
                }
            }
        }
    }
}
