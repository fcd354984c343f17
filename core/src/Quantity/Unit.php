<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** One unit of a dimension: value in SI = value x factor + offset. */
final readonly class Unit
{
    /** @param non-empty-list<string> $symbols first the symbol shown, then other spellings understood */
    public function __construct(public array $symbols, public float $factor, public float $offset = 0.0) {}

    public function symbol(): string
    {
        return $this->symbols[0];
    }

    public function toSi(float $value): float
    {
        return $value * $this->factor + $this->offset;
    }

    public function fromSi(float $si): float
    {
        return ($si - $this->offset) / $this->factor;
    }
}
