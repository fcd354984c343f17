<?php

declare(strict_types=1);

namespace Hull\Tests\Climate;

use Hull\Climate\RateLine;
use PHPUnit\Framework\TestCase;

final class RateLineTest extends TestCase
{
    public function testReachesWhereTheSumsSay(): void
    {
        $line = RateLine::of(100.0, [0.5, 0.0, 0.25, 1.0]);
        self::assertEqualsWithDelta(101.0, $line->reachedAt(100.0, 0.5), 1e-12);
        self::assertEqualsWithDelta(
            104.0 - 0.75,
            $line->reachedAt(100.0),
            1e-12,
            '0.5 + 0 + 0.25 + a quarter of the last',
        );
        self::assertEqualsWithDelta(0.75, $line->between(100.0, 103.0), 1e-12);
        self::assertSame(102.5, $line->reachedAt(102.5, 0.0));
    }

    /** Rain that begins in the very moment it is dry comes too late to wet it; a moment sooner it begins anew. */
    public function testWhatVoidsCountsUntilItIsOver(): void
    {
        $void = [false, false, true, false, false, false];
        $line = RateLine::of(0.0, array_fill(0, 6, 1.0), $void);
        self::assertSame(2.0, $line->reachedAt(0.0, 2.0));
        self::assertSame(5.001, round($line->reachedAt(0.0, 2.001) ?? 0.0, 6));
        self::assertSame(5.0, $line->reachedAt(1.0, 2.0));
    }

    public function testGoesOnBothWaysPastItsEnds(): void
    {
        $line = RateLine::of(0.0, [0.5, 1.5]);
        self::assertEqualsWithDelta(3.0, $line->reachedAt(0.0, 3.0), 1e-12, 'the mean of its last day');
        self::assertEqualsWithDelta(-3.0, $line->reachedAt(-4.0, 0.5), 1e-12, 'its first rate before it');
        self::assertNull(RateLine::of(0.0, [1.0, ...array_fill(0, 24, 0.0)])->reachedAt(2.0));
    }

    public function testWhatIsReachedIsWhatLiesBetween(): void
    {
        mt_srand(11);
        $rates = [];
        for ($i = 0; $i < 200; ++$i) {
            $rates[] = 0 === mt_rand(0, 4) ? 0.0 : mt_rand(1, 100) / 100.0;
        }
        $line = RateLine::of(7.0, $rates);
        for ($i = 0; $i < 500; ++$i) {
            $start = mt_rand(-50, 3000) / 10.0;
            $amount = mt_rand(1, 400) / 10.0;
            $end = $line->reachedAt($start, $amount);
            self::assertNotNull($end);
            self::assertGreaterThanOrEqual($start, $end);
            self::assertEqualsWithDelta($amount, $line->between($start, $end), 1e-9);
            self::assertGreaterThanOrEqual(
                $end - 1e-9,
                (float) $line->reachedAt($start + 0.7, $amount),
                'begun later is there no earlier',
            );
        }
    }
}
