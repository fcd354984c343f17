<?php

declare(strict_types=1);

namespace App\Api\View;

/** One shape of a part in the area build-up. */
final readonly class AreaShapeView
{
    public function __construct(
        public string $name,
        public string $kind,
        public Value $area,
        public Value $notCoated,
        public float $share,
        public float $notShare,
        public bool $estimate,
    ) {}
}
