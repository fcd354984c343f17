<?php

declare(strict_types=1);

namespace Hull\Piece;

use Hull\Quantity\Message;

/** What is signed off and handed over together. */
final readonly class HandOver
{
    public function __construct(private Lanes $all) {}

    /** A zone is inspected when its whole part is through; a piece is handed over once, all of it. */
    public function find(): void
    {
        foreach ($this->all->pieces->all() as $ids) {
            foreach ($ids as $id) {
                foreach (array_diff($ids, [$id]) as $other) {
                    $this->one($this->all->lanes[$id], $this->all->lanes[$other]);
                }
            }
        }
    }

    private function one(Lane $done, Lane $signed): void
    {
        if ($done->part->piece() === $signed->part->piece()) {
            $this->all->put(
                $done,
                $done->lastWork(),
                $signed,
                $signed->inspected(),
                Message::of(
                    '{part} to be through before {piece} is signed off',
                    part: $done->name(),
                    piece: $signed->name(),
                ),
                18,
            );
        }
        $this->all->put(
            $done,
            $done->beforeHandOver(),
            $signed,
            $signed->handedOver(),
            'all of the piece to be done: it is handed over once',
            18,
        );
    }
}
