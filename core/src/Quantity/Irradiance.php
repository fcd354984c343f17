<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** Sun on a level surface, kept in W/m2. */
final readonly class Irradiance extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::Irradiance;
    }

    public static function wattsPerM2(float $value): self
    {
        return new self($value);
    }

    public function wPerM2(): float
    {
        return $this->value;
    }
}
