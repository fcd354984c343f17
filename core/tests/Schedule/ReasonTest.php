<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Quantity\Interval;
use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Begun;
use Hull\Schedule\Constraint\LagTime;
use Hull\Schedule\Constraint\Window;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Explaining\Reason;
use Hull\Schedule\Search\Scheduler;
use PHPUnit\Framework\TestCase;

/** What is said of a wait: what ends it, and what else took up much of it. */
final class ReasonTest extends TestCase
{
    public function testALongWaitTellsWhatTookUpMostOfItAndWhatWasInItsWayLast(): void
    {
        self::assertSame(
            'one is busy with sweep; for much of the wait: the gun is in use for long coat',
            self::said([self::running('long coat', 0.0, 60.0, ['gun']), self::running('sweep', 59.0, 61.0, [], 'one')]),
        );
    }

    public function testAShortWaitTellsWhatEndsIt(): void
    {
        self::assertSame(
            'one is busy with sweep',
            self::said([self::running('long coat', 0.0, 20.0, ['gun']), self::running('sweep', 19.0, 21.0, [], 'one')]),
        );
    }

    public function testWhatTookUpLittleOfALongWaitIsNotSaid(): void
    {
        self::assertSame(
            'the gun is in use for long coat',
            self::said([self::running('sweep', 0.0, 2.0, [], 'one'), self::running('long coat', 0.0, 60.0, ['gun'])]),
        );
    }

    public function testACoatWhoseWipeWasHeldBackForItTellsWhatWasInItsWay(): void
    {
        $wipe = new Activity('p/wipe', 'p', 'Wipe', 0.25, 'shed');
        $coat = new Activity(
            'p/coat',
            'p',
            'Coat',
            1.0,
            'shed',
            gear: ['gun'],
            windows: [new Window('p/wipe', LagTime::hours(1.0), 'its hour', false, 0.5)],
        );
        $schedule = (new Scheduler(4))->plan(
            self::yard([$wipe, $coat, self::running('long coat', 0.0, 20.0, ['gun'])]),
        );
        self::assertSame(
            ['held back so that coat falls into its hour', 'the gun is in use for long coat'],
            array_map(static fn(string $id): string => (string) Reason::of($schedule, $schedule->placed[$id]), [
                'p/wipe',
                'p/coat',
            ]),
        );
    }

    /** @param list<Activity> $running */
    private static function said(array $running): string
    {
        $asked = new Activity('p/coat', 'p', 'Coat', 1.0, 'shed', gear: ['gun']);
        $schedule = (new Scheduler(4))->plan(self::yard([$asked, ...$running]));

        return (string) Reason::of($schedule, $schedule->placed['p/coat']);
    }

    /** @param list<Activity> $work */
    private static function yard(array $work): Yard
    {
        $people = [Person::of('one', [new Interval(0.0, 200.0)])];

        return new Yard(now: 0.0, end: 200.0, work: $work, people: $people, gear: ['gun' => 1]);
    }

    /** @param list<string> $gear */
    private static function running(string $name, float $from, float $to, array $gear, string ...$who): Activity
    {
        return new Activity(
            $name,
            $name,
            ucfirst($name),
            $to - $from,
            'elsewhere',
            gear: $gear,
            fixed: new Begun(start: $from, end: $to, who: array_values($who)),
        );
    }
}
