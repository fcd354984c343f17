<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Quantity\Interval;
use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Calendar\WorkingHours;
use Hull\Tests\Spans;
use PHPUnit\Framework\TestCase;

final class WorkingHoursTest extends TestCase
{
    public function testTheHoursOnTheWallStayOverAChangeOfTheClocks(): void
    {
        $zone = new \DateTimeZone('Europe/London');
        $from = (new \DateTimeImmutable('2026-03-28', $zone))->getTimestamp() / 3600.0;
        $spans = WorkingHours::daily(8 * 60, 12 * 60 + 30)->between($from, $from + 72.0, $zone);
        self::assertSame(
            [[8.0, 12.5], [31.0, 35.5], [55.0, 59.5]],
            array_map(static fn(Interval $s): array => [$s->from - $from, $s->to - $from], $spans),
            'the night before the Sunday is an hour shorter',
        );
    }

    public function testDaysOffAndEdgesAndSpansThatTouch(): void
    {
        $zone = new \DateTimeZone('UTC');
        $monday = RandomYard::MONDAY;
        $week = WorkingHours::of(['mon' => [[480, 720], [720, 1020]], 'tue' => [[480, 1020]], 'sun' => [[0, 1440]]]);
        self::assertSame(
            [[10.0, 17.0], [24.0 + 8.0, 24.0 + 9.0]],
            array_map(
                static fn(Interval $s): array => [$s->from - $monday, $s->to - $monday],
                $week->between($monday + 10.0, $monday + 33.0, $zone),
            ),
        );
        $day = (new \DateTimeImmutable('@' . (int) ($monday * 3600)))->format('Y-m-d');
        self::assertSame([], $week->between($monday, $monday + 24.0, $zone, [$day]));
    }

    public function testQuietHoursAreTakenOutOfLoudWork(): void
    {
        $person = Person::of(
            'Wren',
            Spans::of([8.0, 18.0], [32.0, 42.0]),
            Spans::of([7.0, 9.0], [12.0, 13.0], [17.5, 33.0]),
        );
        self::assertEquals(Spans::of([9.0, 12.0], [13.0, 17.5], [33.0, 42.0]), $person->loud->spans);
        self::assertSame(12.0, $person->work->hours(10.0, 36.0));
    }
}
