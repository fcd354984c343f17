<?php

declare(strict_types=1);

namespace Hull\Schedule\Constraint;

use Hull\Climate\RateLine;

/**
 * What has to pass before or after something: hours by the clock, what the air of a place drives, or both one after
 * the other.
 */
final readonly class LagTime
{
    private function __construct(
        private float $hours,
        private ?RateLine $line,
        private float $amount,
        private ?RainFree $rain = null,
    ) {}

    public static function hours(float $hours): self
    {
        return new self(max(0.0, $hours), null, 0.0);
    }

    /** @param float $amount of progress on the line, 1 for a cure clock */
    public static function on(RateLine $line, float $amount = 1.0, float $hoursBefore = 0.0): self
    {
        return new self(max(0.0, $hoursBefore), $line, $amount);
    }

    /** Over at the latest when rain comes. */
    public function orRain(?RainFree $rain): self
    {
        return new self($this->hours, $this->line, $this->amount, $rain);
    }

    /** The hour at which it has passed since another; null when it never does. */
    public function after(float $hour): ?float
    {
        $from = $hour + $this->hours;
        $passed = null === $this->line ? $from : $this->line->reachedAt($from, $this->amount);
        $rain = $this->rain?->rainAfter($hour);

        return null === $rain ? (\INF === $passed ? null : $passed) : min($passed ?? \INF, max($hour, $rain));
    }
}
