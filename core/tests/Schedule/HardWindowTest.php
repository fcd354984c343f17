<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Quantity\Interval;
use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Begun;
use Hull\Schedule\Constraint\Lag;
use Hull\Schedule\Constraint\LagTime;
use Hull\Schedule\Constraint\Window;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\Schedule;
use Hull\Schedule\Search\Scheduler;
use PHPUnit\Framework\TestCase;

/** Gel that whitens for twelve hours and comes off within twelve more: nothing makes it good when it lies on. */
final class HardWindowTest extends TestCase
{
    public function testItWaitsForHoursInWhichItCanComeOff(): void
    {
        $evenings = [new Interval(18.0, 21.0), new Interval(66.0, 69.0)];
        $schedule = self::planned([...$evenings, new Interval(104.0, 113.0), new Interval(130.0, 133.0)]);
        self::assertSame([], $schedule->unplaced);
        self::assertGreaterThan(104.0, $schedule->placed['p/gel']->start, 'on the weekend, not of an evening');
        self::assertLessThanOrEqual(24.05, $schedule->placed['p/rinse']->start - $schedule->placed['p/gel']->end);
        self::assertSame(0.0, $schedule->score->rework);
    }

    public function testItIsNotBegunWhereNobodyIsThereToTakeItOffAndItIsSaidSo(): void
    {
        $schedule = self::planned([new Interval(18.0, 21.0), new Interval(66.0, 69.0), new Interval(114.0, 117.0)]);
        self::assertSame([], $schedule->placed);
        self::assertSame('nobody is at work in its day', (string) ($schedule->lost()[0]->says ?? ''));
    }

    public function testNobodyPaysForItHoweverMuchADayIsWorth(): void
    {
        $hours = [new Interval(8.0, 9.0), new Interval(56.0, 66.0), new Interval(80.0, 90.0)];
        $schedule = self::planned($hours, tries: 200);
        self::assertSame(0.0, $schedule->score->rework);
        self::assertSame(56.0, $schedule->placed['p/gel']->start);
    }

    public function testWhatIsOnAlreadyComesOffAsSoonAsItCan(): void
    {
        $gel = new Begun(start: 0.0, end: 0.5, who: ['one']);
        $schedule = self::planned([new Interval(40.0, 49.0)], $gel);
        self::assertSame(40.0, $schedule->placed['p/rinse']->start);
        self::assertTrue($schedule->placed['p/rinse']->late);
        self::assertSame(0.0, $schedule->placed['p/rinse']->rework, 'an hour more does not make it good');
    }

    /** @param list<Interval> $hours */
    private static function planned(array $hours, ?Begun $begun = null, int $tries = 4): Schedule
    {
        $gel = new Activity('p/gel', 'p', 'gel', 0.5, 'shed', fixed: $begun);
        $rinse = new Activity(
            'p/rinse',
            'p',
            'rinse',
            0.2,
            'shed',
            lags: [new Lag('p/gel', LagTime::hours(12.0), 'the gel to have worked')],
            windows: [new Window('p/gel', LagTime::hours(24.0), 'its day', false, \INF)],
        );

        return (new Scheduler($tries))->plan(new Yard(0.0, 200.0, [$gel, $rinse], [Person::of('one', $hours)]));
    }
}
