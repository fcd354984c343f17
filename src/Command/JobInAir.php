<?php

declare(strict_types=1);

namespace App\Command;

use Hull\Board\JobPlan;
use Hull\Job\Job;
use Hull\Schedule\Airs;

/** A job file with its routes, the air of its places, and the moment it is. */
final readonly class JobInAir
{
    public function __construct(
        public Job $job,
        public JobPlan $plan,
        public Airs $airs,
        public \DateTimeImmutable $at,
    ) {}

    /** Hours since 1970 UTC. */
    public function now(): float
    {
        return (float) $this->at->format('U.u') / 3600.0;
    }
}
