<?php

declare(strict_types=1);

namespace App\Api\Body;

use App\Api\Check\Line;

/** A table as CSV. */
final readonly class CsvBody
{
    private const MOST = 2_000_000;

    public function __construct(#[Line(self::MOST)] public string $text) {}
}
