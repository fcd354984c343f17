<?php

declare(strict_types=1);

namespace Hull\Tests\Film;

use Hull\Film\Loss;
use Hull\Quantity\Percentage;
use Hull\Tests\Yard;
use PHPUnit\Framework\TestCase;

/** Paint that never reaches the part: points of the method, of its shape and of the breeze are added up. */
final class LossTest extends TestCase
{
    public function testShapeAndBreezeAreAddedToWhatTheMethodLoses(): void
    {
        foreach (Yard::catalogue()->methods->all as $method) {
            if (null === $method->lossPoints) {
                continue;
            }
            $points = $method->lossPoints / 100.0;
            $loss = static fn(bool $lattice, bool $outdoors, float $more = 0.0): float => Loss::typical(
                $method,
                $lattice,
                $outdoors,
                Percentage::ratio($more),
            )->ratioValue();
            self::assertEqualsWithDelta($points, $loss(false, false), 1e-9, $method->id);
            self::assertEqualsWithDelta(min(0.9, $points + 0.15), $loss(true, false), 1e-9, $method->id);
            self::assertEqualsWithDelta(min(0.9, $points + 0.1), $loss(false, true), 1e-9, $method->id);
            self::assertEqualsWithDelta(min(0.9, $points + 0.25), $loss(true, true), 1e-9, $method->id);
            self::assertEqualsWithDelta(min(0.9, $points + 0.05), $loss(false, false, 0.05), 1e-9, $method->id);
            self::assertSame(0.9, $loss(true, true, 0.9), 'something reaches the part');
            self::assertEqualsWithDelta($points, Loss::typical($method, false, false)->ratioValue(), 1e-9);
        }
    }
}
