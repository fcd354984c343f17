<?php

declare(strict_types=1);

namespace Hull\Schedule;

/** What a new plan does otherwise than the one before, and why. Hours since 1970 UTC. */
final readonly class Move
{
    /** @param float|null $from null for what is new, @param float|null $to null for what has no room any more */
    public function __construct(public string $id, public ?float $from, public ?float $to, public Why $why, public float $paid)
    {
    }
}
