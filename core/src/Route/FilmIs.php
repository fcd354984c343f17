<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Surface\FilmPhase;
use Hull\Surface\SurfaceState;

/** The top film is in one of these phases. */
final readonly class FilmIs implements Predicate
{
    /** @param list<FilmPhase> $phases */
    public function __construct(private array $phases)
    {
    }

    public function holds(SurfaceState $state): bool
    {
        return in_array($state->phase(), $this->phases, true)
            || (in_array(FilmPhase::Lapsed, $this->phases, true) && true === $state->top()?->isPastWindow());
    }

    public function couldHold(Reach $reach): bool
    {
        return $reach->phase($this->phases);
    }
}
