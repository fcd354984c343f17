<?php

declare(strict_types=1);

namespace App\Api\View;

/** One thing that is covered, where it is drawn; metres. */
final readonly class MaskedSpotView
{
    /**
     * @param int $number of its line
     * @param string $by plug, tape, film or line
     */
    public function __construct(
        public int $number,
        public string $by,
        public float $x,
        public float $y,
        public float $wide,
        public float $high,
    ) {}
}
