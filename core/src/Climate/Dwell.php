<?php

declare(strict_types=1);

namespace Hull\Climate;

use Hull\Quantity\Temperature;

/**
 * How long chemistry takes when it is colder or warmer than 20 C: twice as long for each 10 C less, at most three
 * times.
 */
final class Dwell
{
    private const REFERENCE_C = 20.0;
    private const MOST = 3.0;
    private const LEAST = 0.5;

    /** 2^((20 - T) / 10), held between 0.5 and 3. */
    public static function factor(Temperature $temperature): float
    {
        return max(self::LEAST, min(self::MOST, 2.0 ** ((self::REFERENCE_C - $temperature->c()) / 10.0)));
    }
}
