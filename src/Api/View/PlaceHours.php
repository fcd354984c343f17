<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** The air of a place, hour by hour; the numbers are for drawing, in degrees Celsius, m/s and mm. */
final readonly class PlaceHours
{
    /**
     * @param list<float> $celsius
     * @param list<float> $low edge of the band in which it may come
     * @param list<float> $high
     * @param list<float> $margin of a thin sheet above the dew point
     * @param list<float> $wind 0 inside
     * @param list<float> $rain 0 inside
     * @param list<string> $closed why no film may be out there wet; empty where it may
     * @param list<TickView> $ticks of a scale, in the reader's units
     * @param list<string|Message> $matters what of the next two days matters
     * @param string|Message $sun how warm parts get in the sun; empty where none shines on them
     * @param string|Message $sunHow how that was reckoned
     * @param int $shutHours of the next two days, closed to wet films
     */
    public function __construct(
        public string $name,
        public string $kind,
        public string $from,
        public array $celsius,
        public array $low,
        public array $high,
        public array $margin,
        public array $wind,
        public array $rain,
        public array $closed,
        public string $measuredUntil,
        public string $guessFrom,
        public array $ticks,
        public string $air,
        public Value $dewMargin,
        public string|Message $source,
        public string|Message $sun,
        public string|Message $sunHow,
        public array $matters,
        public int $shutHours,
    ) {}
}
