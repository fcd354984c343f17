<?php

declare(strict_types=1);

namespace App\Api\View;

/** What a new plan does otherwise, and why. */
final readonly class MoveView
{
    /**
     * @param string $why it begins when it now does
     * @param string $stays what would break if it stayed; empty for what is new or has no room
     * @param bool $slip only a little, by what others took
     */
    public function __construct(
        public string $id,
        public string $part,
        public string $name,
        public ?string $from,
        public ?string $to,
        public string $why,
        public string $stays,
        public ?Value $rework,
        public bool $slip,
    ) {}
}
