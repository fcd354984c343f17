<?php

declare(strict_types=1);

namespace App\Api\Body;

use App\Api\Check\Line;

/** A job that is opened, or its new name. */
final readonly class NewJob
{
    public function __construct(
        #[Line(120)] public string $name,
        #[Line(2000, empty: true)] public string $note = '',
    ) {}
}
