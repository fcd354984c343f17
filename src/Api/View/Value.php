<?php

declare(strict_types=1);

namespace App\Api\View;

/** A quantity: as shown, as a number in its unit of record, and how it came about. */
final readonly class Value
{
    public function __construct(public string $text, public float $value, public string $unit, public ?How $how) {}
}
