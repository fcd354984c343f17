<?php

declare(strict_types=1);

namespace App\Api\View;

/** What a job still needs of one product, and the packs that cover it. */
final readonly class NeedView
{
    /** @param list<TinView> $tins */
    public function __construct(
        public string $product,
        public string $hatch,
        public Value $paint,
        public int $coats,
        public array $tins,
        public Value $leftover,
        public string $price,
    ) {
    }
}
