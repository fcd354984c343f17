<?php

declare(strict_types=1);

namespace Hull\Climate;

use Hull\Quantity\Area;

/** What it takes to keep a place warmer than it would be by itself. */
final class Heating
{
    private const W_PER_KW = 1000.0;

    /**
     * kWh = loss x floor x sum over hours of (heated - as it would be), an estimate: walls, sun and open doors are in
     * the loss of the kind of place.
     *
     * @param float $from hours since 1970 UTC
     */
    public static function kwh(
        Enclosure $place,
        Area $floor,
        PlaceAir $as,
        PlaceAir $heated,
        float $from,
        float $to,
    ): float {
        $degreeHours = 0.0;
        for ($hour = floor($from); $hour < $to; ++$hour) {
            $degreeHours += max(0.0, $heated->airAt($hour)->temperature->c() - $as->airAt($hour)->temperature->c());
        }

        return ($place->lossWPerM2K * $floor->m2() * $degreeHours) / self::W_PER_KW;
    }
}
