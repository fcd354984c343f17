<?php

declare(strict_types=1);

namespace Hull\Store;

use Hull\Pack\Lot;
use Hull\Pack\Stock;
use Hull\Quantity\Quantity;

/** What is on hand on a day, who sells the rest, and what else it is wanted for. */
final readonly class Inventory
{
    /**
     * @param array<int|string, list<Lot>> $lots by material, paint by key of its shade
     * @param list<Supplier> $suppliers in order of preference
     * @param array<int|string, Quantity> $elsewhere what other jobs still need, by the same
     */
    public function __construct(
        public array $lots,
        public \DateTimeImmutable $day,
        public array $suppliers = [],
        public array $elsewhere = [],
    ) {}

    public static function none(): self
    {
        return new self([], new \DateTimeImmutable('@0'));
    }

    public function stock(string $material): Stock
    {
        return new Stock($this->lots[$material] ?? []);
    }
}
