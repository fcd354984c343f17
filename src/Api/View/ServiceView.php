<?php

declare(strict_types=1);

namespace App\Api\View;

/** A service and the materials it may be asked of. */
final readonly class ServiceView
{
    /** @param list<string> $substrates */
    public function __construct(
        public string $id,
        public string $name,
        public string $hint,
        public array $substrates,
    ) {}
}
