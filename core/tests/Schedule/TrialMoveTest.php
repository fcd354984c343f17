<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Cure\ZoneTimes;
use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Lag;
use Hull\Schedule\Constraint\LagTime;
use Hull\Schedule\Constraint\Times;
use Hull\Schedule\Constraint\Window;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\Schedule;
use Hull\Schedule\Replanning\TrialMove;
use Hull\Schedule\Search\Scheduler;
use Hull\Tests\Spans;
use PHPUnit\Framework\TestCase;

/** What breaks when one thing is put elsewhere. */
final class TrialMoveTest extends TestCase
{
    public function testWhereItStandsNothingBreaks(): void
    {
        $schedule = self::schedule();
        foreach ($schedule->placed as $id => $placed) {
            $id = (string) $id;
            self::assertSame([], TrialMove::of($schedule, $id, $placed->start), $id);
        }
    }

    public function testTooSoonTooLateAndNoRoom(): void
    {
        $schedule = self::schedule();
        self::assertSame(
            [8.0, 12.0, 9.0],
            [$schedule->placed['p1']->start, $schedule->placed['p2']->start, $schedule->placed['q']->start],
        );
        $soon = TrialMove::of($schedule, 'p2', 10.5);
        self::assertSame(['p2', TrialMove::SOON, 12.0], [$soon[0]->id, $soon[0]->kind, $soon[0]->until]);
        $late = TrialMove::of($schedule, 'p2', 15.0);
        self::assertSame(
            [['p2', TrialMove::LATE, 14.0]],
            array_map(static fn(TrialMove $n): array => [$n->id, $n->kind, $n->until], $late),
        );
        self::assertSame('misses its window', (string) $late[0]->words($schedule->yard));
        $room = TrialMove::of($schedule, 'q', 8.5);
        self::assertSame(
            [TrialMove::ROOM, 'p1'],
            [$room[0]->kind, $room[0]->why->other],
            'Rowan has another thing in hand',
        );
    }

    public function testWhatFollowsIsLookedAtToo(): void
    {
        $schedule = self::schedule();
        $breaks = TrialMove::of($schedule, 'p1', 10.0);
        self::assertContains(
            ['p2', TrialMove::SOON],
            array_map(static fn(TrialMove $n): array => [$n->id, $n->kind], $breaks),
            'the next coat would have to wait',
        );
    }

    public function testWhoIsNotThereAndAnHourThatHasPassedAreSaid(): void
    {
        $schedule = self::schedule();
        $evening = TrialMove::of($schedule, 'q', 20.0, ['Rowan']);
        self::assertSame('no room: Rowan is not at work then', (string) $evening[0]->words($schedule->yard));
        self::assertSame(32.0, $evening[0]->until, 'the next morning');
        $past = TrialMove::of($schedule, 'p1', 6.0);
        self::assertSame('too soon: that hour has passed', (string) $past[0]->words($schedule->yard));
    }

    public function testWithOneElsewhereTheOthersStayAndItsZonesGoWithIt(): void
    {
        $along = [
            new Activity('p1', 'p', 'first coat', 2.0, 'bay'),
            new Activity(
                'p2',
                'p',
                'second coat',
                1.0,
                'bay',
                lags: [new Lag('p1', LagTime::hours(3.0), 'the film', true)],
                windows: [new Window('p1', LagTime::hours(6.0), 'its window', true, 0.5)],
            ),
        ];
        $schedule = (new Scheduler(5))->plan(
            new Yard(8.0, 100.0, $along, [Person::of('Rowan', Spans::of([8.0, 18.0]))]),
        );
        $placed = TrialMove::placed($schedule, 'p2', 14.5);
        self::assertSame([8.0, 14.5, 15.5], [$placed['p1']->start, $placed['p2']->start, $placed['p2']->end]);
        self::assertSame(
            [[8.0, 11.0, 14.0, 14.5], [9.0, 12.0, 15.0, 15.0], [10.0, 13.0, 16.0, 15.5]],
            array_map(
                static fn(ZoneTimes $z): array => [$z->laid, $z->opens, $z->closes, $z->reached],
                Times::zones($schedule->yard->activity('p2'), $placed),
            ),
            'where it was begun the window is missed',
        );
        self::assertSame(TrialMove::LATE, TrialMove::of($schedule, 'p2', 14.5)[0]->kind);
        self::assertSame([], Times::zones($schedule->yard->activity('p1'), $placed), 'nothing is below');
    }

    private static function schedule(): Schedule
    {
        $work = [
            new Activity('p1', 'p', 'first coat', 1.0, 'bay'),
            new Activity(
                'p2',
                'p',
                'second coat',
                1.0,
                'bay',
                lags: [new Lag('p1', LagTime::hours(3.0), 'the film')],
                windows: [new Window('p1', LagTime::hours(5.0), 'its window', false, 0.5)],
            ),
            new Activity('q', 'q', 'wash', 1.0, 'bay'),
        ];

        return (new Scheduler(20))->plan(
            new Yard(8.0, 100.0, $work, [Person::of('Rowan', Spans::of([8.0, 18.0], [32.0, 42.0]))]),
        );
    }
}
