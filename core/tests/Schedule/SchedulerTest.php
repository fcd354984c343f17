<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Climate\RateLine;
use Hull\Quantity\Interval;
use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Lag;
use Hull\Schedule\Constraint\LagTime;
use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Constraint\WhyKind;
use Hull\Schedule\Constraint\Window;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Explaining\NextHour;
use Hull\Schedule\Explaining\Slack;
use Hull\Schedule\Placing\Schedule;
use Hull\Schedule\Search\LowerBound;
use Hull\Schedule\Search\Scheduler;
use Hull\Tests\Sweep;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

final class SchedulerTest extends TestCase
{
    /** Thinned; HULL_FULL=1 schedules two thousand. */
    #[Group('slow')]
    public function testHundredsOfRandomYardsAreBrokenByNoSchedule(): void
    {
        $placed = $rework = $without = 0;
        $yards = Sweep::of(400, 2000);
        for ($seed = 1; $seed <= $yards; ++$seed) {
            $yard = (new RandomYard($seed, 2 + ($seed % 3), 2 + ($seed % 4), 16))->yard();
            $schedule = (new Scheduler(2, $seed))->plan($yard);
            self::assertSame([], Validator::faults($schedule), 'seed ' . $seed);
            $placed += count($schedule->placed);
            $rework += $schedule->score->rework > 0.0 ? 1 : 0;
            $without += count($schedule->unplaced);
        }
        self::assertGreaterThan(7.5 * $yards, $placed);
        self::assertLessThan(0.1 * $placed, $without, 'most of it finds room');
        self::assertGreaterThan(0, $rework, 'some windows cannot be kept, and are paid for');
        self::assertLessThan(0.2 * $yards, $rework);
    }

    public function testTheSameYardSeedAndNumberGiveTheSameSchedule(): void
    {
        $plan = static fn(): array => array_map(
            static fn(Placement $p): float => $p->start,
            (new Scheduler(60, 9))->plan((new RandomYard(4, 4, 5))->yard())->placed,
        );
        self::assertSame($plan(), $plan());
    }

    public function testAScheduleIsWithinAnyShareOfItself(): void
    {
        $yard = (new RandomYard(4, 4, 5))->yard();
        [$good, $poor] = [(new Scheduler(60, 9))->plan($yard)->score, (new Scheduler(1, 9))->plan($yard)->score];
        self::assertTrue($good->isWithin(0.0, $good));
        self::assertTrue($good->isWithin(0.1, $poor));
        self::assertGreaterThan($good->cost, $poor->cost);
        $apart = $poor->cost / $good->cost - 1.0;
        self::assertFalse($poor->isWithin(0.9 * $apart, $good));
        self::assertTrue($poor->isWithin(1.1 * $apart, $good));
    }

    #[Group('slow')]
    public function testMoreTriesAreNeverWorseAndProgressIsTold(): void
    {
        $yard = (new RandomYard(12, 5, 5, 30))->yard();
        $told = [];
        $few = (new Scheduler(8, 3))->plan($yard);
        $many = (new Scheduler(200, 3, static function (int $done, int $of, Schedule $best) use (&$told): void {
            $told[] = [$done, $of, $best->finish()];
        }))->plan($yard);
        self::assertFalse($few->score->isBetterThan($many->score));
        self::assertGreaterThan(3, count($told));
        self::assertSame(
            $told,
            array_values(array_filter($told, static fn(array $t): bool => $t[0] <= 200 && 200 === $t[1])),
        );
        self::assertGreaterThanOrEqual(LowerBound::of($yard), $many->finish());
        $asked = 0;
        (new Scheduler(200, 3, static function (int $done) use (&$asked): bool {
            ++$asked;

            return $done < 1;
        }))->plan($yard);
        self::assertLessThan(20, $asked, 'it can be stopped');
    }

    public function testACoatIsHeldBackSoThatTheNextFallsIntoWorkingHours(): void
    {
        $first = new Activity('a', 'p', 'first coat', 1.0, 'bay');
        $next = new Activity(
            'b',
            'p',
            'second coat',
            1.0,
            'bay',
            lags: [new Lag('a', LagTime::hours(10.0), 'the film')],
            windows: [new Window('a', LagTime::hours(16.0), 'its window', false, 0.5)],
        );
        $schedule = (new Scheduler(1))->plan(self::yard([$first, $next]));
        self::assertEqualsWithDelta(
            15.0,
            $schedule->placed['a']->start,
            0.01,
            'not at 8: it would close at 1 in the night',
        );
        self::assertEqualsWithDelta(32.0, $schedule->placed['b']->start, 1e-6);
        self::assertSame(
            [WhyKind::Window, 'b'],
            [$schedule->placed['a']->why->kind, $schedule->placed['a']->why->other],
        );
        self::assertSame(0.0, $schedule->score->rework);
    }

    /** The film below has closed long ago, and is abraded for the coat; its wipe is not done a day early for that. */
    public function testWhatIsPaidForElseDoesNotLetItsOwnWipeLieOpen(): void
    {
        $wipe = new Activity('a', 'p', 'wipe', 0.5, 'bay');
        $coat = new Activity(
            'b',
            'p',
            'coat',
            1.0,
            'bay',
            windows: [new Window('a', LagTime::hours(1.0), 'wiped', false, 0.25)],
            notBefore: 36.0,
            notAfter: 6.0,
            lateHours: 1.0,
        );
        $schedule = (new Scheduler(1))->plan(self::yard([$wipe, $coat]));
        self::assertEqualsWithDelta(36.0, $schedule->placed['b']->start, 0.06);
        self::assertSame(1.0, $schedule->placed['b']->rework);
        self::assertGreaterThan(32.0, $schedule->placed['a']->start, 'not on the day before');
        self::assertSame(WhyKind::Missed, $schedule->placed['a']->why->kind);
    }

    public function testAWindowThatCannotBeKeptIsPaidForInHoursAndSaysSo(): void
    {
        $first = new Activity('a', 'p', 'first coat', 1.0, 'bay');
        $next = new Activity(
            'b',
            'p',
            'second coat',
            1.0,
            'bay',
            lags: [new Lag('a', LagTime::hours(10.0), 'the film')],
            windows: [new Window('a', LagTime::hours(11.0), 'its window', false, 0.5)],
        );
        $schedule = (new Scheduler(1))->plan(self::yard([$first, $next]));
        self::assertEqualsWithDelta(
            8.0,
            $schedule->placed['a']->start,
            1e-6,
            'nothing is held back for what is missed anyway',
        );
        self::assertSame(0.5, $schedule->placed['b']->rework);
        self::assertEqualsWithDelta(1.5, $schedule->placed['b']->end - $schedule->placed['b']->start, 1e-6);
    }

    public function testWhatIsSplitGoesOnInTheMorningAndWhatIsNotWaitsForIt(): void
    {
        $long = new Activity('a', 'p', 'sanding', 11.0, 'bay', whole: false);
        $coat = new Activity('b', 'p', 'coat', 8.0, 'bay');
        $schedule = (new Scheduler(1))->plan(self::yard([$long, $coat]));
        self::assertEqualsWithDelta(33.0, $schedule->placed['a']->end, 1e-6, '10 h on the first day, one on the next');
        self::assertEqualsWithDelta(33.0, $schedule->placed['b']->start, 1e-6);
        $never = (new Scheduler(1))->plan(self::yard([new Activity('c', 'p', 'coat', 12.0, 'bay')]));
        self::assertStringContainsString(
            '12.0 h in one go, the longest stretch of working hours is 10.0 h',
            (string) $never->unplaced['c'],
        );
    }

    public function testSlackCriticalChainAndTheNextHour(): void
    {
        $yard = self::yard([
            new Activity('a', 'p', 'wash', 2.0, 'bay'),
            new Activity('b', 'p', 'sand', 4.0, 'bay', lags: [new Lag('a', LagTime::hours(3.0), 'drying')]),
            new Activity('c', 'q', 'label', 1.0, 'shed', whole: false),
        ]);
        $schedule = (new Scheduler(50))->plan($yard);
        $slack = Slack::of($schedule);
        self::assertSame(['a', 'b'], array_map(static fn(Placement $p): string => $p->id, $schedule->criticalChain()));
        self::assertSame(0.0, $slack['a']);
        self::assertGreaterThanOrEqual(1.0, $slack['c']);
        $next = NextHour::of($schedule, $slack);
        self::assertSame(['a', 'c'], array_map(static fn(NextHour $n): string => $n->id, $next));
        self::assertSame([true, false], [$next[0]->planned, $next[0]->fits]);
        self::assertTrue($next[1]->fits);
    }

    public function testAWarmerHourNeverClosesAWindowLater(): void
    {
        mt_srand(3);
        for ($i = 0; $i < 300; ++$i) {
            $rates = [];
            for ($h = 0; $h < 60; ++$h) {
                $rates[] = mt_rand(1, 30) / 100.0;
            }
            $at = mt_rand(0, 59);
            $warmer = array_map(
                static fn(int $h, float $rate): float => $rate + ($h === $at ? 0.2 : 0.0),
                array_keys($rates),
                $rates,
            );
            self::assertLessThanOrEqual(
                (float) LagTime::on(RateLine::of(0.0, $rates))->after(3.5) + 1e-9,
                (float) LagTime::on(RateLine::of(0.0, $warmer))->after(3.5),
            );
        }
    }

    /** @param list<Activity> $work */
    private static function yard(array $work): Yard
    {
        return new Yard(8.0, 240.0, $work, [
            Person::of(
                'Rowan',
                array_map(static fn(int $d): Interval => new Interval(24.0 * $d + 8.0, 24.0 * $d + 18.0), range(0, 9)),
            ),
        ]);
    }
}
