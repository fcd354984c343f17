<?php

declare(strict_types=1);

namespace Judge;

/** One entry of a timetable: what is done on which part, where, by whom, from when to when. */
final readonly class Stint
{
    /**
     * @param float $from hours since 1970 UTC
     * @param list<string> $who
     * @param bool $late the plan says that a window is missed
     * @param float $rework hours of making good in it
     */
    public function __construct(
        public string $part,
        public string $step,
        public ?string $product,
        public string $place,
        public float $from,
        public float $to,
        public array $who,
        public bool $late = false,
        public float $rework = 0.0,
    ) {}

    /** @param list<string> $steps */
    public function isOneOf(array $steps): bool
    {
        return in_array($this->step, $steps, true);
    }

    public function words(): string
    {
        return trim(sprintf('%s %s on %s', $this->step, $this->product ?? '', $this->part));
    }
}
