<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** A power, 0 W or more; kept in watts. */
final readonly class ElectricPower extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::ElectricPower;
    }

    public static function watts(float $value): self
    {
        return new self($value);
    }

    public function wattsValue(): float
    {
        return $this->value;
    }
}
