<?php

declare(strict_types=1);

namespace App\Work;

/** A plan that is made is searched on for a while by the worker, in case a shorter one is found. */
final readonly class SearchOn
{
    /** @param string $plan id of its row */
    public function __construct(public string $plan) {}
}
