<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** A tin that will not keep much longer, and the jobs that could use it. */
final readonly class ExpiryView
{
    /**
     * @param list<string> $usedBy
     */
    public function __construct(
        public string $material,
        public string $batch,
        public Value $left,
        public string $expires,
        public string|Message $because,
        public bool $expired,
        public array $usedBy,
    ) {}
}
