<?php

declare(strict_types=1);

namespace App\Api\View;

/** One part of a batch. */
final readonly class MixPart
{
    public function __construct(
        public string $name,
        public Value $volume,
        public ?Value $mass,
        public ?Value $scale,
        public float $share,
        public float $top,
    ) {}
}
