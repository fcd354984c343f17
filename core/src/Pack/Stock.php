<?php

declare(strict_types=1);

namespace Hull\Pack;

use Hull\Quantity\Quantity;

/** Draws a need from lots: what expires first goes first, of equal ones the opened before the sealed. */
final readonly class Stock
{
    /** Below this, in litres or kilograms, a tin is empty. */
    private const NOTHING = 1e-9;

    /** @param list<Lot> $lots all of one material, in one measure */
    public function __construct(private array $lots) {}

    /**
     * @return list<array{Lot, Quantity}> what to take of which lot; never more than there is, never what has expired
     *                                    by then
     */
    public function draw(Quantity $need, \DateTimeImmutable $day): array
    {
        $lots = array_values(
            array_filter(
                $this->lots,
                static fn(Lot $l): bool => $l->isGoodOn($day) && $l->left->value() > self::NOTHING,
            ),
        );
        usort(
            $lots,
            static fn(Lot $a, Lot $b): int => [$a->expires?->getTimestamp() ?? \PHP_INT_MAX, $b->opened, $a->id] <=> [
                $b->expires?->getTimestamp() ?? \PHP_INT_MAX,
                $a->opened,
                $b->id,
            ],
        );
        $drawn = [];
        $left = $need->value();
        foreach ($lots as $lot) {
            if ($left <= self::NOTHING) {
                break;
            }
            $take = min($left, $lot->left->value());
            $drawn[] = [$lot, $need::ofRecord($take)];
            $left -= $take;
        }

        return $drawn;
    }

    /** What the lots do not cover. */
    public function missing(Quantity $need, \DateTimeImmutable $day): Quantity
    {
        return $need::ofRecord(
            max(
                0.0,
                $need->value() -
                    array_sum(array_map(static fn(array $d): float => $d[1]->value(), $this->draw($need, $day))),
            ),
        );
    }
}
