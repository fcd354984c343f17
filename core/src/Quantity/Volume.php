<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** A liquid volume, 0 L or more; kept in litres. */
final readonly class Volume extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::Volume;
    }

    public static function litres(float $value): self
    {
        return new self($value);
    }

    public static function millilitres(float $value): self
    {
        return new self($value / 1000);
    }

    public static function gallons(float $value): self
    {
        return new self($value * 3.785412);
    }

    public function litresValue(): float
    {
        return $this->value;
    }
}
