<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Surface\SurfaceState;

/** Several questions asked at once. */
abstract readonly class Several implements Predicate
{
    /** @param list<Predicate> $of */
    public function __construct(public array $of)
    {
    }

    public function facts(): array
    {
        return array_merge([], ...array_map(static fn (Predicate $p): array => $p->facts(), $this->of));
    }

    public function asksFilm(): bool
    {
        foreach ($this->of as $predicate) {
            if ($predicate->asksFilm()) {
                return true;
            }
        }

        return false;
    }

    public function mayStillHold(SurfaceState $state): bool
    {
        return true;
    }
}
