<?php

declare(strict_types=1);

namespace App\Api\View;

/** A film in the cross-section. */
final readonly class LayerView
{
    public function __construct(
        public string $product,
        public string $name,
        public string $hatch,
        public Value $thickness,
        public bool $laid,
        public string $stepKey,
    ) {}
}
