<?php

declare(strict_types=1);

namespace Hull\Board;

use Hull\Pack\Lot;
use Hull\Pack\Purchase;
use Hull\Quantity\Quantity;
use Hull\Store\CoatAhead;
use Hull\Store\Supplier;

/** What a job still needs of one thing: what the store gives, and the packs that cover the rest. */
final readonly class ShoppingLine
{
    /**
     * @param string $id of a supply or consumable, key of a shade
     * @param string $kind of goods, see Supplier::KINDS
     * @param list<CoatAhead> $coats coat by coat, for paint
     * @param list<array{Lot, Quantity}> $from what the store gives
     * @param Supplier|null $seller who sells what is missing
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $kind,
        public array $coats,
        public Quantity $amount,
        public array $from,
        public Purchase $purchase,
        public ?Supplier $seller,
        public string $note = '',
    ) {}

    public function inStore(): Quantity
    {
        return $this->amount::ofRecord(array_sum(array_map(static fn(array $f): float => $f[1]->value(), $this->from)));
    }

    public function missing(): Quantity
    {
        return $this->amount::ofRecord(max(0.0, $this->amount->value() - $this->inStore()->value()));
    }
}
