<?php

declare(strict_types=1);

namespace App\Api\View;

/** What is particular about a workshop. */
final readonly class WorkshopView
{
    /** @param list<LocalTopicView> $local */
    public function __construct(
        public int $version,
        public string $name,
        public string $timezone,
        public string $currency,
        public string $gallon,
        public string $hourRate,
        public ?int $vocLimit,
        public array $local,
    ) {}
}
