<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** A share, kept as a ratio; 0 or more. */
final readonly class Percentage extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::Percentage;
    }

    public static function percent(float $value): self
    {
        return new self($value / 100);
    }

    public static function ratio(float $value): self
    {
        return new self($value);
    }

    public function ratioValue(): float
    {
        return $this->value;
    }
}
