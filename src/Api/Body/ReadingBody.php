<?php

declare(strict_types=1);

namespace App\Api\Body;

/** The air of a place as it was read. */
final readonly class ReadingBody
{
    public function __construct(
        public string $place,
        public string $temperature,
        public string $humidity,
        public ?string $at = null,
    ) {}
}
