<?php

declare(strict_types=1);

namespace Hull\Catalog;

/** What a step costs in time: hands-on minutes, and hours that pass by themselves. */
final readonly class Takes
{
    /** @param string|null $waitFor drying, touch, recoat or full */
    public function __construct(
        public float $setupMin,
        public float $minPerM2,
        public ?string $scalesWith,
        public float $waitHours,
        public ?string $waitFor,
        public float $penalty,
    ) {
    }
}
