<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** Shows quantities in the units a restorer would read them in, to a precision the work can use. */
final class QuantityFormat
{
    public static function text(Quantity $quantity, UnitSystem $system): string
    {
        $dimension = $quantity::dimension();
        if (Dimension::Duration === $dimension) {
            return self::duration($quantity->value());
        }
        $unit = self::unitFor($dimension, $quantity->value(), $system);

        return self::join(self::number($unit->fromRecord($quantity->value()), $dimension), $unit);
    }

    /** The unit in which a value of this size is shown. */
    public static function unitFor(Dimension $dimension, float $value, UnitSystem $system): Unit
    {
        $metric = UnitSystem::Metric === $system;
        $size = abs($value);
        $symbol = match ($dimension) {
            Dimension::Length => $metric ? ($size < 1.0 ? 'mm' : 'm') : ($size < 0.9144 ? 'in' : 'ft'),
            Dimension::Area => $metric ? ($size < 0.01 ? 'cm²' : 'm²') : ($size < 0.09290304 / 4 ? 'in²' : 'ft²'),
            Dimension::Volume => self::volume($size, $metric),
            Dimension::Mass => $metric ? ($size < 1.0 ? 'g' : 'kg') : ($size < 0.45359237 ? 'oz' : 'lb'),
            Dimension::Density => $metric ? 'kg/L' : 'lb/gal',
            Dimension::Temperature => $metric ? '°C' : '°F',
            Dimension::TemperatureDifference => $metric ? '°C' : '°F',
            Dimension::RelativeHumidity, Dimension::Percentage => '%',
            Dimension::Duration => $size < 1.0 ? 'min' : ($size <= 96.0 ? 'h' : 'd'),
            Dimension::FilmThickness => $metric ? 'µm' : 'mil',
            Dimension::Ratio, Dimension::Count => '',
            Dimension::Speed => $metric ? 'm/s' : 'ft/min',
            Dimension::SpreadingRate => $metric ? 'm²/L' : 'ft²/gal',
            Dimension::VolumePerArea => $metric ? 'L/m²' : 'gal/ft²',
            Dimension::AreaRate => $metric ? 'm²/h' : 'ft²/h',
            Dimension::AbsoluteHumidity => $metric ? 'g/m³' : 'gr/ft³',
            Dimension::MassPerArea => $metric ? 'g/m²' : 'oz/yd²',
            Dimension::ElectricCurrent => 'A',
            Dimension::ElectricPotential => 'V',
            Dimension::ElectricPower => 'W',
            Dimension::CurrentDensity => $metric ? 'A/dm²' : 'A/ft²',
            Dimension::Irradiance => $metric ? 'W/m²' : 'BTU/h/ft²',
            Dimension::VolumeRate => $metric ? ($size < 1000.0 ? 'L/h' : 'm³/h') : 'ft³/h',
        };

        return $dimension->unit($symbol) ?? $dimension->recordUnit();
    }

    /** What is poured in tins, what fills a room in cubes. */
    private static function volume(float $litres, bool $metric): string
    {
        $gallons = $litres / 3.785412;
        if ($metric) {
            return $litres < 1.0 ? 'mL' : ($litres < 2000.0 ? 'L' : 'm³');
        }

        return match (true) {
            $gallons < 1 / 8 => 'fl oz',
            $gallons < 1.0 => 'qt',
            $gallons < 500.0 => 'gal',
            default => 'ft³',
        };
    }

    /** Three figures, never in scientific notation, no trailing zeros. */
    public static function number(float $value, Dimension $dimension): string
    {
        $size = abs($value);
        $decimals = match (true) {
            Dimension::Temperature === $dimension, Dimension::TemperatureDifference === $dimension => 1,
            $size >= 100.0 => 0,
            $size >= 10.0 => 1,
            $size >= 1.0 => 2,
            $size >= 0.1 => 3,
            default => 4,
        };
        $text = number_format($value, $decimals, '.', '');
        if (str_contains($text, '.')) {
            $text = rtrim(rtrim($text, '0'), '.');
        }

        return '-0' === $text ? '0' : $text;
    }

    /** "34 min", "3 h 38 min", "3 d 13 h": two units at most, as a clock on the wall is read. */
    private static function duration(float $hours): string
    {
        $minutes = (int) round($hours * 60);
        if ($minutes < 60) {
            return (0 === $minutes && $hours > 0.0 ? self::number($hours * 60, Dimension::Duration) : $minutes) .
                ' min';
        }
        [$large, $small, $per] = $minutes < 1440 * 2 ? ['h', 'min', 60] : ['d', 'h', 24];
        $units = 'h' === $large ? $minutes : (int) round($minutes / 60);
        $rest = $units % $per;

        return intdiv($units, $per) . ' ' . $large . (0 === $rest ? '' : ' ' . $rest . ' ' . $small);
    }

    private static function join(string $number, Unit $unit): string
    {
        return trim($number . ' ' . $unit->symbol());
    }
}
