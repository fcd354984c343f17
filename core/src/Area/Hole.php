<?php

declare(strict_types=1);

namespace Hull\Area;

/** What is cut out of a plate: m2, and m along its edge. */
final readonly class Hole
{
    public function __construct(public float $area, public float $edge) {}

    public static function round(float $diameter): self
    {
        return new self((\M_PI * $diameter ** 2) / 4, \M_PI * $diameter);
    }

    public static function rectangle(float $a, float $b): self
    {
        return new self($a * $b, $a * $b > 0.0 ? 2 * ($a + $b) : 0.0);
    }
}
