<?php

declare(strict_types=1);

namespace App\Api\Body;

use App\Api\Check\Line;

/** The air of a place as it was read. Temperature and humidity as numbers in the unit of record or typed text. */
final readonly class ReadingBody
{
    /**
     * @param ?string $place name of a place; the first one without it
     * @param ?string $at an instant; now without it
     */
    public function __construct(
        public string|float $temperature,
        public string|float $humidity,
        #[Line(80)] public ?string $place = null,
        #[Line(40)] public ?string $at = null,
    ) {}
}
