<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** Water vapour per volume of air, kept in g/m3. */
final readonly class AbsoluteHumidity extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::AbsoluteHumidity;
    }

    public static function gramsPerM3(float $value): self
    {
        return new self($value);
    }

    public function gPerM3(): float
    {
        return $this->value;
    }
}
