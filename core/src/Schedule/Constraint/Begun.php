<?php

declare(strict_types=1);

namespace Hull\Schedule\Constraint;

/** Work that is under way, or has to stay where it is: hours since 1970 UTC. */
final readonly class Begun
{
    /** @param list<string> $who */
    public function __construct(public float $start, public float $end, public array $who = []) {}

    /** @param list<string> $who */
    public function by(array $who): self
    {
        return new self($this->start, $this->end, $who);
    }
}
