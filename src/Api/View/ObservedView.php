<?php

declare(strict_types=1);

namespace App\Api\View;

/** A condition found. */
final readonly class ObservedView
{
    public function __construct(
        public string $id,
        public string $grade,
        public string $extent,
        public float $extentValue,
    ) {}
}
