<?php

declare(strict_types=1);

namespace Hull\Tests\Compute;

use Hull\Compute\Range;
use Hull\Input\InvalidInput;
use Hull\Quantity\Dimension;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\Quantity;
use PHPUnit\Framework\TestCase;

/** What a yard can have of a dimension at all, to the figure. */
final class RangeTest extends TestCase
{
    private const USUAL = [
        'temperature' => [-90.0, 1500.0],
        'temperature difference' => [-1500.0, 1500.0],
        'percentage' => [0.0, 1.0],
        'relative humidity' => [0.0, 1.0],
        'duration' => [0.0, 87_660.0],
        'film thickness' => [0.0, 100_000.0],
        'density' => [0.0, 25.0],
        'length' => [0.0, 100_000.0],
    ];

    public function testWhatIsUsual(): void
    {
        foreach (Dimension::cases() as $of) {
            $usual = Range::usual($of);
            [$least, $most] = self::USUAL[$of->value] ?? [0.0, 1e6];
            self::assertTrue(self::takes($usual, $of, $least), $of->value);
            self::assertTrue(self::takes($usual, $of, $most), $of->value);
            self::assertFalse(self::takes($usual, $of, $most + 1.0), $of->value);
            self::assertFalse($least < 0.0 && self::takes($usual, $of, $least - 1.0), $of->value);
            self::assertSame(Dimension::Count !== $of, self::takes($usual, $of, $most / 3.0), $of->value);
        }
    }

    public function testLimitsAreTaken(): void
    {
        $range = Range::usual(Dimension::Length)->from(2.0)->upTo(5.0);
        foreach ([2.0, 3.3, 5.0] as $m) {
            self::assertTrue(self::takes($range, Dimension::Length, $m));
        }
        foreach ([1.999, 5.001] as $m) {
            self::assertFalse(self::takes($range, Dimension::Length, $m));
        }
        self::assertFalse(self::takes($range->above(2.0), Dimension::Length, 2.0));
        self::assertTrue(self::takes($range->above(2.0), Dimension::Length, 2.001));
        $count = Range::usual(Dimension::Count);
        self::assertFalse(self::takes($count, Dimension::Count, 2.5));
        self::assertTrue(self::takes($count->broken(), Dimension::Count, 2.5));
        self::assertTrue(self::takes($count, Dimension::Count, 2.0));
    }

    private static function takes(Range $range, Dimension $of, float $value): bool
    {
        try {
            $range->check('/x', Quantity::classOf($of)::ofRecord($value));

            return true;
        } catch (InvalidInput | InvalidQuantity) {
            return false;
        }
    }
}
