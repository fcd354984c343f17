<?php

declare(strict_types=1);

namespace App\Api\View;

/** A formula by name. */
final readonly class ComputationLine
{
    public function __construct(public string $name, public string $summary, public string $formula) {}
}
