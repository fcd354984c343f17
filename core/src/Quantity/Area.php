<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** A surface area, 0 m2 or more; kept in square metres. */
final readonly class Area extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::Area;
    }

    public static function squareMetres(float $value): self
    {
        return new self($value);
    }

    public static function squareFeet(float $value): self
    {
        return new self($value * 0.09290304);
    }

    public function m2(): float
    {
        return $this->value;
    }
}
