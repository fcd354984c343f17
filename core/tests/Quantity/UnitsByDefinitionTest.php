<?php

declare(strict_types=1);

namespace Hull\Tests\Quantity;

use Hull\Quantity\Dimension;
use Hull\Quantity\Gallon;
use Hull\Quantity\UnitTable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every unit, worked out from what it is defined by: the foot, the pound, the gallon, the hour. */
final class UnitsByDefinitionTest extends TestCase
{
    private const FT = 0.3048;
    private const IN = self::FT / 12.0;
    private const YD = 3.0 * self::FT;
    private const LB = 0.45359237;
    private const OZ = self::LB / 16.0;
    private const GRAIN = self::LB / 7000.0;
    private const NM = 1852.0;
    /** International table, J. */
    private const BTU = 1055.05585262;
    /** What the table rounds: six figures are enough for anybody's gauge. */
    private const REL = 2e-6;

    /** @return iterable<string, array{Dimension, Gallon}> */
    public static function dimensions(): iterable
    {
        foreach (Dimension::cases() as $dimension) {
            foreach (Gallon::cases() as $gallon) {
                yield "$dimension->value, $gallon->value gallon" => [$dimension, $gallon];
            }
        }
    }

    #[DataProvider('dimensions')]
    public function testIsWhatItIsDefinedAs(Dimension $dimension, Gallon $gallon): void
    {
        $defined = self::defined($dimension, Gallon::Us === $gallon ? 3.785411784 : 4.54609);
        $symbols = [];
        foreach (UnitTable::of($dimension, $gallon) as $unit) {
            $symbol = $symbols[] = $unit->symbol();
            self::assertArrayHasKey($symbol, $defined, "$symbol is defined nowhere in this test");
            [$factor, $offset] = [...(array) $defined[$symbol], 0.0];
            self::assertEqualsWithDelta(1.0, $unit->factor / $factor, self::REL, $symbol);
            self::assertEqualsWithDelta($offset, $unit->offset, 1e-9, $symbol);
        }
        self::assertSame($symbols, array_values(array_unique($symbols)), 'a symbol is one unit');
        self::assertSame(1.0, UnitTable::of($dimension, $gallon)[0]->factor, 'the unit of record');
    }

    /**
     * @param float $gal litres
     *
     * @return array<string, float|array{float, float}> factor, or factor and offset, to the unit of record
     */
    private static function defined(Dimension $dimension, float $gal): array
    {
        [$us, $imp, $ft2] = [3.785411784, 4.54609, self::FT ** 2];

        return match ($dimension) {
            Dimension::Length => [
                'm' => 1.0,
                'mm' => 1e-3,
                'cm' => 1e-2,
                'dm' => 0.1,
                'km' => 1e3,
                'ft' => self::FT,
                'in' => self::IN,
                'yd' => self::YD,
                'um' => 1e-6,
                'thou' => self::IN / 1000.0,
            ],
            Dimension::Area => [
                'm²' => 1.0,
                'cm²' => 1e-4,
                'dm²' => 1e-2,
                'mm²' => 1e-6,
                'ft²' => $ft2,
                'in²' => self::IN ** 2,
                'yd²' => self::YD ** 2,
            ],
            Dimension::Volume => [
                'L' => 1.0,
                'mL' => 1e-3,
                'cL' => 1e-2,
                'dL' => 0.1,
                'cm³' => 1e-3,
                'm³' => 1e3,
                'ft³' => 1e3 * self::FT ** 3,
                'gal' => $gal,
                'qt' => $gal / 4.0,
                'pt' => $gal / 8.0,
                'fl oz' => $gal === $us ? $us / 128.0 : $imp / 160.0,
                'US gal' => $us,
                'US qt' => $us / 4.0,
                'US pt' => $us / 8.0,
                'US fl oz' => $us / 128.0,
                'imp gal' => $imp,
                'imp qt' => $imp / 4.0,
                'imp pt' => $imp / 8.0,
                'imp fl oz' => $imp / 160.0,
            ],
            Dimension::Mass => [
                'kg' => 1.0,
                'g' => 1e-3,
                'mg' => 1e-6,
                't' => 1e3,
                'lb' => self::LB,
                'oz' => self::OZ,
            ],
            Dimension::Density => [
                'kg/L' => 1.0,
                'kg/m³' => 1e-3,
                'g/L' => 1e-3,
                'lb/gal' => self::LB / $gal,
                'lb/US gal' => self::LB / $us,
                'lb/imp gal' => self::LB / $imp,
                'lb/ft³' => self::LB / (1e3 * self::FT ** 3),
            ],
            Dimension::Temperature => ['°C' => 1.0, '°F' => [5.0 / 9.0, -32.0 * (5.0 / 9.0)], 'K' => [1.0, -273.15]],
            Dimension::TemperatureDifference => ['°C' => 1.0, '°F' => 5.0 / 9.0],
            Dimension::RelativeHumidity, Dimension::Percentage => ['ratio' => 1.0, '%' => 0.01],
            Dimension::Duration => [
                'h' => 1.0,
                'min' => 1.0 / 60.0,
                's' => 1.0 / 3600.0,
                'd' => 24.0,
                'wk' => 7.0 * 24.0,
                'mo' => (365.25 * 24.0) / 12.0,
                'yr' => 365.25 * 24.0,
            ],
            Dimension::FilmThickness => ['µm' => 1.0, 'mm' => 1e3, 'mil' => 1e3 * self::IN, 'in' => 1e6 * self::IN],
            Dimension::Ratio, Dimension::Count => ['' => 1.0],
            Dimension::Irradiance => ['W/m²' => 1.0, 'BTU/h/ft²' => self::BTU / 3600.0 / $ft2],
            Dimension::Speed => [
                'm/s' => 1.0,
                'ft/min' => self::FT / 60.0,
                'ft/s' => self::FT,
                'km/h' => 1e3 / 3600.0,
                'mph' => (1760.0 * self::YD) / 3600.0,
                'kn' => self::NM / 3600.0,
                'm/min' => 1.0 / 60.0,
                'mm/s' => 1e-3,
                'cm/s' => 1e-2,
                'in/s' => self::IN,
            ],
            Dimension::SpreadingRate => [
                'm²/L' => 1.0,
                'ft²/gal' => $ft2 / $gal,
                'ft²/US gal' => $ft2 / $us,
                'ft²/imp gal' => $ft2 / $imp,
            ],
            Dimension::VolumePerArea => [
                'L/m²' => 1.0,
                'mL/m²' => 1e-3,
                'gal/ft²' => $gal / $ft2,
                'fl oz/ft²' => $us / 128.0 / $ft2,
            ],
            Dimension::AreaRate => [
                'm²/h' => 1.0,
                'm²/min' => 60.0,
                'ft²/h' => $ft2,
                'ft²/min' => 60.0 * $ft2,
            ],
            Dimension::AbsoluteHumidity => ['g/m³' => 1.0, 'gr/ft³' => (1e3 * self::GRAIN) / self::FT ** 3],
            Dimension::ElectricCurrent => ['A' => 1.0, 'mA' => 1e-3],
            Dimension::ElectricPotential => ['V' => 1.0, 'mV' => 1e-3],
            Dimension::ElectricPower => ['W' => 1.0, 'kW' => 1e3],
            Dimension::CurrentDensity => [
                'A/dm²' => 1.0,
                'A/m²' => 0.01,
                'mA/cm²' => 0.1,
                'A/ft²' => 0.01 / $ft2,
            ],
            Dimension::VolumeRate => [
                'L/h' => 1.0,
                'L/min' => 60.0,
                'm³/h' => 1e3,
                'ft³/h' => 1e3 * self::FT ** 3,
                'ft³/min' => 60e3 * self::FT ** 3,
            ],
            Dimension::MassPerArea => [
                'g/m²' => 1.0,
                'kg/m²' => 1e3,
                'oz/yd²' => (1e3 * self::OZ) / self::YD ** 2,
                'oz/ft²' => (1e3 * self::OZ) / $ft2,
            ],
        };
    }
}
