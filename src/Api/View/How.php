<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** How a figure was worked out. */
final readonly class How
{
    /**
     * @param list<InputShown> $inputs
     * @param list<string|Message> $warnings
     */
    public function __construct(
        public string $computation,
        public string $summary,
        public string $formula,
        public string $origin,
        public string $source,
        public array $inputs,
        public array $warnings,
    ) {}
}
