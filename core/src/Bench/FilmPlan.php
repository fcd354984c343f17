<?php

declare(strict_types=1);

namespace Hull\Bench;

use Hull\Job\Route;
use Hull\Pack\Pack;
use Hull\Pack\PackChoice;
use Hull\Pack\Purchase;
use Hull\Quantity\Volume;
use Hull\Route\NoRoute;
use Hull\Surface\Product;

/** One film on one part, planned through: the route to it, its figures, and the tins it takes from an empty shelf. */
final readonly class FilmPlan
{
    /** @param list<array{Product, Volume, Purchase}> $tins product, litres needed, what is bought for it */
    private function __construct(public Workpiece $piece, public Route $route, public array $tins) {}

    /** @throws NoRoute when no order of work leads there */
    public static function of(Workpiece $piece): self
    {
        $route = $piece->plan();
        $litres = [];
        $products = [];
        foreach (CoatSheets::under($piece, $route) as [, $product, $under]) {
            $needed = CoatSheets::paint($piece, $product, $under)->quantity('needed', Volume::class)->litresValue();
            $litres[$product->id] = ($litres[$product->id] ?? 0.0) + $needed;
            $products[$product->id] = $product;
        }
        $tins = [];
        foreach ($products as $id => $product) {
            $packs = array_map(
                static fn(string $size): Pack => Pack::sold($size, $product->price),
                [] === $product->packs ? ['1 L'] : $product->packs,
            );
            $need = Volume::litres($litres[$id]);
            $tins[] = [
                $product,
                $need,
                PackChoice::cheapest($need, $packs, $product->shelf->keepsOpened(), Volume::litres(0.0)),
            ];
        }

        return new self($piece, $route, $tins);
    }
}
