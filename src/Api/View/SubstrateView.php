<?php

declare(strict_types=1);

namespace App\Api\View;

/** A substrate and how to tell it. */
final readonly class SubstrateView
{
    public function __construct(
        public string $id,
        public string $name,
        public string $tell,
        public string $hatch,
    ) {
    }
}
