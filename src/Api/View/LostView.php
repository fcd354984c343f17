<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** Work that has no room in the schedule. */
final readonly class LostView
{
    public function __construct(
        public string $id,
        public string $part,
        public string $name,
        public string|Message $says,
    ) {}
}
