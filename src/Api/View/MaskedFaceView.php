<?php

declare(strict_types=1);

namespace App\Api\View;

/** A shape laid out flat with what is covered on it, to one scale. */
final readonly class MaskedFaceView
{
    /**
     * @param float $longM metres to the right, for the drawing
     * @param float $highM metres down, for the drawing
     * @param list<MaskedSpotView> $spots
     * @param bool $crowded they do not fit on it beside each other
     */
    public function __construct(
        public string $name,
        public float $longM,
        public float $highM,
        public string $long,
        public string $high,
        public array $spots,
        public bool $crowded,
    ) {}
}
