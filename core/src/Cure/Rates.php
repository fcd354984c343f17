<?php

declare(strict_types=1);

namespace Hull\Cure;

use Hull\Climate\Air;
use Hull\Climate\Drying;
use Hull\Climate\Dwell;
use Hull\Climate\PartWarmth;
use Hull\Climate\PlaceAir;
use Hull\Climate\RateLine;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;

/** How fast the air of a place drives what waits in it: cure, drying, dwell. */
final class Rates
{
    /**
     * A cure clock that is out at 1 (calculations 8); it stands still where the film does not cure.
     *
     * @param PartWarmth $warmth the part's temperature drives the clock, not that of the air
     */
    public static function cure(
        PlaceAir $place,
        CureRows $rows,
        CureKind $kind,
        PartWarmth $warmth = new PartWarmth(),
    ): RateLine {
        $part = $place->part($warmth);
        if (!$kind->mindsHumidity()) {
            return RateLine::of((float) $place->from, array_map($rows->perHour(...), $part));
        }

        return self::line($place, $part, static function (Air $air) use ($rows, $kind): float {
            $factor = $kind->factor($rows, $air);

            return null === $factor ? 0.0 : $rows->perHour($air->temperature->c()) / $factor;
        });
    }

    /**
     * Drying of a washed part: hours of the reference air (20 C, 60 %) done per hour; rain begins it anew, and at the
     * freezing point the water stays as ice.
     */
    public static function drying(PlaceAir $place): RateLine
    {
        return self::line(
            $place,
            $place->celsius,
            static fn(Air $air): float => $air->temperature->c() <= 0.0 ? 0.0 : Drying::speed($air),
            array_map(static fn(float $mm): bool => $mm > 0.0, $place->rain),
        );
    }

    /**
     * Chemistry: hours at 20 C done per hour.
     *
     * @param float $leastC colder than so much below it, it stands still as a film does
     * @param PartWarmth $warmth the part's temperature drives it, not that of the air
     */
    public static function dwell(
        PlaceAir $place,
        float $leastC = -\INF,
        PartWarmth $warmth = new PartWarmth(),
    ): RateLine {
        return self::line(
            $place,
            $place->part($warmth),
            static fn(Air $air): float => $air->temperature->c() < $leastC - CureRows::REACH_C
                ? 0.0
                : 1.0 / Dwell::factor($air->temperature),
        );
    }

    /**
     * @param list<float> $celsius hour by hour
     * @param \Closure(Air): float $rate
     * @param list<bool> $voids
     */
    private static function line(PlaceAir $place, array $celsius, \Closure $rate, array $voids = []): RateLine
    {
        $rates = [];
        $known = [];
        foreach ($celsius as $at => $c) {
            $rates[] = $known[$c . '/' . $place->humidity[$at]] ??= $rate(
                Air::of(Temperature::celsius($c), RelativeHumidity::ratio($place->humidity[$at])),
            );
        }

        return RateLine::of((float) $place->from, $rates, $voids);
    }
}
