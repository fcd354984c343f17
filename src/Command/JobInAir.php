<?php

declare(strict_types=1);

namespace App\Command;

use Hull\Board\JobPlan;
use Hull\Catalog\Catalogue;
use Hull\Climate\PlaceAir;
use Hull\Job\Job;
use Hull\Job\Place;
use Hull\Quantity\Instant;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;
use Hull\Schedule\Constraint\Airs;

/** A job file with its routes, the air of its places as it is and as it could be made, and the moment it is. */
final readonly class JobInAir
{
    /** @param \Closure(Place, ?Temperature, ?RelativeHumidity): PlaceAir $made air of a place, heated or dried */
    public function __construct(
        public Catalogue $catalogue,
        public Job $job,
        public JobPlan $plan,
        public Airs $airs,
        public \DateTimeImmutable $at,
        public \Closure $made,
    ) {}

    /** Hours since 1970 UTC. */
    public function now(): float
    {
        return Instant::hour($this->at);
    }
}
