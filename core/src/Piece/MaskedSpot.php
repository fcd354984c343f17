<?php

declare(strict_types=1);

namespace Hull\Piece;

/** One thing that is covered, as it is drawn on the face it lies on. Metres from the face's upper left corner. */
final readonly class MaskedSpot
{
    /**
     * @param int $number of its line in the masking plan, from 1
     * @param string $by one of Covering::BY
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
