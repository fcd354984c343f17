<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** What a new plan does otherwise, and why. */
final readonly class MoveView
{
    /**
     * @param string|Message $why it begins when it now does
     * @param string|Message $stays what would break if it stayed; empty for what is new or has no room
     * @param bool $slip only a little, by what others took
     */
    public function __construct(
        public string $id,
        public string $part,
        public string $name,
        public ?string $from,
        public ?string $to,
        public string|Message $why,
        public string|Message $stays,
        public ?Value $rework,
        public bool $slip,
    ) {}
}
