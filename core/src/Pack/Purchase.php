<?php

declare(strict_types=1);

namespace Hull\Pack;

use Hull\Quantity\Money;
use Hull\Quantity\Quantity;

/** Packs to buy, and what is left of them. */
final readonly class Purchase
{
    /** @param list<array{Pack, int}> $packs largest first; only what is bought */
    public function __construct(
        public array $packs,
        public Quantity $bought,
        public Quantity $leftover,
        public Money $price,
        public int $tins,
    ) {}
}
