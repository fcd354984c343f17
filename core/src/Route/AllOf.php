<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Surface\SurfaceState;

final readonly class AllOf implements Predicate
{
    /** @param list<Predicate> $of */
    public function __construct(private array $of)
    {
    }

    public function holds(SurfaceState $state): bool
    {
        foreach ($this->of as $predicate) {
            if (!$predicate->holds($state)) {
                return false;
            }
        }

        return true;
    }

    public function couldHold(Reach $reach): bool
    {
        return $reach->allows($this->of);
    }
}
