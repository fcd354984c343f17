<?php

declare(strict_types=1);

namespace Hull\Board;

use Hull\Bench\Replayed;
use Hull\Bench\WhatIf;
use Hull\Bench\Workpiece;
use Hull\Catalog\Catalogue;
use Hull\Pack\Pack;
use Hull\Pack\PackChoice;
use Hull\Quantity\Count;
use Hull\Quantity\Money;
use Hull\Quantity\Quantity;
use Hull\Quantity\Volume;
use Hull\Store\CoatAhead;
use Hull\Store\Inventory;
use Hull\Store\Supplier;

/**
 * The shopping list of a job: the paint of every coat not yet laid, as its mix card has it, what goes with it, and
 * what the bench uses up. The store is counted first; what is left over is worth as much as other jobs will use of it
 * while it keeps.
 */
final readonly class Shopping
{
    private const ABRASIVES = 'abrasives';

    /**
     * @param array<int|string, ShoppingLine> $needs by id; paint first, then by name
     * @param array<int, int> $discs by grit, coarse first
     * @param array<int|string, string> $unmeasured id => name of what is needed too, but by what is found
     */
    private function __construct(public array $needs, public array $discs, public array $unmeasured) {}

    /**
     * @param array<int|string, Workpiece> $pieces by part id
     * @param array<int|string, Replayed> $done what the record says of each, by part id
     */
    public static function of(
        Catalogue $catalogue,
        array $pieces,
        array $done,
        ?Inventory $stores = null,
        ?WhatIf $if = null,
    ): self {
        return self::buying($catalogue, Wanted::of($pieces, $done, $if), $stores);
    }

    /** What of it is not in the store. */
    public static function buying(Catalogue $catalogue, Wanted $wanted, ?Inventory $stores = null): self
    {
        $stores ??= Inventory::none();
        $needs = [];
        foreach (self::byShade($wanted->coats) as $id => $coats) {
            $id = (string) $id;
            $shade = $coats[0]->shade;
            $product = $catalogue->product($shade->product);
            $needs[$id] = self::need(
                id: $id,
                name: $shade->named($product->name),
                kind: Supplier::PAINT,
                coats: $coats,
                amount: Volume::litres(
                    array_sum(array_map(static fn(CoatAhead $c): float => $c->paint->litresValue(), $coats)),
                ),
                sold: [$product->packs, $product->price],
                keeps: $product->shelf->keepsOpened(),
                stores: $stores,
            );
        }
        ksort($needs);
        foreach ($wanted->supplies as $id => $amount) {
            $id = (string) $id;
            $supply = $catalogue->supplies[$id];
            $size = Pack::size($supply->packs[0]);
            $needs[$id] = self::need(
                id: $id,
                name: $supply->name,
                kind: Supplier::CHEMICALS,
                coats: [],
                amount: $size::ofRecord($amount),
                sold: [$supply->packs, $supply->price],
                keeps: $supply->shelf->keepsOpened(),
                stores: $stores,
            );
        }
        foreach ($wanted->consumables as $id => $amount) {
            $id = (string) $id;
            $consumable = $catalogue->consumables[$id];
            $needs[$id] = self::need(
                id: $id,
                name: $consumable->name,
                kind: Supplier::CONSUMABLES,
                coats: [],
                amount: $consumable->amount('pc' === $consumable->unit ? ceil($amount - 1e-9) : $amount),
                sold: [$consumable->packs, $consumable->price],
                keeps: true,
                stores: $stores,
                note: $consumable->note,
            );
        }
        $discs = array_map(static fn(float $discs): int => (int) ceil($discs - 1e-9), $wanted->discs);
        foreach ($discs as $grit => $count) {
            $abrasives = $catalogue->supplies[self::ABRASIVES];
            $needs['disc-p' . $grit] = self::need(
                id: 'disc-p' . $grit,
                name: sprintf('Discs and sheets P%d', $grit),
                kind: Supplier::CONSUMABLES,
                coats: [],
                amount: Count::of($count),
                sold: [$abrasives->packs, $abrasives->price],
                keeps: true,
                stores: $stores,
            );
        }

        return new self($needs, $discs, $wanted->unmeasured);
    }

    public function price(): Money
    {
        return Money::minor(
            array_sum(array_map(static fn(ShoppingLine $n): int => $n->purchase->price->minor, $this->needs)),
        );
    }

    /** @return array<int|string, ShoppingLine> */
    public function paint(): array
    {
        return array_filter($this->needs, static fn(ShoppingLine $n): bool => Supplier::PAINT === $n->kind);
    }

    /**
     * @return array<int|string, list<ShoppingLine>> what is to buy, by seller; '' for what nobody is known to sell
     */
    public function bySeller(): array
    {
        $sellers = [];
        foreach ($this->needs as $need) {
            if ($need->purchase->tins > 0) {
                $sellers[$need->seller->name ?? ''][] = $need;
            }
        }

        return $sellers;
    }

    /**
     * @param list<CoatAhead> $coats
     *
     * @return array<int|string, non-empty-list<CoatAhead>> by key of the shade
     */
    private static function byShade(array $coats): array
    {
        $by = [];
        foreach ($coats as $coat) {
            $by[$coat->shade->key()][] = $coat;
        }

        return $by;
    }

    /**
     * @param list<CoatAhead> $coats
     * @param array{list<string>, int} $sold sizes, and minor units a litre, kilogram or piece
     */
    private static function need(
        string $id,
        string $name,
        string $kind,
        array $coats,
        Quantity $amount,
        array $sold,
        bool $keeps,
        Inventory $stores,
        string $note = '',
    ): ShoppingLine {
        $from = $stores->stock($id)->draw($amount, $stores->day);
        $missing = $stores->stock($id)->missing($amount, $stores->day);
        $packs = [];
        foreach ([] === $sold[0] ? ['1 L'] : $sold[0] as $size) {
            $packs[] = Pack::sold($size, $sold[1]);
        }

        return new ShoppingLine(
            id: $id,
            name: $name,
            kind: $kind,
            coats: $coats,
            amount: $amount,
            from: $from,
            purchase: PackChoice::cheapest($missing, $packs, $keeps, $stores->elsewhere[$id] ?? $amount::ofRecord(0.0)),
            seller: Supplier::of($stores->suppliers, $kind),
            note: $note,
        );
    }
}
