<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** A mass, 0 kg or more; kept in kilograms. */
final readonly class Mass extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::Mass;
    }

    public static function kilograms(float $value): self
    {
        return new self($value);
    }

    public static function grams(float $value): self
    {
        return new self($value / 1000);
    }

    public function kg(): float
    {
        return $this->si;
    }
}
