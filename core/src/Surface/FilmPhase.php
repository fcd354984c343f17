<?php

declare(strict_types=1);

namespace Hull\Surface;

/** Where the top film stands between wet and cured. */
enum FilmPhase: string
{
    case None = 'none';
    case Wet = 'wet';
    case Tacky = 'tacky';
    case Open = 'open';
    case Shut = 'shut';
    case Lapsed = 'lapsed';
    case Cured = 'cured';

    public function words(): string
    {
        return match ($this) {
            self::None => 'no film',
            self::Wet => 'wet',
            self::Tacky => 'touch dry, too soon to recoat',
            self::Open => 'in its recoat window',
            self::Shut => 'in the gap where a new coat lifts it',
            self::Lapsed => 'past its recoat window',
            self::Cured => 'fully cured',
        };
    }
}
