<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Catalog\Interlock;
use Hull\Job\RouteStep;

/** Two steps that bring chemicals together which must not meet. */
final readonly class ChemicalConflict
{
    /**
     * @param list<string> $firstZones
     * @param list<string> $zones
     */
    public function __construct(
        public Interlock $lock,
        public RouteStep $first,
        public array $firstZones,
        public RouteStep $then,
        public array $zones,
    ) {}

    /** On one zone its own route is checked for it. */
    public function isBetweenZones(): bool
    {
        return [] === array_intersect($this->firstZones, $this->zones);
    }
}
