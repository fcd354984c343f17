<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** A mass, 0 kg or more; kept in kilograms. */
final readonly class Mass extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::Mass;
    }

    public static function kilograms(float $value): self
    {
        return new self($value);
    }

    public static function grams(float $value): self
    {
        return new self($value / 1000);
    }

    public function kg(): float
    {
        return $this->value;
    }

    /**
     * As a scale shows it: grams, in its own steps, never rounded to figures.
     *
     * @param self $step of the scale, above zero
     */
    public function onScale(self $step): string
    {
        $grams = round($this->value / $step->value) * $step->value * 1000.0;
        $decimals = max(0, (int) ceil(-log10($step->value * 1000.0) - 1e-9));

        return number_format($grams, $decimals, '.', '') . ' g';
    }
}
