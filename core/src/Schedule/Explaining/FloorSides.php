<?php

declare(strict_types=1);

namespace Hull\Schedule\Explaining;

/** A floor as it is drawn, m. */
final readonly class FloorSides
{
    /** @param bool $said somebody said how large it is; else it is drawn as large as what stands on it wants */
    public function __construct(public float $long, public float $wide, public bool $said) {}
}
