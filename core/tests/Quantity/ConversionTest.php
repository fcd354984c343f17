<?php

declare(strict_types=1);

namespace Hull\Tests\Quantity;

use Hull\Quantity\AbsoluteHumidity;
use Hull\Quantity\Area;
use Hull\Quantity\AreaRate;
use Hull\Quantity\Density;
use Hull\Quantity\Dimension;
use Hull\Quantity\Duration;
use Hull\Quantity\FilmThickness;
use Hull\Quantity\Interpolation;
use Hull\Quantity\Irradiance;
use Hull\Quantity\Length;
use Hull\Quantity\Mass;
use Hull\Quantity\Quantity;
use Hull\Quantity\QuantityFormat;
use Hull\Quantity\Speed;
use Hull\Quantity\SpreadingRate;
use Hull\Quantity\Temperature;
use Hull\Quantity\TemperatureDifference;
use Hull\Quantity\UnitSystem;
use Hull\Quantity\Volume;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Units against each other, and how sizes choose their unit. */
final class ConversionTest extends TestCase
{
    /** @return iterable<array{Quantity, string, float}> */
    public static function conversions(): iterable
    {
        yield [Length::feet(12), 'm', 3.6576];
        yield [Length::inches(1), 'mm', 25.4];
        yield [Length::metres(0.9144), 'yd', 1.0];
        yield [Area::squareFeet(1), 'm²', 0.09290304];
        yield [Area::squareMetres(1), 'ft²', 10.7639104];
        yield [Volume::gallons(1), 'L', 3.785412];
        yield [Volume::gallons(1), 'qt', 4.0];
        yield [Volume::gallons(1), 'pt', 8.0];
        yield [Volume::millilitres(29.5735), 'fl oz', 1.0];
        yield [Volume::litres(2), 'cm³', 2000.0];
        yield [Mass::grams(453.59237), 'lb', 1.0];
        yield [Mass::kilograms(1.5), 'g', 1500.0];
        yield [Density::kgPerLitre(1.0), 'lb/gal', 8.345405];
        yield [FilmThickness::mils(1), 'µm', 25.4];
        yield [FilmThickness::micrometres(1500), 'mm', 1.5];
        yield [Temperature::celsius(100), '°F', 212.0];
        yield [Temperature::fahrenheit(32), '°C', 0.0];
        yield [Temperature::celsius(0), 'K', 273.15];
        yield [TemperatureDifference::celsius(10), '°F', 18.0];
        yield [Duration::minutes(90), 'h', 1.5];
        yield [Duration::hours(48), 'd', 2.0];
        yield [Duration::hours(336), 'wk', 2.0];
        yield [Speed::metresPerSecond(1), 'km/h', 3.6];
        yield [Irradiance::wattsPerM2(630.918), 'BTU/h/ft2', 200.0];
        yield [SpreadingRate::m2PerLitre(8.3333333), 'ft²/gal', 339.5487];
        yield [AreaRate::m2PerHour(225), 'm²/min', 3.75];
        yield [AbsoluteHumidity::gramsPerM3(2.288352), 'gr/ft³', 1.0];
    }

    #[DataProvider('conversions')]
    public function testConverts(Quantity $quantity, string $unit, float $value): void
    {
        self::assertEqualsWithDelta($value, $quantity->in($unit), abs($value) * 1e-6);
    }

    public function testAUnitOfAnotherKindIsAProgrammersMistake(): void
    {
        $this->expectException(\LogicException::class);
        Length::metres(1)->in('gal');
    }

    /** @return iterable<array{Dimension, float, string, string}> size, metric unit, US unit */
    public static function sizes(): iterable
    {
        yield [Dimension::Length, 0.04, 'mm', 'in'];
        yield [Dimension::Length, 4.0, 'm', 'ft'];
        yield [Dimension::Area, 0.002, 'cm²', 'in²'];
        yield [Dimension::Area, 2.0, 'm²', 'ft²'];
        yield [Dimension::Volume, 0.1, 'mL', 'fl oz'];
        yield [Dimension::Volume, 1.5, 'L', 'qt'];
        yield [Dimension::Volume, 20.0, 'L', 'gal'];
        yield [Dimension::Mass, 0.1, 'g', 'oz'];
        yield [Dimension::Mass, 5.0, 'kg', 'lb'];
        yield [Dimension::Temperature, 20.0, '°C', '°F'];
        yield [Dimension::FilmThickness, 60.0, 'µm', 'mil'];
        yield [Dimension::RelativeHumidity, 0.5, '%', '%'];
    }

    #[DataProvider('sizes')]
    public function testTheSizeChoosesTheUnit(Dimension $dimension, float $value, string $metric, string $us): void
    {
        self::assertSame($metric, QuantityFormat::unitFor($dimension, $value, UnitSystem::Metric)->symbol());
        self::assertSame($us, QuantityFormat::unitFor($dimension, $value, UnitSystem::Us)->symbol());
    }

    public function testNumbersHaveThreeFiguresAndNoDeadZeros(): void
    {
        foreach (
            [
                [1234.6, '1235'],
                [123.46, '123'],
                [12.346, '12.3'],
                [1.2346, '1.23'],
                [0.12346, '0.123'],
                [0.012346, '0.0123'],
                [2.0, '2'],
                [2.5, '2.5'],
                [0.0, '0'],
                [-0.00001, '0'],
            ]
            as [$value, $text]
        ) {
            self::assertSame($text, QuantityFormat::number($value, Dimension::Length));
        }
        self::assertSame('18.5', QuantityFormat::number(18.46, Dimension::Temperature));
        self::assertSame('-4.2', QuantityFormat::number(-4.21, Dimension::Temperature));
    }

    public function testDurationsReadLikeAClock(): void
    {
        foreach (
            [
                [0.0, '0 min'],
                [0.005, '0.3 min'],
                [0.1, '6 min'],
                [1.0, '1 h'],
                [1.999, '2 h'],
                [25.5, '25 h 30 min'],
                [48.0, '2 d'],
                [100.2, '4 d 4 h'],
            ]
            as [$hours, $text]
        ) {
            self::assertSame($text, Duration::hours($hours)->format(UnitSystem::Metric));
            self::assertEqualsWithDelta($hours, Duration::parse($text)->h(), max(0.01, $hours * 0.01));
        }
    }

    public function testEveryDimensionSaysWhatItTakesAndReadsItsOwnExample(): void
    {
        foreach (Dimension::cases() as $dimension) {
            self::assertNotSame('', $dimension->accepted());
            self::assertSame($dimension->recordUnit(), $dimension->units()[0]);
        }
    }

    public function testTablesAreReadStraightBetweenAndHeldOutside(): void
    {
        $table = [10 => 1.0, 20 => 3.0, 40 => 4.0];
        foreach (
            [[0.0, 1.0], [10.0, 1.0], [15.0, 2.0], [20.0, 3.0], [30.0, 3.5], [40.0, 4.0], [99.0, 4.0]]
            as [$x, $y]
        ) {
            self::assertEqualsWithDelta($y, Interpolation::held($table, $x), 1e-12);
        }
    }
}
