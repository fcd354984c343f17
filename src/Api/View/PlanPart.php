<?php

declare(strict_types=1);

namespace App\Api\View;

/** A part in the schedule. */
final readonly class PlanPart
{
    public function __construct(public string $id, public string $name, public string $job, public string $hatch) {}
}
