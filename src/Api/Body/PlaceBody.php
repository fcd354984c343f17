<?php

declare(strict_types=1);

namespace App\Api\Body;

/** A place and its air; numbers in the unit of record or typed text. */
final readonly class PlaceBody
{
    /** @param list<string>|null $hazards */
    public function __construct(
        public string $id,
        public string $kind,
        public string|float $temperature,
        public string|float $humidity,
        public ?string $name = null,
        public ?array $hazards = null,
    ) {}
}
