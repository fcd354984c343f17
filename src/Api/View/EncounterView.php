<?php

declare(strict_types=1);

namespace App\Api\View;

/** Two steps of the day that bring together what must not meet. */
final readonly class EncounterView
{
    /** @param list<string> $parting */
    public function __construct(
        public string $says,
        public string $consequence,
        public string $first,
        public string $then,
        public array $parting,
    ) {}
}
