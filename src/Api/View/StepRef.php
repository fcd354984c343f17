<?php

declare(strict_types=1);

namespace App\Api\View;

/** A step of a route by key, kind and product. */
final readonly class StepRef
{
    public function __construct(
        public string $key,
        public string $step,
        public ?string $product,
        public string $because,
    ) {}
}
