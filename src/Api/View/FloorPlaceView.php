<?php

declare(strict_types=1);

namespace App\Api\View;

/** The floor of a place, and what stands on it. */
final readonly class FloorPlaceView
{
    /**
     * @param float $long metres
     * @param float $wide metres
     * @param bool $said its floor is said in the yard's figures; else it is drawn as large as it has to be
     * @param list<FloorStayView> $stays
     */
    public function __construct(
        public string $name,
        public float $long,
        public float $wide,
        public string $area,
        public bool $said,
        public array $stays,
    ) {}
}
