<?php

declare(strict_types=1);

namespace Hull\Store;

use Hull\Pack\Lot;
use Hull\Quantity\Quantity;

/** What the store gives for one coat, and what is missing for it. */
final readonly class Cover
{
    /** @param list<array{Lot, Quantity}> $from first to expire first */
    public function __construct(public CoatAhead $coat, public array $from, public Quantity $short) {}

    public function isEnough(): bool
    {
        return $this->short->value() < 0.0005;
    }
}
