<?php

declare(strict_types=1);

namespace App\Api\View;

/** What a part will take, as a range. */
final readonly class WorthView
{
    public function __construct(
        public Value $leastHours,
        public Value $mostHours,
        public string $material,
        public string $total,
        public string $perYear,
        public string $verdict,
        public string $rests,
    ) {}
}
