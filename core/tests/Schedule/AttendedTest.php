<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\WhyKind;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\Schedule;
use Hull\Schedule\Search\Scheduler;
use Hull\Tests\Spans;
use PHPUnit\Framework\TestCase;

/** What is on is not left on: somebody is at work until it is off. */
final class AttendedTest extends TestCase
{
    public function testAnOvenIsNotSetGoingWhereTheLastGoesHomeBeforeItIsOff(): void
    {
        $plan = self::plan(self::oven(3.0), 6.0);
        self::assertSame([32.0, WhyKind::Attended], [$plan->placed['oven']->start, $plan->placed['oven']->why->kind]);
        self::assertSame('begun when somebody is there until it is off', (string) $plan->placed['oven']->why->words());
        self::assertSame(12.0, self::plan(self::oven(3.0), 4.0)->placed['oven']->start, 'over lunch somebody looks in');
        self::assertSame(14.5, self::plan(self::oven(0.0), 6.0)->placed['oven']->start, 'where nothing is on after it');
    }

    public function testSomebodyElseMaySeeToIt(): void
    {
        $late = Person::of('two', Spans::of([16.5, 20.0]));
        self::assertSame(14.5, self::plan(self::oven(3.0), 6.0, $late)->placed['oven']->start);
    }

    public function testWhatIsOnForLongerThanAnybodyIsThereIsNotBegun(): void
    {
        self::assertSame(
            'it is on for 9.5 h, and nobody is ever at work for as long',
            (string) (self::plan(self::oven(9.0), 1.0)->unplaced['oven'] ?? ''),
        );
    }

    private static function oven(float $on): Activity
    {
        return new Activity('oven', 'p', 'oven', 0.5, 'bay', attendedFor: $on);
    }

    private static function plan(Activity $oven, float $before, Person ...$others): Schedule
    {
        $one = Person::of('one', Spans::of([8.0, 12.5], [13.0, 17.0], [32.0, 36.5], [37.0, 41.0]));
        $first = new Activity('first', 'p', 'first', $before, 'bay', false);

        return (new Scheduler(1))->plan(new Yard(8.0, 48.0, [$first, $oven], [$one, ...array_values($others)]));
    }
}
