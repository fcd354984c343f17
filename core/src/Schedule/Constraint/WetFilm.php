<?php

declare(strict_types=1);

namespace Hull\Schedule\Constraint;

use Hull\Climate\GateLine;
use Hull\Climate\GateReason;

/** A film that is put on: when it may be, and how long dust, dew and rain harm it. */
final readonly class WetFilm
{
    public LagTime $dewFree;
    public LagTime $rainSafe;

    /**
     * @param LagTime $dry to the touch: dust no longer sticks
     * @param LagTime|null $rainSafe not given: when it is dry
     * @param LagTime|null $dewFree not given: when it is dry
     * @param bool $mindsDust an oil or wax film does not
     */
    public function __construct(
        public GateLine $gate,
        public LagTime $dry,
        ?LagTime $rainSafe = null,
        ?LagTime $dewFree = null,
        public bool $mindsDust = true,
    ) {
        $this->rainSafe = $rainSafe ?? $dry;
        $this->dewFree = $dewFree ?? $dry;
    }

    /**
     * What is against laying it between two hours, and the hour after which to try again; null when nothing is.
     *
     * @return array{GateReason, float}|null
     */
    public function against(float $start, float $end): ?array
    {
        return $this->gate->against($start, $end, $this->dewFree->after($end), $this->rainSafe->after($end));
    }
}
