<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** A density, kept in kg/L. */
final readonly class Density extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::Density;
    }

    public static function kgPerLitre(float $value): self
    {
        return new self($value);
    }

    public function kgPerL(): float
    {
        return $this->value;
    }
}
