<?php

declare(strict_types=1);

namespace App\Api\Body;

/** Tins of one batch that came in. */
final readonly class TinBody
{
    public function __construct(
        public string $material,
        public string $batch,
        public string $size,
        public int $count,
        public ?string $received = null,
        public ?string $label = null,
        public ?string $cabinet = null,
        public ?string $price = null,
        public ?string $colour = null,
    ) {}
}
