<?php

declare(strict_types=1);

namespace Hull\Climate;

use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\Irradiance;
use Hull\Quantity\Speed;

/** One hour of weather: the air, the wind, the rain, the sun. */
final readonly class Weather
{
    /** More than this no sun brings to the ground, W by m2. */
    public const MOST_SUN = 1400.0;

    /**
     * @param float $rainMm mm in the hour
     * @param Irradiance $sun none at night and where nothing is known of it
     */
    private function __construct(public Air $air, public Speed $wind, public float $rainMm, public Irradiance $sun) {}

    public static function of(Air $air, ?Speed $wind = null, float $rainMm = 0.0, ?Irradiance $sun = null): self
    {
        $sun ??= Irradiance::wattsPerM2(0.0);
        if ($rainMm < 0.0 || $rainMm > 300.0) {
            throw new InvalidQuantity(sprintf('%g mm of rain in an hour cannot be.', $rainMm), '0 to 300 mm');
        }

        return $sun->wPerM2() > self::MOST_SUN
            ? throw new InvalidQuantity(sprintf('Sun of %g W/m2 cannot be.', $sun->wPerM2()), '0 to 1400 W/m2')
            : new self($air, $wind ?? Speed::metresPerSecond(0.0), $rainMm, $sun);
    }

    /** The same hour in other air, with or without its sun. */
    public function inAir(Air $air, bool $sunny): self
    {
        return new self($air, $this->wind, $this->rainMm, $sunny ? $this->sun : Irradiance::wattsPerM2(0.0));
    }
}
