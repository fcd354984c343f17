<?php

declare(strict_types=1);

namespace Hull\Area;

/** A rectangle of floor, m. */
final readonly class Sides
{
    public function __construct(public float $long, public float $wide) {}

    public function m2(): float
    {
        return $this->long * $this->wide;
    }
}
