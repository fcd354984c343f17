<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** A difference of two temperatures, kept in degrees Celsius; may be negative. */
final readonly class TemperatureDifference extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::TemperatureDifference;
    }

    public static function celsius(float $value): self
    {
        return new self($value);
    }

    public function c(): float
    {
        return $this->value;
    }
}
