<?php

declare(strict_types=1);

namespace App\Api\Body;

use App\Api\Check\Line;

/** Readings of a place as CSV. */
final readonly class ReadingsBody
{
    private const MOST = 2_000_000;

    public function __construct(#[Line(self::MOST)] public string $text, #[Line(80)] public ?string $place = null) {}
}
