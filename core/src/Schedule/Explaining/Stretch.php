<?php

declare(strict_types=1);

namespace Hull\Schedule\Explaining;

/** Work of a plan as whoever does it sees it: what, where, who, from when to when. Hours since 1970 UTC. */
final readonly class Stretch
{
    /** @param list<string> $who */
    public function __construct(
        public string $step,
        public string $place,
        public array $who,
        public float $start,
        public float $end,
    ) {}
}
