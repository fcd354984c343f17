<?php

declare(strict_types=1);

namespace App\Api\Body;

/** What is particular about a workshop. */
final readonly class WorkshopBody
{
    /** @param array<int|string, string> $local topic => text */
    public function __construct(
        public string $currency,
        public string $hourRate,
        public ?int $vocLimit,
        public array $local,
        public int $version,
        public ?string $gallon = null,
    ) {}
}
