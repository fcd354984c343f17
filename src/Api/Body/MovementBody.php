<?php

declare(strict_types=1);

namespace App\Api\Body;

/** What happened to a tin. */
final readonly class MovementBody
{
    public function __construct(
        public string $kind,
        public string|float|null $amount = null,
        public ?string $note = null,
    ) {}
}
