<?php

declare(strict_types=1);

namespace App\Api\Body;

/** A step of a route; without a key it is new. */
final readonly class StepBody
{
    public function __construct(
        public string $step,
        public ?string $key = null,
        public ?string $product = null,
        public ?string $because = null,
    ) {}
}
