<?php

declare(strict_types=1);

namespace Hull\Tests\Quantity;

use Hull\Quantity\Dimension;
use Hull\Quantity\QuantityFormat;
use Hull\Quantity\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where the unit changes with the size of a value, on both sides of the edge. */
final class UnitForTest extends TestCase
{
    /** @return iterable<string, array{Dimension, UnitSystem, float, string, string}> below the edge, at it */
    public static function edges(): iterable
    {
        $metric = UnitSystem::Metric;
        $us = UnitSystem::Us;
        yield 'length' => [Dimension::Length, $metric, 1.0, 'mm', 'm'];
        yield 'length in feet' => [Dimension::Length, $us, 0.9144, 'in', 'ft'];
        yield 'area' => [Dimension::Area, $metric, 0.01, 'cm²', 'm²'];
        yield 'area in feet' => [Dimension::Area, $us, 0.09290304 / 4, 'in²', 'ft²'];
        yield 'volume' => [Dimension::Volume, $metric, 1.0, 'mL', 'L'];
        yield 'room' => [Dimension::Volume, $metric, 2000.0, 'L', 'm³'];
        yield 'mass' => [Dimension::Mass, $metric, 1.0, 'g', 'kg'];
        yield 'mass in pounds' => [Dimension::Mass, $us, 0.45359237, 'oz', 'lb'];
        yield 'time' => [Dimension::Duration, $metric, 1.0, 'min', 'h'];
        yield 'air moved' => [Dimension::VolumeRate, $metric, 1000.0, 'L/h', 'm³/h'];
    }

    #[DataProvider('edges')]
    public function testTheUnitChangesAtItsEdge(
        Dimension $of,
        UnitSystem $system,
        float $edge,
        string $below,
        string $at,
    ): void {
        self::assertSame($below, QuantityFormat::unitFor($of, $edge * 0.999999, $system)->symbol());
        self::assertSame($at, QuantityFormat::unitFor($of, $edge, $system)->symbol());
        self::assertSame($at, QuantityFormat::unitFor($of, -$edge, $system)->symbol(), 'whatever its sign');
    }

    public function testFourDaysAreStillHours(): void
    {
        $unit = static fn(float $h): string => QuantityFormat::unitFor(
            Dimension::Duration,
            $h,
            UnitSystem::Metric,
        )->symbol();
        self::assertSame(['h', 'd'], [$unit(96.0), $unit(96.01)]);
    }
}
