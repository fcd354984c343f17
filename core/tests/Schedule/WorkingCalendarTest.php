<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Quantity\Interval;
use Hull\Schedule\Calendar\WorkingCalendar;
use Hull\Tests\Spans;
use PHPUnit\Framework\TestCase;

/** What calendars have in common and what is left of them, against every quarter of an hour looked at. */
final class WorkingCalendarTest extends TestCase
{
    public function testCommonAndLessAreWhatTheQuartersSay(): void
    {
        mt_srand(5);
        for ($round = 0; $round < 200; ++$round) {
            [$one, $other] = [self::drawn(), self::drawn()];
            self::assertSame(
                array_values(array_intersect(self::quarters($one), self::quarters($other))),
                self::quarters($one->common($other)),
            );
            self::assertSame(
                array_values(array_diff(self::quarters($one), self::quarters($other))),
                self::quarters($one->less($other)),
            );
            foreach ([...$one->common($other)->spans, ...$one->less($other)->spans] as $span) {
                self::assertGreaterThan(0.2, $span->hours());
            }
            self::assertSame(count(self::quarters($one)) / 4.0, $one->hours(0.0, 30.0));
            [$from, $to] = [mt_rand(0, 40) / 4.0, mt_rand(41, 96) / 4.0];
            $there = array_filter(self::quarters($one), static fn(int $q): bool => $q >= 4 * $from && $q < 4 * $to);
            self::assertSame(count($there) / 4.0, $one->hours($from, $to));
            $next = array_filter(self::quarters($one), static fn(int $q): bool => $q >= 4 * $from);
            self::assertSame([] === $next ? null : min($next) / 4.0, $one->next($from));
        }
    }

    public function testTheLongestStretchAndAnEmptyOne(): void
    {
        self::assertSame(4.5, (new WorkingCalendar(Spans::of([8.0, 12.0], [13.0, 17.5], [18.0, 19.0])))->longest());
        $none = new WorkingCalendar([]);
        self::assertSame([0.0, null, 0.0], [$none->longest(), $none->next(0.0), $none->hours(0.0, 9.0)]);
    }

    private static function drawn(): WorkingCalendar
    {
        $spans = [];
        for ($at = mt_rand(0, 8); $at < 90; ) {
            $to = $at + mt_rand(1, 12);
            $spans[] = new Interval($at / 4.0, $to / 4.0);
            $at = $to + mt_rand(1, 12);
        }

        return new WorkingCalendar($spans);
    }

    /** @return list<int> each quarter of an hour that is in it */
    private static function quarters(WorkingCalendar $calendar): array
    {
        $quarters = [];
        foreach ($calendar->spans as $span) {
            $quarters = [...$quarters, ...range((int) round(4 * $span->from), (int) round(4 * $span->to) - 1)];
        }

        return $quarters;
    }
}
