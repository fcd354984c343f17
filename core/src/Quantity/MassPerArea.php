<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** Mass per area, kept in g/m2. */
final readonly class MassPerArea extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::MassPerArea;
    }

    public static function gramsPerM2(float $value): self
    {
        return new self($value);
    }

    public function gPerM2(): float
    {
        return $this->value;
    }
}
