<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Quantity\Interval;
use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Blocks;
use Hull\Schedule\Constraint\Lag;
use Hull\Schedule\Constraint\LagTime;
use Hull\Schedule\Constraint\WhyKind;
use Hull\Schedule\Constraint\Window;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\Aim;
use Hull\Schedule\Placing\Schedule;
use Hull\Schedule\Search\LowerBound;
use Hull\Schedule\Search\PriorityList;
use Hull\Schedule\Search\Repacking;
use Hull\Schedule\Search\RepackingMoves;
use Hull\Schedule\Search\Scheduler;
use Hull\Schedule\Search\Tails;
use Hull\Schedule\Search\Trials;
use Hull\Tests\Spans;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A schedule packed more densely by taking a little of it out and putting it in again. */
final class RepackingTest extends TestCase
{
    public function testWhatFitsIntoADayIsPackedIntoIt(): void
    {
        // First come, first served: 3 + 4, 4, 5 hours; 3 + 5 and 4 + 4 are two days of eight.
        $trials = self::trials(self::days(3.0, 4.0, 4.0, 5.0), 60);
        $first = $trials->tried(new PriorityList(['p0', 'p1', 'p2', 'p3']));
        self::assertSame(61.0, $first->finish(), 'on the third day');
        self::repacked($trials);
        self::assertSame(40.0, $trials->best()->finish(), 'in the evening of the second');
        self::assertSame([], Validator::faults($trials->best()));
    }

    public function testNothingIsLostNorBreaksARuleNorEndsLater(): void
    {
        $sooner = 0;
        foreach (range(1, 6) as $seed) {
            $trials = self::trials((new RandomYard($seed, 8, 5, 30, 2, 2))->yard(), 12);
            $first = $trials->tried(new PriorityList([]));
            self::assertSame([], $first->unplaced);
            self::repacked($trials);
            $packed = $trials->best();
            self::assertSame([], Validator::faults($packed), "seed $seed");
            self::assertSame([], self::untrue($packed), 'who is said to be in the way is');
            self::assertLessThanOrEqual($first->finish() + Interval::SAME, $packed->finish());
            self::assertLessThanOrEqual($first->score->late + Interval::SAME, $packed->score->late);
            $sooner += (int) ($packed->finish() < $first->finish() - Interval::SAME);
        }
        self::assertGreaterThan(1, $sooner, 'and some end sooner');
    }

    public function testWhatSetsUpSomethingElseIsNotMovedAwayFromIt(): void
    {
        foreach ([1, 16, 99, 106] as $seed) {
            $trials = self::trials((new RandomYard($seed, 8, 5, 30, 2, 2))->yard(), 30);
            self::assertSame([], $trials->tried(new PriorityList([]))->unplaced);
            (new Repacking($trials, new Randomizer(new Mt19937($seed)), $trials->best()))->over(30);
            self::assertSame([], Validator::faults($trials->best()), "seed $seed");
        }
    }

    public function testNobodyMayBeThereInTheFirstWeek(): void
    {
        $yard = self::days(3.0, 4.0, 4.0, 5.0);
        $later = array_map(static fn(int $day): array => [8.0 + 24.0 * $day, 16.0 + 24.0 * $day], range(10, 15));
        $away = new Yard(8.0, 500.0, array_values($yard->activities), [Person::of('one', Spans::of(...$later))]);
        $trials = self::trials($away, 60);
        $trials->tried(new PriorityList(['p0', 'p1', 'p2', 'p3']));
        self::repacked($trials);
        self::assertSame(280.0, $trials->best()->finish(), 'two days as well');
    }

    public function testPartsThatWaitForEachOtherArePutInWhole(): void
    {
        $after = static fn(string $id): array => [new Lag($id, LagTime::hours(0.0), 'it', false)];
        $inOne = static fn(string $id): array => [new Window($id, LagTime::hours(9.0), 'it', false, 1.0)];
        // Both are one block between their second steps and their third, and both go on after it.
        $yard = self::yard(
            new Activity('a.1', 'a', 'a', 1.0, 'bay'),
            new Activity('a.2', 'a', 'a', 1.0, 'bay'),
            new Activity('a.3', 'a', 'a', 1.0, 'bay', lags: $after('b.2'), windows: $inOne('a.2')),
            new Activity('a.4', 'a', 'a', 1.0, 'bay'),
            new Activity('a.5', 'a', 'a', 1.0, 'bay'),
            new Activity('b.1', 'b', 'b', 1.0, 'bay'),
            new Activity('b.2', 'b', 'b', 1.0, 'bay'),
            new Activity('b.3', 'b', 'b', 1.0, 'bay', lags: $after('a.2'), windows: $inOne('b.2')),
            new Activity('b.4', 'b', 'b', 1.0, 'bay'),
            new Activity('b.5', 'b', 'b', 1.0, 'bay'),
        );
        $blocks = Blocks::of($yard);
        self::assertSame($blocks['a'][1], $blocks['b'][1], 'they are tied in a knot');
        foreach (range(1, 10) as $seed) {
            $moves = new RepackingMoves($yard, $blocks, Tails::of($yard), new Randomizer(new Mt19937($seed)));
            $out = $moves->hangingOn(['a.1', 'b.1']);
            $again = array_merge([], ...array_map(Blocks::ids(...), $moves->order($out, ['a.1'])));
            self::assertSame([], array_diff(array_keys($out), $again), 'nothing that was taken out is forgotten');
            self::assertCount(10, array_unique($again));
        }
    }

    /** Packed from what is least of a burden, and not from what ends first: that stays the best until it is beaten. */
    public function testOneOrderMoreNeverEndsLater(): void
    {
        foreach (range(1, 8) as $seed) {
            $yard = (new RandomYard($seed, 8, 5, 30))->yard();
            $last = null;
            foreach (range(1, 7) as $tries) {
                $schedule = (new Scheduler($tries, $seed))->plan($yard);
                self::assertSame([], $schedule->unplaced);
                self::assertLessThanOrEqual($last ?? \INF, $schedule->finish(), "seed $seed, $tries tries");
                $last = $schedule->finish();
            }
        }
    }

    public function testTheSameNumberPacksTheSameWay(): void
    {
        $ends = [];
        foreach ([1, 2] as $_) {
            $trials = self::trials((new RandomYard(2, 8, 5, 30, 2, 2))->yard(), 12);
            $trials->tried(new PriorityList([]));
            self::repacked($trials);
            $ends[] = $trials->best()->placed;
        }
        self::assertEquals($ends[0], $ends[1]);
    }

    public function testItGoesNoFurtherThanItsTries(): void
    {
        $told = [];
        $yard = (new RandomYard(1, 8, 5, 30, 2, 2))->yard();
        $trials = self::trials($yard, 4, static function (int $done) use (&$told): void {
            $told[] = $done;
        });
        $trials->tried(new PriorityList([]));
        self::repacked($trials, 1000);
        self::assertTrue($trials->isOver());
        self::assertLessThanOrEqual(4, max([0, ...$told]));
    }

    /** @return list<string> what is said to wait for somebody who does something else, and that is not over then */
    private static function untrue(Schedule $schedule): array
    {
        $untrue = [];
        foreach ($schedule->placed as $id => $placed) {
            $other = WhyKind::Person === $placed->why->kind ? $schedule->placed[$placed->why->other] : null;
            if (null !== $other && $other->end > $placed->start + Interval::GRACE) {
                $untrue[] = "$id waits for $other->id";
            }
        }

        return $untrue;
    }

    private static function repacked(Trials $trials, int $times = 50): void
    {
        (new Repacking($trials, new Randomizer(new Mt19937(1)), $trials->best()))->over($times);
    }

    /** One who works from eight to four, and things that cannot be left over a night. */
    private static function days(float ...$hours): Yard
    {
        $work = [];
        foreach ($hours as $n => $one) {
            $work[] = new Activity("p$n.1", "p$n", "p$n", $one, 'bay');
        }

        return self::yard(...$work);
    }

    private static function yard(Activity ...$work): Yard
    {
        $days = array_map(static fn(int $day): array => [8.0 + 24.0 * $day, 16.0 + 24.0 * $day], range(0, 5));

        return new Yard(8.0, 152.0, array_values($work), [Person::of('one', Spans::of(...$days))]);
    }

    /** @param (\Closure(int): void)|null $progress */
    private static function trials(Yard $yard, int $tries, ?\Closure $progress = null): Trials
    {
        return new Trials(
            yard: $yard,
            blocks: Blocks::of($yard),
            tries: $tries,
            progress: $progress,
            aim: new Aim(LowerBound::of($yard), Tails::of($yard)),
        );
    }
}
