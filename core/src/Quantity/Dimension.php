<?php

declare(strict_types=1);

namespace Hull\Quantity;

/**
 * What kind of thing a quantity is. The unit each case is stored in is its first unit.
 *
 * Factors: 1 mil = 25.4 um, 1 US gal = 3.785412 L, 1 ft2 = 0.09290304 m2, 1 US fl oz = 29.5735 mL.
 */
enum Dimension: string
{
    case Length = 'length';
    case Area = 'area';
    case Volume = 'volume';
    case Mass = 'mass';
    case Density = 'density';
    case Temperature = 'temperature';
    case TemperatureDifference = 'temperature difference';
    case RelativeHumidity = 'relative humidity';
    case Duration = 'duration';
    case FilmThickness = 'film thickness';
    case Percentage = 'percentage';
    case Ratio = 'ratio';
    case Count = 'count';
    case Speed = 'speed';
    case SpreadingRate = 'spreading rate';
    case VolumePerArea = 'volume per area';
    case AreaRate = 'area rate';
    case AbsoluteHumidity = 'absolute humidity';
    case MassPerArea = 'mass per area';
    case ElectricCurrent = 'current';
    case ElectricPotential = 'voltage';
    case ElectricPower = 'power';
    case CurrentDensity = 'current density';
    case VolumeRate = 'flow';
    case Irradiance = 'irradiance';

    /** @return non-empty-list<Unit> the first is the unit of record */
    public function units(): array
    {
        return UnitTable::of($this);
    }

    public function recordUnit(): Unit
    {
        return $this->units()[0];
    }

    public function unit(string $symbol): ?Unit
    {
        foreach ($this->units() as $unit) {
            foreach ($unit->symbols as $known) {
                if ($known === $symbol) {
                    return $unit;
                }
            }
        }
        foreach ($this->units() as $unit) {
            foreach ($unit->symbols as $known) {
                if (mb_strtolower($known) === mb_strtolower($symbol)) {
                    return $unit;
                }
            }
        }

        return null;
    }

    /** Least value that can exist, in the unit of record; null when there is no floor. */
    public function floor(): ?float
    {
        return match ($this) {
            self::Temperature => -273.15,
            self::TemperatureDifference => null,
            default => 0.0,
        };
    }

    /** Largest value that can exist, in the unit of record. */
    public function ceiling(): ?float
    {
        return self::RelativeHumidity === $this ? 1.0 : null;
    }

    /** What a person may type for this dimension. */
    public function accepted(): string
    {
        return match ($this) {
            self::Length => 'a length such as 40 mm, 1.2 m, 12 ft 4 in',
            self::Area => 'an area such as 2.5 m2 or 27 ft2',
            self::Volume => 'a volume such as 400 ml, 1.5 L, 2 qt, 1.5 gal',
            self::Mass => 'a mass such as 250 g, 1.5 kg, 2 lb',
            self::Density => 'a density such as 1.4 kg/L or 11.7 lb/gal',
            self::Temperature => 'a temperature from -273.15 C up, such as 18 C or 70 F',
            self::TemperatureDifference => 'a temperature difference such as 3 C or 5 F',
            self::RelativeHumidity => 'a relative humidity from 0 % to 100 %',
            self::Duration => 'a duration such as 90 min, 4 h, 2 d, 1 h 30 min',
            self::FilmThickness => 'a film thickness such as 60 um or 2.5 mil',
            self::Percentage => 'a percentage such as 30 %',
            self::Ratio => 'a plain number',
            self::Count => 'a whole number such as 2',
            self::Speed => 'a speed such as 0.5 m/s or 100 ft/min',
            self::SpreadingRate => 'a spreading rate such as 8.3 m2/L or 340 ft2/gal',
            self::VolumePerArea => 'a volume per area such as 0.04 L/m2',
            self::AreaRate => 'an area rate such as 3.75 m2/min or 12 m2/h',
            self::AbsoluteHumidity => 'an absolute humidity such as 8.6 g/m3',
            self::MassPerArea => 'a mass per area such as 450 g/m2',
            self::ElectricCurrent => 'a current such as 8 A',
            self::ElectricPotential => 'a voltage such as 12 V',
            self::ElectricPower => 'a power such as 96 W or 0.1 kW',
            self::CurrentDensity => 'a current density such as 0.5 A/dm2',
            self::VolumeRate => 'a flow such as 3.3 L/h or 0.3 m3/h',
            self::Irradiance => 'sun such as 600 W/m2',
        };
    }
}
