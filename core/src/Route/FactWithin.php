<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Surface\SurfaceState;

final readonly class FactWithin implements Predicate
{
    public function __construct(public string $fact, private ?float $min, private ?float $max)
    {
    }

    public function holds(SurfaceState $state): bool
    {
        return $this->takes($state->fact($this->fact));
    }

    public function facts(): array
    {
        return [$this];
    }

    public function asksFilm(): bool
    {
        return false;
    }

    /** Equal for equal questions. */
    public function key(): string
    {
        return $this->fact.'/'.$this->min.'/'.$this->max;
    }

    /** Whether a level would do. */
    public function takes(float $level): bool
    {
        return (null === $this->min || $level >= $this->min) && (null === $this->max || $level <= $this->max);
    }

    public function mayStillHold(SurfaceState $state): bool
    {
        return true;
    }
}
