<?php

declare(strict_types=1);

namespace Hull\Bath;

use Hull\Quantity\Area;
use Hull\Quantity\CurrentDensity;
use Hull\Quantity\ElectricCurrent;
use Hull\Quantity\VolumeRate;

/** Rust loosened by a current in washing soda (calculations 6). */
final readonly class Electrolysis
{
    /** Litres of hydrogen in an hour for each ampere, dry, at 0 C. */
    public const HYDROGEN = 0.418;
    /** A quarter of the lower limit at which hydrogen burns in air. */
    public const SAFE_SHARE = 0.01;

    public static function current(Area $part, CurrentDensity $density): ElectricCurrent
    {
        return ElectricCurrent::amperes($part->m2() * 100.0 * $density->perDm2());
    }

    public static function hydrogen(ElectricCurrent $current): VolumeRate
    {
        return VolumeRate::litresPerHour(self::HYDROGEN * $current->amps());
    }

    /** Fresh air that keeps hydrogen under one per cent. */
    public static function air(VolumeRate $hydrogen): VolumeRate
    {
        return VolumeRate::litresPerHour($hydrogen->lPerH() / self::SAFE_SHARE);
    }
}
