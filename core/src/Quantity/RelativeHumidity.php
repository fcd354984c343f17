<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** Relative humidity, kept as a ratio 0 to 1. */
final readonly class RelativeHumidity extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::RelativeHumidity;
    }

    public static function percent(float $value): self
    {
        return new self($value / 100);
    }

    public static function ratio(float $value): self
    {
        return new self($value);
    }

    public function percentValue(): float
    {
        return $this->value * 100;
    }
}
