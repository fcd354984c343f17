<?php

declare(strict_types=1);

namespace App\Api\View;

use App\Api\Check\OneOf;
use Hull\Quantity\Gallon;

/** What is particular about a workshop. */
final readonly class WorkshopView
{
    /** @param list<LocalTopicView> $local */
    public function __construct(
        public int $version,
        public string $name,
        public string $timezone,
        public string $currency,
        #[OneOf(Gallon::class)] public string $gallon,
        public string $hourRate,
        public ?int $vocLimit,
        public array $local,
    ) {}
}
