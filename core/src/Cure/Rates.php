<?php

declare(strict_types=1);

namespace Hull\Cure;

use Hull\Climate\Air;
use Hull\Climate\Drying;
use Hull\Climate\Dwell;
use Hull\Climate\PlaceAir;
use Hull\Climate\RateLine;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;

/** How fast the air of a place drives what waits in it: cure, drying, dwell. */
final class Rates
{
    /** A cure clock that is out at 1 (calculations 8); it stands still where the film does not cure. */
    public static function cure(PlaceAir $place, CureRows $rows, string $kind): RateLine
    {
        if (!CureFactor::mindsHumidity($kind)) {
            return RateLine::of((float) $place->from, array_map($rows->perHour(...), $place->celsius));
        }

        return self::line($place, static function (Air $air) use ($rows, $kind): float {
            $factor = CureFactor::humidity($kind, $air);

            return null === $factor ? 0.0 : $rows->perHour($air->temperature->c()) / $factor;
        });
    }

    /** Drying of a washed part: hours of the reference air (20 C, 60 %) done per hour. */
    public static function drying(PlaceAir $place): RateLine
    {
        $base = Drying::BASE_HOURS['open'];

        return self::line($place, static function (Air $air) use ($base): float {
            try {
                return $base / Drying::time('open', $air)->h();
            } catch (InvalidQuantity) {
                return 0.0;
            }
        });
    }

    /** Chemistry: hours at 20 C done per hour. */
    public static function dwell(PlaceAir $place): RateLine
    {
        return self::line($place, static fn(Air $air): float => 1.0 / Dwell::factor($air->temperature));
    }

    /** @param \Closure(Air): float $rate */
    private static function line(PlaceAir $place, \Closure $rate): RateLine
    {
        $rates = [];
        $known = [];
        foreach ($place->celsius as $at => $c) {
            $rates[] = $known[$c . '/' . $place->humidity[$at]] ??= $rate(
                Air::of(Temperature::celsius($c), RelativeHumidity::ratio($place->humidity[$at])),
            );
        }

        return RateLine::of((float) $place->from, $rates);
    }
}
