<?php

declare(strict_types=1);

namespace App\Api\Body;

use App\Api\Check\Several;

/** What the workshop does without. */
final readonly class WithoutBody
{
    /** @param list<string> $without */
    public function __construct(#[Several(100)] public array $without) {}
}
