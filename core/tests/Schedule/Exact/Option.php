<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule\Exact;

use Hull\Schedule\Constraint\Activity;

/** One way in which an activity can be done: when, by whom, set up already or not, with what made good. */
final readonly class Option
{
    /**
     * @param list<string> $who
     * @param float $dry until when a film is wet
     * @param float $hours worked, of each
     */
    public function __construct(
        public Activity $activity,
        public float $start,
        public float $end,
        public array $who,
        public float $dry,
        public float $hours,
        public float $rework,
        public bool $setUp,
    ) {}
}
