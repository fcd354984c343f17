<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** A flow, 0 L/h or more; kept in litres per hour. */
final readonly class VolumeRate extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::VolumeRate;
    }

    public static function litresPerHour(float $value): self
    {
        return new self($value);
    }

    public function lPerH(): float
    {
        return $this->value;
    }
}
