<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Surface\SurfaceState;

/** A surface after a step, and the time the step took, setting up within it. A wait that never ends has null hours. */
final readonly class Applied
{
    private const WORTH_A_WORD_MIN = 20.0;

    public function __construct(
        public SurfaceState $state,
        public float $handsOnMin,
        public ?float $waitHours,
        public float $setUpMin,
    ) {}

    public function workingMin(): float
    {
        return $this->handsOnMin - $this->setUpMin;
    }

    /** Twenty minutes or more, and half of the time: a wipe before which a gun is set up, a small coat. */
    public function isMostlySetUp(): bool
    {
        return $this->workingMin() > 0.0 && $this->setUpMin >= max(self::WORTH_A_WORD_MIN, $this->workingMin());
    }
}
