<?php

declare(strict_types=1);

namespace Hull\Climate;

use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;

/**
 * The air in which a film, a resin, a glue or a wash may be worked, by its sheet, and the rules of the trade on dew,
 * wind and rain.
 */
final readonly class Limits
{
    /** Over this the spray is carried off the part, m/s. */
    public const SPRAY_WIND = 4.0;

    private function __construct(
        private float $least,
        private float $most,
        private float $leastHumidity,
        private float $mostHumidity,
        private bool $mindsDew = true,
        private bool $mindsRain = true,
    ) {}

    public static function of(
        Temperature $least,
        Temperature $most,
        RelativeHumidity $leastHumidity,
        RelativeHumidity $mostHumidity,
    ): self {
        return new self($least->c(), $most->c(), $leastHumidity->value(), $mostHumidity->value());
    }

    /** @return list<float|bool> */
    public function parts(): array
    {
        return [
            $this->least,
            $this->most,
            $this->leastHumidity,
            $this->mostHumidity,
            $this->mindsDew,
            $this->mindsRain,
        ];
    }

    /** Colder than this it is not worked, degrees C. */
    public function leastC(): float
    {
        return $this->least;
    }

    /** An oil or wax film lies on a damp morning as on any other. */
    public function withoutDew(): self
    {
        return new self($this->least, $this->most, $this->leastHumidity, $this->mostHumidity, false, $this->mindsRain);
    }

    /** Temperature and humidity alone: what is worked wet, or has its rain kept off otherwise. */
    public function withoutWeather(): self
    {
        return new self($this->least, $this->most, $this->leastHumidity, $this->mostHumidity, false, false);
    }

    /** What suits both. */
    public function and(self $other): self
    {
        return new self(
            max($this->least, $other->least),
            min($this->most, $other->most),
            max($this->leastHumidity, $other->leastHumidity),
            min($this->mostHumidity, $other->mostHumidity),
            $this->mindsDew || $other->mindsDew,
            $this->mindsRain || $other->mindsRain,
        );
    }

    /**
     * Wide enough for nearly every film: what closes a place for all of them (typical, of the sheets in the
     * catalogue).
     */
    public static function ofAnyFilm(): self
    {
        return self::of(
            Temperature::celsius(5.0),
            Temperature::celsius(38.0),
            RelativeHumidity::ratio(0.0),
            RelativeHumidity::ratio(1.0),
        );
    }

    /**
     * What keeps it off while it is worked; a film still wet is harmed by dew and rain alone.
     *
     * @param float $part degrees C
     * @param float $margin the part above the dew point, degrees C
     * @param float $humidity 0 to 1
     * @param float $wind m/s where it is sprayed, 0 for a brush
     * @param float $rain mm an hour
     *
     * @return list<GateReason>
     */
    public function closed(float $part, float $margin, float $humidity, float $wind = 0.0, float $rain = 0.0): array
    {
        return array_values(
            array_filter([
                $this->mindsRain && $rain > 0.0 ? GateReason::Rain : null,
                $this->isDewy($margin) ? GateReason::Dew : null,
                $part < $this->least ? GateReason::Cold : null,
                $part > $this->most ? GateReason::Hot : null,
                $humidity > $this->mostHumidity + 1e-9 ? GateReason::Damp : null,
                $humidity < $this->leastHumidity - 1e-9 ? GateReason::Dry : null,
                $wind > self::SPRAY_WIND ? GateReason::Wind : null,
            ]),
        );
    }

    /** @param float $margin the part above the dew point, degrees C */
    public function isDewy(float $margin): bool
    {
        return $this->mindsDew && $margin < Air::DEW_MARGIN_C - 1e-9;
    }
}
