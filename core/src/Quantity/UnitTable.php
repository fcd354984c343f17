<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** The units of every dimension, and which of them suit which size in which system. */
final class UnitTable
{
    /** @var array<int|string, non-empty-list<Unit>> */
    private static array $built = [];

    /** @return non-empty-list<Unit> */
    public static function of(Dimension $dimension): array
    {
        return self::$built[$dimension->value] ??= self::build($dimension);
    }

    /** @return non-empty-list<Unit> */
    private static function build(Dimension $dimension): array
    {
        return match ($dimension) {
            Dimension::Length => [
                new Unit(['m', 'metre', 'metres', 'meter', 'meters'], 1.0),
                new Unit(['mm'], 0.001),
                new Unit(['cm'], 0.01),
                new Unit(['ft', 'foot', 'feet', "'"], 0.3048),
                new Unit(['in', 'inch', 'inches', '"'], 0.0254),
                new Unit(['yd'], 0.9144),
            ],
            Dimension::Area => [
                new Unit(['m²', 'm2', 'sqm'], 1.0),
                new Unit(['cm²', 'cm2'], 0.0001),
                new Unit(['dm²', 'dm2'], 0.01),
                new Unit(['ft²', 'ft2', 'sqft', 'sq ft'], 0.09290304),
                new Unit(['in²', 'in2', 'sq in'], 0.00064516),
            ],
            Dimension::Volume => [
                new Unit(['L', 'l', 'litre', 'litres', 'liter', 'liters'], 1.0),
                new Unit(['mL', 'ml'], 0.001),
                new Unit(['cL', 'cl'], 0.01),
                new Unit(['cm³', 'cm3', 'cc'], 0.001),
                new Unit(['m³', 'm3'], 1000.0),
                new Unit(['gal', 'gallon', 'gallons'], 3.785412),
                new Unit(['qt', 'quart', 'quarts'], 3.785412 / 4),
                new Unit(['pt', 'pint', 'pints'], 3.785412 / 8),
                new Unit(['fl oz', 'floz'], 0.0295735),
            ],
            Dimension::Mass => [
                new Unit(['kg'], 1.0),
                new Unit(['g'], 0.001),
                new Unit(['t'], 1000.0),
                new Unit(['lb', 'lbs'], 0.45359237),
                new Unit(['oz'], 0.028349523125),
            ],
            Dimension::Density => [
                new Unit(['kg/L', 'kg/l', 'g/mL', 'g/ml', 'g/cm3'], 1.0),
                new Unit(['kg/m³', 'kg/m3'], 0.001),
                new Unit(['g/L', 'g/l'], 0.001),
                new Unit(['lb/gal'], 0.45359237 / 3.785412),
            ],
            Dimension::Temperature => [
                new Unit(['°C', 'C', 'degC', 'deg C'], 1.0),
                new Unit(['°F', 'F', 'degF', 'deg F'], 5 / 9, -160 / 9),
                new Unit(['K'], 1.0, -273.15),
            ],
            Dimension::TemperatureDifference => [
                new Unit(['°C', 'C', 'K', 'degC'], 1.0),
                new Unit(['°F', 'F', 'degF'], 5 / 9),
            ],
            Dimension::RelativeHumidity => [new Unit(['ratio'], 1.0), new Unit(['%', '% RH', 'percent'], 0.01)],
            Dimension::Percentage => [new Unit(['ratio'], 1.0), new Unit(['%', 'percent'], 0.01)],
            Dimension::Duration => [
                new Unit(['h', 'hr', 'hrs', 'hour', 'hours'], 1.0),
                new Unit(['min', 'mins', 'minute', 'minutes'], 1 / 60),
                new Unit(['s', 'sec', 'second', 'seconds'], 1 / 3600),
                new Unit(['d', 'day', 'days'], 24.0),
                new Unit(['wk', 'week', 'weeks'], 168.0),
            ],
            Dimension::FilmThickness => [
                new Unit(['µm', 'um', 'μm', 'micron', 'microns'], 1.0),
                new Unit(['mm'], 1000.0),
                new Unit(['mil', 'mils', 'thou'], 25.4),
            ],
            Dimension::Ratio => [new Unit(['', 'x'], 1.0)],
            Dimension::Count => [new Unit(['', 'x', 'pcs', 'pc', 'set'], 1.0)],
            Dimension::Speed => [new Unit(['m/s'], 1.0), new Unit(['ft/min'], 0.3048 / 60), new Unit(['ft/s'], 0.3048), new Unit(['km/h'], 1 / 3.6), new Unit(['mph'], 0.44704)],
            Dimension::SpreadingRate => [new Unit(['m²/L', 'm2/L', 'm2/l'], 1.0), new Unit(['ft²/gal', 'ft2/gal'], 0.09290304 / 3.785412)],
            Dimension::VolumePerArea => [new Unit(['L/m²', 'L/m2', 'l/m2'], 1.0), new Unit(['mL/m²', 'mL/m2', 'ml/m2'], 0.001), new Unit(['gal/ft²', 'gal/ft2'], 3.785412 / 0.09290304)],
            Dimension::AreaRate => [new Unit(['m²/h', 'm2/h'], 1.0), new Unit(['m²/min', 'm2/min'], 60.0), new Unit(['ft²/h', 'ft2/h'], 0.09290304), new Unit(['ft²/min', 'ft2/min'], 0.09290304 * 60)],
            Dimension::AbsoluteHumidity => [new Unit(['g/m³', 'g/m3'], 1.0), new Unit(['gr/ft³', 'gr/ft3'], 2.288352)],
            Dimension::ElectricCurrent => [new Unit(['A', 'amp', 'amps'], 1.0), new Unit(['mA'], 0.001)],
            Dimension::ElectricPotential => [new Unit(['V', 'volt', 'volts'], 1.0)],
            Dimension::ElectricPower => [new Unit(['W', 'watt', 'watts'], 1.0), new Unit(['kW'], 1000.0)],
            Dimension::CurrentDensity => [new Unit(['A/dm²', 'A/dm2'], 1.0), new Unit(['A/m²', 'A/m2'], 0.01), new Unit(['A/ft²', 'A/ft2'], 0.01 / 0.09290304)],
            Dimension::VolumeRate => [new Unit(['L/h', 'l/h'], 1.0), new Unit(['m³/h', 'm3/h'], 1000.0), new Unit(['ft³/h', 'ft3/h', 'cfh'], 28.316847)],
            Dimension::MassPerArea => [new Unit(['g/m²', 'g/m2'], 1.0), new Unit(['kg/m²', 'kg/m2'], 1000.0), new Unit(['oz/yd²', 'oz/yd2'], 33.905747), new Unit(['oz/ft²', 'oz/ft2'], 305.151727)],
        };
    }
}
