<?php

declare(strict_types=1);

namespace App\Format;

/** One thing wrong in a body. */
final readonly class ProblemError
{
    public function __construct(public string $pointer, public string $detail, public string $accepted) {}
}
