<?php

declare(strict_types=1);

namespace Hull\Schedule\Constraint;

/** Where an earlier schedule had an activity. Hours since 1970 UTC. */
final readonly class PreviousPlacement
{
    /**
     * @param list<string> $who
     * @param float $rework hours of abrading before it
     * @param bool|null $setUp it was set up already by alike work before it; null where nobody kept that
     * @param float|null $end null where nobody kept that
     */
    public function __construct(
        public float $start,
        public array $who,
        public float $rework = 0.0,
        public ?bool $setUp = null,
        public ?float $end = null,
    ) {}

    public static function of(Placement $placed): self
    {
        return new self($placed->start, $placed->who, $placed->rework, $placed->setUp, $placed->end);
    }
}
