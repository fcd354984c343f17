<?php

declare(strict_types=1);

namespace Hull\Climate;

use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\Speed;

/** One hour of weather: the air, the wind, the rain. */
final readonly class Weather
{
    /** @param float $rainMm mm in the hour */
    private function __construct(public Air $air, public Speed $wind, public float $rainMm) {}

    public static function of(Air $air, ?Speed $wind = null, float $rainMm = 0.0): self
    {
        return $rainMm < 0.0 || $rainMm > 300.0
            ? throw new InvalidQuantity(sprintf('%g mm of rain in an hour cannot be.', $rainMm), '0 to 300 mm')
            : new self($air, $wind ?? Speed::metresPerSecond(0.0), $rainMm);
    }
}
