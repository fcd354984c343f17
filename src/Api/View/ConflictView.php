<?php

declare(strict_types=1);

namespace App\Api\View;

/** Two materials in one cabinet that must not meet. */
final readonly class ConflictView
{
    public function __construct(
        public string $cabinet,
        public string $one,
        public string $other,
        public string $says,
        public string $consequence,
    ) {}
}
