<?php

declare(strict_types=1);

namespace App\Api\Body;

use App\Api\Check\Line;
use App\Api\Check\Several;

/** A work card as typed. */
final readonly class WorkCardBody
{
    /**
     * @param array<int|string, string> $inputs
     * @param list<array<int|string, string>> $rows
     */
    public function __construct(
        #[Line(60)] public string $kind,
        #[Line(120)] public string $name,
        public array $inputs,
        #[Several(200)] public array $rows = [],
        #[Line(60, empty: true)] public string $part = '',
        #[Line(60, empty: true)] public string $id = '',
    ) {}
}
