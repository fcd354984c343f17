<?php

declare(strict_types=1);

namespace Hull\Climate;

use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;

/** The air in which a film may go on, by its sheet, and the rules of the trade on dew, wind and rain. */
final readonly class Limits
{
    /** Over this the spray is carried off the part, m/s. */
    public const SPRAY_WIND = 4.0;

    private function __construct(
        private float $least,
        private float $most,
        private float $leastHumidity,
        private float $mostHumidity,
    ) {}

    public static function of(
        Temperature $least,
        Temperature $most,
        RelativeHumidity $leastHumidity,
        RelativeHumidity $mostHumidity,
    ): self {
        return new self($least->c(), $most->c(), $leastHumidity->value(), $mostHumidity->value());
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
     * What keeps a film off while it is put on; a film still wet is harmed by dew and rain alone, see wet().
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
                ...self::wet($margin, $rain),
                $part < $this->least ? GateReason::Cold : null,
                $part > $this->most ? GateReason::Hot : null,
                $humidity > $this->mostHumidity + 1e-9 ? GateReason::Damp : null,
                $humidity < $this->leastHumidity - 1e-9 ? GateReason::Dry : null,
                $wind > self::SPRAY_WIND ? GateReason::Wind : null,
            ]),
        );
    }

    /** @return list<GateReason> what harms a film that is not touch dry yet */
    public static function wet(float $margin, float $rain): array
    {
        return array_values(
            array_filter([
                $rain > 0.0 ? GateReason::Rain : null,
                $margin < Air::DEW_MARGIN_C - 1e-9 ? GateReason::Dew : null,
            ]),
        );
    }
}
