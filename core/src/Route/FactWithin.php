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
        $level = $state->fact($this->fact);

        return (null === $this->min || $level >= $this->min) && (null === $this->max || $level <= $this->max);
    }

    public function couldHold(Reach $reach): bool
    {
        return $reach->within($this->fact, $this->min, $this->max);
    }
}
