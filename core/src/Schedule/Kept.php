<?php

declare(strict_types=1);

namespace Hull\Schedule;

/** Where an earlier schedule had an activity. Hours since 1970 UTC. */
final readonly class Kept
{
    /** @param list<string> $who */
    public function __construct(public float $start, public array $who)
    {
    }

    public static function of(Placed $placed): self
    {
        return new self($placed->start, $placed->who);
    }
}
