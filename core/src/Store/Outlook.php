<?php

declare(strict_types=1);

namespace Hull\Store;

use Hull\Pack\Lot;
use Hull\Pack\Stock;
use Hull\Surface\Shade;

/** Whether the store lasts: coats ahead, one after the other, each drawing what expires first. */
final readonly class Outlook
{
    /** @param list<Cover> $covers in the order of the coats */
    private function __construct(public array $covers) {}

    /**
     * @param list<CoatAhead> $coats in the order they will be laid
     * @param array<int|string, list<Lot>> $lots by key of the shade
     */
    public static function of(array $coats, array $lots, \DateTimeImmutable $day): self
    {
        $covers = [];
        foreach ($coats as $coat) {
            $stock = new Stock($lots[$coat->shade->key()] ?? []);
            $from = $stock->draw($coat->paint, $day);
            $covers[] = new Cover($coat, $from, $stock->missing($coat->paint, $day));
            foreach ($from as [$lot, $taken]) {
                $lots[$coat->shade->key()] = array_map(
                    static fn(Lot $l): Lot => $l->id === $lot->id
                        ? new Lot(
                            $l->id,
                            $l->left::ofRecord(max(0.0, $l->left->value() - $taken->value())),
                            $l->expires,
                            true,
                        )
                        : $l,
                    $lots[$coat->shade->key()] ?? [],
                );
            }
        }

        return new self($covers);
    }

    /** The first coat of a paint that the store does not cover. */
    public function firstShort(Shade $paint): ?Cover
    {
        foreach ($this->covers as $cover) {
            if ($cover->coat->shade->key() === $paint->key() && !$cover->isEnough()) {
                return $cover;
            }
        }

        return null;
    }

    public function for(string $partId, string $stepKey): ?Cover
    {
        foreach ($this->covers as $cover) {
            if ($cover->coat->partId === $partId && $cover->coat->stepKey === $stepKey) {
                return $cover;
            }
        }

        return null;
    }
}
