<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** A current per area, 0 A/dm2 or more; kept in amperes per square decimetre. */
final readonly class CurrentDensity extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::CurrentDensity;
    }

    public static function ampsPerDm2(float $value): self
    {
        return new self($value);
    }

    public function perDm2(): float
    {
        return $this->value;
    }
}
