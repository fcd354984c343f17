<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** One unit of a dimension: value in the unit of record = value x factor + offset. */
final readonly class Unit
{
    /** @param non-empty-list<string> $symbols first the symbol shown, then other spellings understood */
    public function __construct(public array $symbols, public float $factor, public float $offset = 0.0) {}

    public function symbol(): string
    {
        return $this->symbols[0];
    }

    public function toRecord(float $value): float
    {
        return $value * $this->factor + $this->offset;
    }

    public function fromRecord(float $value): float
    {
        return ($value - $this->offset) / $this->factor;
    }
}
