<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Quantity\Interval;
use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Lag;
use Hull\Schedule\Constraint\LagTime;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Search\Tails;
use PHPUnit\Framework\TestCase;

/** How long it still takes from each piece of work on. */
final class TailsTest extends TestCase
{
    public function testOfAPartAloneItIsTheRestOfItWithNightsAndWaits(): void
    {
        $tails = Tails::of(
            self::yard([
                self::work('a.1', 2.0),
                self::work('a.2', 3.0, [new Lag('a.1', LagTime::hours(5.0), 'it dries', false)]),
                self::work('b.1', 4.0),
            ]),
        );
        self::assertSame(['a.1' => 27.0, 'a.2' => 3.0, 'b.1' => 4.0], $tails, 'a.2 has no room before the next day');
    }

    public function testWhatWaitsForItOnAnotherPartIsStillToCome(): void
    {
        // The frame is short, and everything else is hung on it after its film has hardened for a day.
        $hardens = LagTime::hours(24.0);
        $tails = Tails::of(
            self::yard([
                self::work('frame.1', 1.0),
                self::work('frame.2', 1.0),
                self::work('drum.1', 2.0),
                self::work('drum.2', 3.0, [new Lag('frame.2', $hardens, 'it bears', false)]),
                self::work('guard.1', 1.0, [new Lag('drum.2', LagTime::hours(0.0), 'it is on', false)]),
            ]),
        );
        self::assertSame(1.0, $tails['guard.1']);
        self::assertSame(4.0, $tails['drum.2'], 'three hours, and the guard');
        self::assertSame(29.0, $tails['frame.2'], 'an hour, a day, the drum, the guard');
        self::assertSame(30.0, $tails['frame.1']);
        self::assertSame(6.0, $tails['drum.1'], 'it waits for nothing that is not waited for anyhow');
    }

    public function testADateThatCannotBeKeptCountsForThatMuchMore(): void
    {
        $work = [self::work('a.1', 2.0), self::work('b.1', 7.0)];
        self::assertSame(['a.1' => 2.0, 'b.1' => 7.0], Tails::of(self::yard($work)));
        $due = Tails::of(self::yard($work, ['a' => 10.0]));
        self::assertSame(7.0, $due['b.1']);
        self::assertGreaterThan(5.0, $due['a.1']);
    }

    /** @param list<Lag> $lags */
    private static function work(string $id, float $hours, array $lags = []): Activity
    {
        return new Activity($id, explode('.', $id)[0], $id, $hours, 'bay', lags: $lags);
    }

    /**
     * @param list<Activity> $work
     * @param array<int|string, float> $dues
     */
    private static function yard(array $work, array $dues = []): Yard
    {
        $days = array_map(static fn(int $d): Interval => new Interval(24.0 * $d + 8.0, 24.0 * $d + 16.0), range(0, 9));

        return new Yard(8.0, 240.0, $work, [Person::of('one', $days)], dues: $dues);
    }
}
