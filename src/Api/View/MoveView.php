<?php

declare(strict_types=1);

namespace App\Api\View;

/** What a new plan does otherwise, and why. */
final readonly class MoveView
{
    /** @param bool $slip only a little, by what others took */
    public function __construct(
        public string $id,
        public string $part,
        public string $name,
        public ?string $from,
        public ?string $to,
        public string $why,
        public ?Value $paid,
        public bool $slip,
    ) {
    }
}
