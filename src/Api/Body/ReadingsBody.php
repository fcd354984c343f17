<?php

declare(strict_types=1);

namespace App\Api\Body;

/** Readings of a place as CSV. */
final readonly class ReadingsBody
{
    public function __construct(public string $place, public string $text) {}
}
