<?php

declare(strict_types=1);

namespace Hull\Climate;

use Hull\Quantity\Duration;
use Hull\Quantity\InvalidQuantity;

/** Drying of washed parts; an estimate, always confirmed by a dryness test. */
final class Drying
{
    /** Base hours at 20 C and 60 % by how open the water lies. */
    public const BASE_HOURS = ['open' => 3.0, 'seams' => 12.0, 'cavities' => 36.0];
    private const REFERENCE_C = 20.0;
    private const REFERENCE_RH = 60.0;

    /** base / (VPD / VPDref). */
    public static function time(string $exposure, Air $air): Duration
    {
        $base = self::BASE_HOURS[$exposure] ?? throw new \LogicException('No drying exposure ' . $exposure . '.');
        $reference = Air::of(
            \Hull\Quantity\Temperature::celsius(self::REFERENCE_C),
            \Hull\Quantity\RelativeHumidity::percent(self::REFERENCE_RH),
        );
        if ($air->deficitHpa() < 0.02 * $reference->deficitHpa()) {
            throw new InvalidQuantity(
                'In air this damp nothing dries.',
                'drier or warmer air: below about 98 % relative humidity',
                'humidity',
            );
        }

        return Duration::hours(($base * $reference->deficitHpa()) / $air->deficitHpa());
    }
}
