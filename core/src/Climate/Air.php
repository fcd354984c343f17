<?php

declare(strict_types=1);

namespace Hull\Climate;

use Hull\Quantity\AbsoluteHumidity;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;
use Hull\Quantity\TemperatureDifference;

/** The air at one place and moment: temperature and relative humidity, and what follows from them (Magnus formula). */
final readonly class Air
{
    /** A film goes on only while the part is at least this far above the dew point (ISO 8502-4). */
    public const DEW_MARGIN_C = 3.0;

    private function __construct(public Temperature $temperature, public RelativeHumidity $humidity) {}

    public static function of(Temperature $temperature, RelativeHumidity $humidity): self
    {
        if ($temperature->c() < -60.0 || $temperature->c() > 400.0) {
            throw new InvalidQuantity(
                sprintf('Air of %.0f C is outside what the dew-point formula holds for.', $temperature->c()),
                'an air temperature from -60 C to 400 C',
            );
        }

        return new self($temperature, $humidity);
    }

    /** es = 6.112 exp(17.62 T / (243.12 + T)) hPa. */
    public static function saturationHpa(Temperature $temperature): float
    {
        return self::saturation($temperature->c());
    }

    /** The same of bare numbers, for rows of hours. */
    public static function saturation(float $c): float
    {
        return 6.112 * exp((17.62 * $c) / max(1.0, 243.12 + $c));
    }

    /**
     * Dew point of bare numbers, degrees C.
     *
     * @param float $humidity 0.001 to 1
     */
    public static function dewPointC(float $c, float $humidity): float
    {
        $x = log((self::saturation($c) * $humidity) / 6.112);

        return (243.12 * $x) / (17.62 - $x);
    }

    public function vapourHpa(): float
    {
        return self::saturationHpa($this->temperature) * $this->humidity->value();
    }

    /** Vapour pressure deficit, hPa: what drives drying. */
    public function deficitHpa(): float
    {
        return self::saturationHpa($this->temperature) - $this->vapourHpa();
    }

    public function dewPoint(): Temperature
    {
        if ($this->humidity->value() < 0.001) {
            throw new InvalidQuantity(
                'Air without water has no dew point.',
                'a relative humidity from 0.1 % to 100 %',
                'humidity',
            );
        }

        return Temperature::celsius(self::dewPointC($this->temperature->c(), $this->humidity->value()));
    }

    /** How far a surface is above the dew point; negative means it is wet. */
    public function dewMargin(Temperature $surface): TemperatureDifference
    {
        return TemperatureDifference::celsius($surface->c() - $this->dewPoint()->c());
    }

    /** 216.7 e / (273.15 + T) g/m3. */
    public function absoluteHumidity(): AbsoluteHumidity
    {
        return AbsoluteHumidity::gramsPerM3((216.7 * $this->vapourHpa()) / $this->temperature->kelvin());
    }

    /**
     * The same air at another temperature: the vapour pressure stays (the water in a cubic metre does not, for the air
     * grows), so the dew point stays; cooled below it, water falls out and the air is full.
     */
    public function heatedTo(Temperature $temperature): self
    {
        return new self(
            $temperature,
            RelativeHumidity::ratio(min(1.0, $this->vapourHpa() / self::saturationHpa($temperature))),
        );
    }
}
