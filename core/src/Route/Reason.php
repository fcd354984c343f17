<?php

declare(strict_types=1);

namespace Hull\Route;

/** Why one step is in a route: what it makes possible, and what breaks without it. */
final readonly class Reason
{
    /** @param list<Finding> $ifLeftOut what the checker says when the step is left out */
    public function __construct(public string $key, public array $ifLeftOut) {}
}
