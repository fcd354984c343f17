<?php

declare(strict_types=1);

namespace Hull\Surface;

/** A question about a surface with a yes or a no. */
interface Predicate
{
    /** Equal for equal questions. */
    public function key(): string;

    public function holds(SurfaceState $state): bool;

    /** @return list<FactWithin> every fact it asks about */
    public function facts(): array;

    /** It looks at the film on top. */
    public function asksFilm(): bool;

    /** Whether time alone may still make it hold; asked only of films, true for facts. */
    public function mayStillHold(SurfaceState $state): bool;
}
