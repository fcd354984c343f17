<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** A length, 0 m or more; kept in metres. */
final readonly class Length extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::Length;
    }

    public static function metres(float $value): self
    {
        return new self($value);
    }

    public static function millimetres(float $value): self
    {
        return new self($value / 1000);
    }

    public static function feet(float $value): self
    {
        return new self($value * 0.3048);
    }

    public static function inches(float $value): self
    {
        return new self($value * 0.0254);
    }

    public function m(): float
    {
        return $this->value;
    }
}
