<?php

declare(strict_types=1);

namespace App\Api\Body;

/** What the workshop does without. */
final readonly class WithoutBody
{
    /** @param list<string> $without */
    public function __construct(public array $without) {}
}
