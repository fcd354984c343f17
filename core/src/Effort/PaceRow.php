<?php

declare(strict_types=1);

namespace Hull\Effort;

/** Minutes a square metre for one thing that comes off. */
final readonly class PaceRow
{
    /**
     * @param array<int|string, float> $found fact => level in the survey; any of them calls for the row
     * @param list<string> $still facts of which one must be left when the work begins
     * @param float $least minutes a square metre
     * @param float $most minutes a square metre
     */
    public function __construct(
        public string $name,
        public array $found,
        public array $still,
        public float $least,
        public float $most,
    ) {}

    /** Both come off the same ground: scale is rust, as pits are. */
    public function isOf(self $other): bool
    {
        return [] !== array_intersect($this->still, $other->still);
    }

    public function typical(): float
    {
        return ($this->least + $this->most) / 2.0;
    }
}
