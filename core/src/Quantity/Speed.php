<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** A speed, kept in m/s. */
final readonly class Speed extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::Speed;
    }

    public static function metresPerSecond(float $value): self
    {
        return new self($value);
    }

    public function mPerS(): float
    {
        return $this->value;
    }
}
