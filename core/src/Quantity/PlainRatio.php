<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** A number without a unit, 0 or more. */
final readonly class PlainRatio extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::Ratio;
    }

    public static function of(float $value): self
    {
        return new self($value);
    }
}
