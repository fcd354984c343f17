<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** What a job still needs of one thing: what the store gives, and the packs that cover the rest. */
final readonly class NeedView
{
    /**
     * @param list<string|Message> $from
     * @param list<TinView> $tins
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $kind,
        public Value $amount,
        public Value $inStore,
        public array $from,
        public Value $missing,
        public array $tins,
        public Value $leftover,
        public string $price,
        public string $seller,
        public string $note,
    ) {}
}
