<?php

declare(strict_types=1);

namespace App\Api\View;

/** A sort of place that stays bare or clean. */
final readonly class CoveringView
{
    /**
     * @param string $by plug, tape, film or line
     * @param array<int|string, string> $sizes across, along, and at how much one begins
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $by,
        public array $sizes,
        public string $hint,
    ) {}
}
