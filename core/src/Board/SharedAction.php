<?php

declare(strict_types=1);

namespace Hull\Board;

/** One action of a job, done on one zone or on several at once. */
final readonly class SharedAction
{
    /**
     * @param array<int|string, string> $zones part id => key of the step in that part's route
     * @param float $minutes of work on all zones together
     * @param float $saved minutes of setting up that are spent once instead of for each zone
     */
    public function __construct(
        public string $step,
        public ?string $product,
        public string $place,
        public array $zones,
        public float $minutes,
        public float $saved,
    ) {}
}
