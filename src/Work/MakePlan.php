<?php

declare(strict_types=1);

namespace App\Work;

/** A plan is wanted that takes longer than a request. */
final readonly class MakePlan
{
    /** @param string $plan id of its row */
    public function __construct(public string $plan) {}
}
