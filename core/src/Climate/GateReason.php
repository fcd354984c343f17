<?php

declare(strict_types=1);

namespace Hull\Climate;

/** Why no film may go on. */
enum GateReason: string
{
    case Dew = 'dew';
    case Cold = 'cold';
    case Hot = 'hot';
    case Damp = 'damp';
    case Dry = 'dry';
    case Wind = 'wind';
    case Rain = 'rain';
    case Wet = 'wet';
    case Dark = 'dark';
    /** After it is on, before it bears that. */
    case DewSoon = 'dew-soon';
    case RainSoon = 'rain-soon';

    public function words(): string
    {
        return match ($this) {
            self::Dew => 'the part is less than 3 °C above the dew point',
            self::Cold => 'it is colder than the sheet allows',
            self::Hot => 'it is hotter than the sheet allows',
            self::Damp => 'the air is damper than the sheet allows',
            self::Dry => 'the air is drier than the sheet allows',
            self::Wind => 'the wind is over 4 m/s',
            self::Rain => 'it rains',
            self::Wet => 'it is still wet from the rain',
            self::Dark => 'it is dark outdoors',
            self::DewSoon => 'dew comes before the film bears it',
            self::RainSoon => 'rain comes before the film bears it',
        };
    }
}
