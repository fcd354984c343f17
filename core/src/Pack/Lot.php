<?php

declare(strict_types=1);

namespace Hull\Pack;

use Hull\Quantity\Quantity;

/** What is left of one lot in the store, and until when it may be used. */
final readonly class Lot
{
    public function __construct(
        public string $id,
        public Quantity $left,
        public ?\DateTimeImmutable $expires,
        public bool $opened,
    ) {}

    public function isGoodOn(\DateTimeImmutable $day): bool
    {
        return null === $this->expires || $this->expires >= $day;
    }
}
