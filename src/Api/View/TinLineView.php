<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** A tin in the store. */
final readonly class TinLineView
{
    /**
     * @param list<MovementView> $movements
     */
    public function __construct(
        public string $id,
        public string $batch,
        public Value $size,
        public Value $left,
        public float $share,
        public bool $opened,
        public ?string $openedAt,
        public ?string $activatedAt,
        public bool $canBeActivated,
        public ?string $expires,
        public string|Message $because,
        public bool $expired,
        public bool $soon,
        public string $cabinet,
        public string $price,
        public array $movements,
    ) {}
}
