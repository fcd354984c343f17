<?php

declare(strict_types=1);

namespace App\Api\View;

/** A part in a list. */
final readonly class PartLine
{
    /** @param bool $handedOver nothing is left to do on it */
    public function __construct(
        public string $id,
        public string $slug,
        public string $name,
        public string $substrate,
        public string $zoneOf,
        public int $stepsDone,
        public int $stepsAll,
        public string $next,
        public bool $handedOver,
    ) {}
}
