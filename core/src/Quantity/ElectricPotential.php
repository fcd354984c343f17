<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** A voltage, 0 V or more; kept in volts. */
final readonly class ElectricPotential extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::ElectricPotential;
    }

    public static function volts(float $value): self
    {
        return new self($value);
    }

    public function v(): float
    {
        return $this->value;
    }
}
