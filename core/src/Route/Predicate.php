<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Surface\SurfaceState;

/** A question about a surface with a yes or a no. */
interface Predicate
{
    public function holds(SurfaceState $state): bool;

    /** False only when no preparation can make it hold. */
    public function couldHold(Reach $reach): bool;
}
