<?php

declare(strict_types=1);

namespace App\Api\Body;

/** A table as CSV. */
final readonly class CsvBody
{
    public function __construct(public string $text) {}
}
