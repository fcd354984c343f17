<?php

declare(strict_types=1);

namespace Judge;

/** One thing done in a job, on one part or on several in one go. */
final readonly class Act
{
    /** @param list<string> $parts in the order in which they are taken in it */
    public function __construct(
        public string $step,
        public array $parts,
        public ?string $product = null,
        public string $colour = '',
    ) {}

    /** @param list<string> $steps */
    public function isOneOf(array $steps): bool
    {
        return in_array($this->step, $steps, true);
    }

    public function isOn(string $part): bool
    {
        return in_array($part, $this->parts, true);
    }
}
