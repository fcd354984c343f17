<?php

declare(strict_types=1);

namespace Hull\Catalog;

/** How long a system lasts, years. */
final readonly class Life
{
    public function __construct(public float $from, public float $to) {}

    public function times(float $factor): self
    {
        return new self($this->from * $factor, $this->to * $factor);
    }

    public function middle(): float
    {
        return ($this->from + $this->to) / 2.0;
    }

    /** "4 to 6 years". */
    public function text(): string
    {
        $unit = $this->to > 1.0 ? 'years' : 'year';
        if ($this->from === $this->to) {
            return sprintf('%.2g %s', $this->to, $unit);
        }

        return sprintf($this->from < 1.0 ? '%.2g to %.2g %s' : '%.0f to %.0f %s', $this->from, $this->to, $unit);
    }
}
