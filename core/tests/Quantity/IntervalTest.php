<?php

declare(strict_types=1);

namespace Hull\Tests\Quantity;

use Hull\Quantity\Instant;
use Hull\Quantity\Interval;
use Hull\Tests\Spans;
use PHPUnit\Framework\TestCase;

final class IntervalTest extends TestCase
{
    public function testWhatTwoShareIsMoreThanAMoment(): void
    {
        $morning = new Interval(8.0, 12.0);
        self::assertEquals(new Interval(10.0, 12.0), $morning->common(new Interval(10.0, 18.0)));
        self::assertEquals(new Interval(9.0, 10.0), (new Interval(9.0, 10.0))->common($morning));
        self::assertNull($morning->common(new Interval(12.0, 13.0)), 'they only meet');
        self::assertNull($morning->common(new Interval(12.0 - Interval::SAME / 2.0, 13.0)), 'by 2 µs');
        self::assertNotNull($morning->common(new Interval(12.0 - 4.0 * Interval::SAME, 13.0)));
        self::assertNull($morning->common(new Interval(20.0, 22.0)));
        self::assertSame(4.0, $morning->hours());
        self::assertSame(0.0, (new Interval(9.0, 8.0))->hours());
    }

    public function testThoseThatMeetAreOne(): void
    {
        self::assertEquals(
            Spans::of([1.0, 6.0], [8.0, 9.0]),
            Interval::joined(Spans::of([8.0, 9.0], [1.0, 3.0], [3.0, 5.0], [2.0, 4.0], [4.0, 6.0])),
        );
        self::assertEquals(
            Spans::of([1.0, 9.0]),
            Interval::joined(Spans::of([1.0, 9.0], [2.0, 3.0])),
            'one within another',
        );
        self::assertCount(2, Interval::joined(Spans::of([1.0, 2.0], [2.0 + 1e-6, 3.0])));
        self::assertCount(1, Interval::joined(Spans::of([1.0, 2.0], [2.0 + Interval::SAME / 2.0, 3.0])));
        self::assertSame([], Interval::joined([]));
    }

    public function testAnHourIsADateAndBack(): void
    {
        $at = new \DateTimeImmutable('2026-05-13T10:10:30.5Z');
        self::assertEqualsWithDelta(494074.1751388889, Instant::hour($at), 1e-9);
        self::assertSame('2026-05-13T10:10:31Z', Instant::written(Instant::hour($at)), 'to the second');
        $zone = new \DateTimeZone('Europe/London');
        self::assertSame('2026-05-13 11:00', Instant::at(494074.0, $zone)->format('Y-m-d H:i'));
        self::assertSame('1969-12-31T23:00:00Z', Instant::written(-1.0));
        self::assertSame(494074.0, Instant::hour(Instant::at(494074.0, $zone)));
    }
}
