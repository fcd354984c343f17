<?php

declare(strict_types=1);

namespace Hull\Pack;

use Hull\Quantity\Volume;

/** Draws a need from lots: what expires first goes first, of equal ones the opened before the sealed. */
final readonly class Stock
{
    /** @param list<Lot> $lots */
    public function __construct(private array $lots)
    {
    }

    /** @return list<array{Lot, Volume}> what to take of which lot; never more than there is, never what has expired by then */
    public function draw(Volume $need, \DateTimeImmutable $day): array
    {
        $lots = array_values(array_filter($this->lots, static fn (Lot $l): bool => $l->isGoodOn($day) && $l->left->litresValue() > 0.0));
        usort($lots, static fn (Lot $a, Lot $b): int => [$a->expires?->getTimestamp() ?? \PHP_INT_MAX, $b->opened, $a->id] <=> [$b->expires?->getTimestamp() ?? \PHP_INT_MAX, $a->opened, $b->id]);
        $drawn = [];
        $left = $need->litresValue();
        foreach ($lots as $lot) {
            if ($left <= 1e-9) {
                break;
            }
            $take = min($left, $lot->left->litresValue());
            $drawn[] = [$lot, Volume::litres($take)];
            $left -= $take;
        }

        return $drawn;
    }

    /** What the lots do not cover. */
    public function missing(Volume $need, \DateTimeImmutable $day): Volume
    {
        return Volume::litres(max(0.0, $need->litresValue() - array_sum(array_map(static fn (array $d): float => $d[1]->litresValue(), $this->draw($need, $day)))));
    }
}
