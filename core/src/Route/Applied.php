<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Surface\SurfaceState;

/** A surface after a step, and the time the step took. A wait that never ends has null hours. */
final readonly class Applied
{
    public function __construct(public SurfaceState $state, public float $handsOnMin, public ?float $waitHours) {}
}
