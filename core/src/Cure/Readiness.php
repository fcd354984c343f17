<?php

declare(strict_types=1);

namespace Hull\Cure;

/** What a film may be asked to stand before it is fully cured. */
enum Readiness: string
{
    case Rain = 'rain';
    case Handle = 'handle';
    case Sand = 'sand';
    case Refit = 'refit';
    case Water = 'water';

    public function words(): string
    {
        return match ($this) {
            self::Rain => 'rain',
            self::Handle => 'handling',
            self::Sand => 'sanding',
            self::Refit => 'refitting',
            self::Water => 'water',
        };
    }

    /** Where a sheet does not say (estimate; a thumb and a test spot have the word). */
    public function shareOfFull(): float
    {
        return match ($this) {
            self::Rain => 0.05,
            self::Sand => 0.1,
            self::Handle => 0.15,
            self::Water => 0.4,
            self::Refit => 0.5,
        };
    }
}
