<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** A count, 0 or more. */
final readonly class Count extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::Count;
    }

    public static function of(float $value): self
    {
        return new self($value);
    }
}
