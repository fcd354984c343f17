<?php

declare(strict_types=1);

namespace Hull\Schedule\Constraint;

/** Where an activity stands in a schedule. Hours since 1970 UTC. */
final readonly class Placement
{
    /**
     * @param list<string> $who
     * @param float $dry until when a film laid is wet; the end for anything else
     * @param float $rework hours of abrading before it, because a window was missed
     * @param bool $late a window was missed, whether making it good takes time or not
     * @param bool $setUp it was set up already by alike work just before
     * @param list<array{Why, float, float}> $met what was in its way, one after the other: what, from, to
     */
    public function __construct(
        public string $id,
        public float $start,
        public float $end,
        public array $who,
        public Why $why,
        public float $dry,
        public float $rework = 0.0,
        public bool $setUp = false,
        public bool $late = false,
        public array $met = [],
    ) {}

    /** @param list<array{Why, float, float}>|null $met null for what was met anyhow */
    public function because(Why $why, ?array $met = null): self
    {
        return new self(
            id: $this->id,
            start: $this->start,
            end: $this->end,
            who: $this->who,
            why: $why,
            dry: $this->dry,
            rework: $this->rework,
            setUp: $this->setUp,
            late: $this->late,
            met: $met ?? $this->met,
        );
    }

    public function asLate(): self
    {
        return new self(
            id: $this->id,
            start: $this->start,
            end: $this->end,
            who: $this->who,
            why: $this->why,
            dry: $this->dry,
            rework: $this->rework,
            setUp: $this->setUp,
            late: true,
            met: $this->met,
        );
    }
}
