<?php

declare(strict_types=1);

namespace Hull\Film;

use Hull\Quantity\Percentage;

/** Paint that never reaches the part, by method, shape and place; typical, until the user's own log replaces it. */
final class Loss
{
    private const LATTICE_POINTS = 15;
    private const BREEZE_POINTS = 10;

    /** Whatever is said to be lost beside it, something reaches the part. */
    private const MOST = 0.9;

    public static function typical(
        Method $method,
        bool $latticeOrSmall,
        bool $outdoors,
        ?Percentage $more = null,
    ): Percentage {
        $points = $method->lossPoints ?? throw new \LogicException('No loss is known of ' . $method->id . '.');

        return Percentage::ratio(
            min(
                self::MOST,
                ($points + ($latticeOrSmall ? self::LATTICE_POINTS : 0) + ($outdoors ? self::BREEZE_POINTS : 0)) /
                    100.0 +
                    ($more?->ratioValue() ?? 0.0),
            ),
        );
    }
}
