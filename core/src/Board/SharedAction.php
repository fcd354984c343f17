<?php

declare(strict_types=1);

namespace Hull\Board;

use Hull\Surface\Shade;

/** One action of a job, done on one zone or on several at once. */
final readonly class SharedAction
{
    /**
     * @param array<int|string, string> $zones part id => key of the step in that part's route
     * @param float $minutes of work on all zones together
     * @param string $colour of what is laid
     * @param float $saved minutes of setting up that are spent once instead of for each zone
     */
    public function __construct(
        public string $step,
        public ?string $product,
        public string $place,
        public array $zones,
        public float $minutes,
        public float $saved,
        public string $colour = '',
    ) {}

    /** What is laid; null for what lays nothing. */
    public function shade(): ?Shade
    {
        return null === $this->product ? null : new Shade($this->product, $this->colour);
    }
}
