<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Catalog\Step;
use Hull\Quantity\Area;

/** What a step is weighed at when routes are compared: everything in minutes of a restorer's time. */
final class Effort
{
    /** An hour that passes by itself costs little: something else is done meanwhile. */
    public const WAIT_MINUTES_PER_HOUR = 4.0;
    /** Each step is one more thing to get ready for and to clear away. */
    public const STEP_MINUTES = 1.0;
    /** Money at 30 an hour. */
    public const MINUTES_PER_MONEY = 0.02;

    public static function of(Step $step, float $handsOnMin, float $waitHours, Area $area): float
    {
        return self::STEP_MINUTES +
            $handsOnMin +
            $waitHours * self::WAIT_MINUTES_PER_HOUR +
            $step->takes->penalty +
            self::money($step, $area) * self::MINUTES_PER_MONEY;
    }

    /** Minor units of money. */
    public static function money(Step $step, Area $area): float
    {
        return $step->takes->money + $step->takes->fee + $step->takes->moneyPerM2 * $area->m2();
    }
}
