<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** One thing that breaks. */
final readonly class BreakView
{
    /**
     * @param string $until from when on it would do; for a missed window, until when
     * @param string $kind soon, late or room
     */
    public function __construct(
        public string $id,
        public string $name,
        public string|Message $says,
        public string $until,
        public string $kind,
    ) {}
}
