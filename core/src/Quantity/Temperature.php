<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** A temperature from absolute zero up; kept in degrees Celsius. */
final readonly class Temperature extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::Temperature;
    }

    public static function celsius(float $value): self
    {
        return new self($value);
    }

    public static function fahrenheit(float $value): self
    {
        return new self(($value - 32) / 1.8);
    }

    public function c(): float
    {
        return $this->value;
    }

    public function kelvin(): float
    {
        return $this->value + 273.15;
    }
}
