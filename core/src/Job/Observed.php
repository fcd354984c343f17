<?php

declare(strict_types=1);

namespace Hull\Job;

use Hull\Quantity\Percentage;

/** A condition found on a part: which, how bad, on how much of it. */
final readonly class Observed
{
    public function __construct(public string $condition, public string $grade, public Percentage $extent) {}
}
