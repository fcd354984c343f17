<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** The thickness of a film, 0 um or more; kept in micrometres. */
final readonly class FilmThickness extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::FilmThickness;
    }

    public static function micrometres(float $value): self
    {
        return new self($value);
    }

    public static function mils(float $value): self
    {
        return new self($value * 25.4);
    }

    public function um(): float
    {
        return $this->value;
    }
}
