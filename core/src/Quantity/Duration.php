<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** A span of time, 0 or more; kept in hours. */
final readonly class Duration extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::Duration;
    }

    public static function hours(float $value): self
    {
        return new self($value);
    }

    public static function minutes(float $value): self
    {
        return new self($value / 60);
    }

    public function h(): float
    {
        return $this->value;
    }

    public function min(): float
    {
        return $this->value * 60;
    }
}
