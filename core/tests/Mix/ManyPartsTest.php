<?php

declare(strict_types=1);

namespace Hull\Tests\Mix;

use Hull\Mix\ManyParts;
use Hull\Mix\RatioBy;
use Hull\Quantity\Density;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\Volume;
use PHPUnit\Framework\TestCase;

final class ManyPartsTest extends TestCase
{
    public function testAPinchOfSomethingIsAPart(): void
    {
        $water = Density::kgPerLitre(1.0);
        $mix = ManyParts::of(RatioBy::Volume, [[1.0, $water], [0.005, $water]], Volume::litres(2.01));
        self::assertEqualsWithDelta(2.01, $mix->volume()->litresValue(), 1e-9);
        self::assertEqualsWithDelta(2.01, $mix->mass()->value(), 1e-9);
    }

    public function testNothingIsNone(): void
    {
        $this->expectException(InvalidQuantity::class);
        $this->expectExceptionMessage('A part of nothing is no part.');
        ManyParts::of(RatioBy::Volume, [[1.0, Density::kgPerLitre(1.0)], [0.0, null]], Volume::litres(1.0));
    }
}
