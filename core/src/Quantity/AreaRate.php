<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** Area worked per time, kept in m2/h. */
final readonly class AreaRate extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::AreaRate;
    }

    public static function m2PerHour(float $value): self
    {
        return new self($value);
    }

    public function m2PerH(): float
    {
        return $this->value;
    }
}
