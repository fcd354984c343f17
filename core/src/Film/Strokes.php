<?php

declare(strict_types=1);

namespace Hull\Film;

use Hull\Quantity\Area;
use Hull\Quantity\AreaRate;
use Hull\Quantity\Count;
use Hull\Quantity\Duration;
use Hull\Quantity\FilmThickness;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\Length;
use Hull\Quantity\Percentage;
use Hull\Quantity\Speed;

/** Spray passes: how fast a fan covers, and how many coats hide a colour. */
final class Strokes
{
    /** fan width x (1 - overlap) x speed. */
    public static function rate(Length $fan, Percentage $overlap, Speed $speed): AreaRate
    {
        return AreaRate::m2PerHour($fan->m() * self::step($overlap) * $speed->mPerS() * 3600.0);
    }

    /** Passes over any spot in one trip: 50 % overlap lays two passes' film. */
    public static function passesPerTrip(Percentage $overlap): Count
    {
        return Count::of(1.0 / self::step($overlap));
    }

    public static function time(Area $area, AreaRate $rate): Duration
    {
        if ($rate->m2PerH() <= 0.0) {
            throw new InvalidQuantity('A fan that does not move covers nothing.', 'a fan width and speed above zero');
        }

        return Duration::hours($area->m2() / $rate->m2PerH());
    }

    /** ceil(hiding DFT / DFT per coat). */
    public static function coatsToHide(FilmThickness $hiding, FilmThickness $perCoat): Count
    {
        if ($perCoat->um() <= 0.0) {
            throw new InvalidQuantity('A coat of no thickness never hides.', 'a film thickness above 0 um');
        }

        return Count::of(ceil($hiding->um() / $perCoat->um() - 1e-9));
    }

    private static function step(Percentage $overlap): float
    {
        return $overlap->ratioValue() < 1.0
            ? 1.0 - $overlap->ratioValue()
            : throw new InvalidQuantity('With 100 % overlap the gun never moves on.', 'an overlap from 0 % to 90 %');
    }
}
