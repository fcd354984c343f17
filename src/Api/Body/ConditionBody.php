<?php

declare(strict_types=1);

namespace App\Api\Body;

/** A condition found. */
final readonly class ConditionBody
{
    public function __construct(public string $id, public string $grade, public string|float|null $extent = null) {}
}
