<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** What a whole job will take, as a range, from an empty shelf; and what is left of it where it is sold. */
final readonly class JobWorthView
{
    public function __construct(
        public Value $leastHours,
        public Value $mostHours,
        public string|Message $material,
        public string|Message $total,
        public EarningsView $earnings,
    ) {}
}
