<?php

declare(strict_types=1);

namespace App\Api\Body;

/** A work card as typed. */
final readonly class WorkCardBody
{
    /**
     * @param array<int|string, string> $inputs
     * @param list<array<int|string, string>> $rows
     */
    public function __construct(
        public string $kind,
        public string $name,
        public array $inputs,
        public array $rows,
        public ?string $part = null,
        public ?string $id = null,
    ) {}
}
