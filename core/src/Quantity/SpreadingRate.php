<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** Area covered per volume of paint, kept in m2/L. */
final readonly class SpreadingRate extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::SpreadingRate;
    }

    public static function m2PerLitre(float $value): self
    {
        return new self($value);
    }

    public function m2PerL(): float
    {
        return $this->value;
    }
}
