<?php

declare(strict_types=1);

namespace Hull\Piece;

use Hull\Bench\Workpiece;

/** Where in the yard a part is, and whether wind and rain get at it there. */
final readonly class Stand
{
    /** @param string $at key of the place among all places of the yard */
    private function __construct(public string $at, public bool $sheltered) {}

    /** @param string $at key of its place among all places of the yard */
    public static function of(Workpiece $piece, string $at): self
    {
        return new self($at, $piece->context->catalogue()->places[$piece->place->kind]->sheltered ?? true);
    }

    public function key(): string
    {
        return $this->at . ($this->sheltered ? '' : '/open');
    }
}
