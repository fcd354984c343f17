<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** The units of every dimension, and which of them suit which size in which system. */
final class UnitTable
{
    /** @var array<int|string, non-empty-list<Unit>> */
    private static array $built = [];

    /** @return non-empty-list<Unit> */
    public static function of(Dimension $dimension, Gallon $gallon = Gallon::Us): array
    {
        return self::$built[$dimension->value . $gallon->value] ??= self::build($dimension, $gallon);
    }

    /**
     * @return non-empty-list<Unit> the first is the unit of record; the first symbol of each is the one that is shown
     */
    private static function build(Dimension $dimension, Gallon $gallon): array
    {
        $gal = $gallon->litres();
        $ft2 = 0.09290304;

        return match ($dimension) {
            Dimension::Length => [
                new Unit(['m', 'metre', 'metres', 'meter', 'meters'], 1.0),
                new Unit(['mm', 'millimetre', 'millimetres', 'millimeter', 'millimeters'], 0.001),
                new Unit(['cm', 'centimetre', 'centimetres', 'centimeter', 'centimeters'], 0.01),
                new Unit(['dm'], 0.1),
                new Unit(['km'], 1000.0),
                new Unit(['ft', 'foot', 'feet', "'"], 0.3048),
                new Unit(['in', 'ins', 'inch', 'inches', '"'], 0.0254),
                new Unit(['yd', 'yds', 'yard', 'yards'], 0.9144),
                new Unit(['um', 'micron', 'microns'], 1e-6),
                new Unit(['thou', 'mil', 'mils'], 2.54e-5),
            ],
            Dimension::Area => [
                new Unit(['m²', ...self::squares('m', 'metre', 'metres', 'meter', 'meters')], 1.0),
                new Unit(['cm²', ...self::squares('cm')], 0.0001),
                new Unit(['dm²', ...self::squares('dm')], 0.01),
                new Unit(['mm²', ...self::squares('mm')], 1e-6),
                new Unit(['ft²', ...self::squares('ft', 'foot', 'feet')], $ft2),
                new Unit(['in²', ...self::squares('in', 'inch', 'inches')], 0.00064516),
                new Unit(['yd²', ...self::squares('yd', 'yard', 'yards')], 0.83612736),
            ],
            Dimension::Volume => [
                new Unit(['L', 'l', 'ltr', 'ltrs', 'litre', 'litres', 'liter', 'liters'], 1.0),
                new Unit(['mL', 'ml', 'mls', 'millilitre', 'millilitres', 'milliliter', 'milliliters'], 0.001),
                new Unit(['cL', 'cl'], 0.01),
                new Unit(['dL', 'dl'], 0.1),
                new Unit(['cm³', 'cm3', 'cc', 'ccm'], 0.001),
                new Unit(['m³', 'm3', 'cbm'], 1000.0),
                new Unit(['ft³', 'ft3', 'cu ft', 'cuft'], 28.316847),
                ...self::gallons('', $gallon),
                ...self::gallons('US', Gallon::Us),
                ...self::gallons('imp', Gallon::Imperial, 'imperial', 'UK'),
            ],
            Dimension::Mass => [
                new Unit(['kg', 'kgs', 'kilo', 'kilos', 'kilogram', 'kilograms', 'kilogramme', 'kilogrammes'], 1.0),
                new Unit(['g', 'gr', 'gm', 'gms', 'gram', 'grams', 'gramme', 'grammes'], 0.001),
                new Unit(['mg', 'milligram', 'milligrams'], 1e-6),
                new Unit(['t', 'tonne', 'tonnes'], 1000.0),
                new Unit(['lb', 'lbs', 'pound', 'pounds'], 0.45359237),
                new Unit(['oz', 'ounce', 'ounces'], 0.028349523125),
            ],
            Dimension::Density => [
                new Unit(
                    [
                        'kg/L',
                        'kg/l',
                        'kg/litre',
                        'kg/liter',
                        'kg/dm3',
                        'kg/dm³',
                        'g/mL',
                        'g/ml',
                        'g/cm3',
                        'g/cm³',
                        'g/cc',
                        'SG',
                        'sp gr',
                    ],
                    1.0,
                ),
                new Unit(['kg/m³', 'kg/m3'], 0.001),
                new Unit(['g/L', 'g/l', 'g/litre', 'g/liter', 'grams/litre', 'grams/liter'], 0.001),
                new Unit(['lb/gal', 'lbs/gal', 'lb/gallon', 'lbs/gallon', 'pounds/gallon', 'ppg'], 0.45359237 / $gal),
                new Unit(['lb/US gal', 'lbs/US gal'], 0.45359237 / Gallon::Us->litres()),
                new Unit(['lb/imp gal', 'lbs/imp gal'], 0.45359237 / Gallon::Imperial->litres()),
                new Unit(['lb/ft³', 'lb/ft3', 'lbs/ft3'], 0.01601846),
            ],
            Dimension::Temperature => [
                new Unit(
                    [
                        '°C',
                        'C',
                        '° C',
                        'degC',
                        'deg C',
                        'degree C',
                        'degrees C',
                        'celsius',
                        'centigrade',
                        'degrees celsius',
                        'degrees centigrade',
                    ],
                    1.0,
                ),
                new Unit(
                    ['°F', 'F', '° F', 'degF', 'deg F', 'degree F', 'degrees F', 'fahrenheit', 'degrees fahrenheit'],
                    5 / 9,
                    -160 / 9,
                ),
                new Unit(['K', 'kelvin'], 1.0, -273.15),
            ],
            Dimension::TemperatureDifference => [
                new Unit(['°C', 'C', 'K', 'degC', 'deg C', 'degrees C'], 1.0),
                new Unit(['°F', 'F', 'degF', 'deg F', 'degrees F'], 5 / 9),
            ],
            Dimension::RelativeHumidity => [
                new Unit(['ratio'], 1.0),
                new Unit(['%', '% RH', '%RH', 'RH', 'percent', 'per cent', 'pct', 'percent RH'], 0.01),
            ],
            Dimension::Percentage => [new Unit(['ratio'], 1.0), new Unit(['%', 'percent', 'per cent', 'pct'], 0.01)],
            Dimension::Duration => [
                new Unit(['h', 'hr', 'hrs', 'hour', 'hours'], 1.0),
                new Unit(['min', 'mins', 'minute', 'minutes', 'm'], 1 / 60),
                new Unit(['s', 'sec', 'secs', 'second', 'seconds'], 1 / 3600),
                new Unit(['d', 'day', 'days'], 24.0),
                new Unit(['wk', 'wks', 'week', 'weeks', 'w'], 168.0),
                new Unit(['mo', 'month', 'months'], 730.5),
                new Unit(['yr', 'yrs', 'year', 'years'], 8766.0),
            ],
            Dimension::FilmThickness => [
                new Unit(
                    [
                        'µm',
                        'um',
                        'μm',
                        'u',
                        'my',
                        'mic',
                        'mics',
                        'micron',
                        'microns',
                        'micrometre',
                        'micrometres',
                        'micrometer',
                        'micrometers',
                    ],
                    1.0,
                ),
                new Unit(['mm', 'millimetre', 'millimetres'], 1000.0),
                new Unit(['mil', 'mils', 'thou', 'thous'], 25.4),
                new Unit(['in', 'inch', 'inches', '"'], 25_400.0),
            ],
            Dimension::Ratio => [new Unit(['', 'x'], 1.0)],
            Dimension::Count => [new Unit(['', 'x', 'pcs', 'pc', 'piece', 'pieces', 'off', 'set', 'sets'], 1.0)],
            Dimension::Irradiance => [
                new Unit(['W/m²', 'W/m2', 'W/sqm'], 1.0),
                new Unit(['BTU/h/ft²', 'BTU/h/ft2', 'BTU/hr/ft2'], 3.15459),
            ],
            Dimension::Speed => [
                new Unit(['m/s', 'm/sec', 'mps'], 1.0),
                new Unit(['ft/min', 'fpm'], 0.3048 / 60),
                new Unit(['ft/s', 'ft/sec', 'fps'], 0.3048),
                new Unit(['km/h', 'kph', 'kmh', 'km/hr'], 1 / 3.6),
                new Unit(['mph', 'mi/h', 'miles/hour'], 0.44704),
                new Unit(['kn', 'kt', 'kts', 'knot', 'knots'], 1852 / 3600),
                new Unit(['m/min'], 1 / 60),
                new Unit(['mm/s'], 0.001),
                new Unit(['cm/s'], 0.01),
                new Unit(['in/s'], 0.0254),
            ],
            Dimension::SpreadingRate => [
                new Unit(['m²/L', ...self::over(self::squares('m'), 'L', 'l', 'litre', 'liter')], 1.0),
                new Unit(['ft²/gal', ...self::over(self::squares('ft', 'feet'), 'gal', 'gallon')], $ft2 / $gal),
                new Unit(
                    ['ft²/US gal', ...self::over(self::squares('ft', 'feet'), 'US gal')],
                    $ft2 / Gallon::Us->litres(),
                ),
                new Unit(
                    ['ft²/imp gal', ...self::over(self::squares('ft', 'feet'), 'imp gal')],
                    $ft2 / Gallon::Imperial->litres(),
                ),
            ],
            Dimension::VolumePerArea => [
                new Unit(['L/m²', 'L/m2', 'l/m2', 'L/sq m', 'L/sqm', 'litres/m2'], 1.0),
                new Unit(['mL/m²', 'mL/m2', 'ml/m2', 'mL/sq m'], 0.001),
                new Unit(['gal/ft²', 'gal/ft2', 'gal/sq ft', 'gal/sqft'], $gal / $ft2),
                new Unit(['fl oz/ft²', 'fl oz/ft2', 'fl oz/sq ft'], 0.0295735 / $ft2),
            ],
            Dimension::AreaRate => [
                new Unit(['m²/h', ...self::over(self::squares('m'), 'h', 'hr', 'hour')], 1.0),
                new Unit(['m²/min', ...self::over(self::squares('m'), 'min', 'minute')], 60.0),
                new Unit(['ft²/h', ...self::over(self::squares('ft', 'feet'), 'h', 'hr', 'hour')], $ft2),
                new Unit(['ft²/min', ...self::over(self::squares('ft', 'feet'), 'min', 'minute')], $ft2 * 60),
            ],
            Dimension::AbsoluteHumidity => [new Unit(['g/m³', 'g/m3'], 1.0), new Unit(['gr/ft³', 'gr/ft3'], 2.288352)],
            Dimension::ElectricCurrent => [
                new Unit(['A', 'amp', 'amps', 'ampere', 'amperes'], 1.0),
                new Unit(['mA'], 0.001),
            ],
            Dimension::ElectricPotential => [new Unit(['V', 'volt', 'volts'], 1.0), new Unit(['mV'], 0.001)],
            Dimension::ElectricPower => [new Unit(['W', 'watt', 'watts'], 1.0), new Unit(['kW'], 1000.0)],
            Dimension::CurrentDensity => [
                new Unit(['A/dm²', 'A/dm2'], 1.0),
                new Unit(['A/m²', 'A/m2'], 0.01),
                new Unit(['mA/cm²', 'mA/cm2'], 0.1),
                new Unit(['A/ft²', 'A/ft2', 'A/sq ft', 'asf'], 0.01 / $ft2),
            ],
            Dimension::VolumeRate => [
                new Unit(['L/h', 'l/h', 'L/hr'], 1.0),
                new Unit(['L/min', 'l/min', 'lpm'], 60.0),
                new Unit(['m³/h', 'm3/h'], 1000.0),
                new Unit(['ft³/h', 'ft3/h', 'cfh'], 28.316847),
                new Unit(['ft³/min', 'ft3/min', 'cfm'], 28.316847 * 60),
            ],
            Dimension::MassPerArea => [
                new Unit(['g/m²', 'g/m2', 'gsm', 'g/sq m', 'g/sqm'], 1.0),
                new Unit(['kg/m²', 'kg/m2', 'kg/sq m'], 1000.0),
                new Unit(['oz/yd²', 'oz/yd2', 'oz/sq yd'], 33.905747),
                new Unit(['oz/ft²', 'oz/ft2', 'oz/sq ft', 'oz/sqft'], 305.151727),
            ],
        };
    }

    /**
     * Ways to write the square of a unit.
     *
     * @return list<string> "m2", "sqm", "sq m", "square metres"
     */
    private static function squares(string $unit, string ...$words): array
    {
        $all = [
            $unit . '2',
            $unit . '²',
            'sq' . $unit,
            'sq ' . $unit,
            'sq. ' . $unit,
            'square ' . $unit,
            $unit . ' sq',
        ];
        foreach ($words as $word) {
            $all = [...$all, 'sq ' . $word, 'sq' . $word, 'square ' . $word, $word . '2'];
        }

        return $all;
    }

    /**
     * @param list<string> $tops
     *
     * @return list<string> each over each
     */
    private static function over(array $tops, string ...$bottoms): array
    {
        return array_merge(
            ...array_map(
                static fn(string $b): array => array_map(static fn(string $t): string => $t . '/' . $b, $tops),
                array_values($bottoms),
            ),
        );
    }

    /** @return list<Unit> gallon, quart, pint and fluid ounce, with the words that may stand before them */
    private static function gallons(string $shown, Gallon $of, string ...$also): array
    {
        $ounce = Gallon::Us === $of ? 0.0295735 : 4.54609 / 160;
        $units = [];
        foreach (
            [
                [['gal', 'gals', 'gallon', 'gallons'], $of->litres()],
                [['qt', 'qts', 'quart', 'quarts'], $of->litres() / 4],
                [['pt', 'pts', 'pint', 'pints'], $of->litres() / 8],
                [['fl oz', 'floz', 'fl. oz', 'oz fl', 'fluid ounce', 'fluid ounces'], $ounce],
            ]
            as [$names, $litres]
        ) {
            $symbols = [];
            foreach ([$shown, ...$also] as $before) {
                $symbols = [
                    ...$symbols,
                    ...array_map(static fn(string $n): string => trim($before . ' ' . $n), $names),
                ];
            }
            $units[] = new Unit(
                '' === $shown
                    ? $symbols
                    : [...$symbols, ...array_map(static fn(string $n): string => $n . ' ' . $shown, $names)],
                $litres,
            );
        }

        return $units;
    }
}
