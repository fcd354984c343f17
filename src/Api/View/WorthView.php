<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** What a part will take, as a range. */
final readonly class WorthView
{
    public function __construct(
        public Value $leastHours,
        public Value $mostHours,
        public string|Message $material,
        public string|Message $total,
        public string|Message $perYear,
        public string|Message $verdict,
        public string|Message $rests,
    ) {}
}
