<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** A current, 0 A or more; kept in amperes. */
final readonly class ElectricCurrent extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::ElectricCurrent;
    }

    public static function amperes(float $value): self
    {
        return new self($value);
    }

    public function amps(): float
    {
        return $this->value;
    }
}
