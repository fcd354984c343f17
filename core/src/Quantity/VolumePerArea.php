<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** Volume held per area (dead volume of a profile), kept in L/m2. */
final readonly class VolumePerArea extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::VolumePerArea;
    }

    public static function litresPerM2(float $value): self
    {
        return new self($value);
    }

    public function lPerM2(): float
    {
        return $this->value;
    }
}
