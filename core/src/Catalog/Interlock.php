<?php

declare(strict_types=1);

namespace Hull\Catalog;

/** Two kinds of chemicals that must not meet: in one bay on one day, or in one cabinet. */
final readonly class Interlock
{
    /**
     * @param list<string> $first
     * @param list<string> $second
     * @param float $hours that the first side stays about
     * @param float $secondHours that the second does: what evaporates is gone sooner
     * @param bool $ordered only the second after the first is dangerous
     * @param list<string> $parting steps that part the two, such as a rinse
     */
    public function __construct(
        public string $id,
        public array $first,
        public array $second,
        public array $parting,
        public float $hours,
        public float $secondHours,
        public bool $ordered,
        public string $says,
        public string $consequence,
        public string $source,
    ) {}

    /**
     * How long what was brought stays about when it is over, hours.
     *
     * @param list<string> $brought
     */
    public function staysFor(array $brought): float
    {
        return [] === array_intersect($this->first, $brought) ? $this->secondHours : $this->hours;
    }

    /**
     * @param list<string> $one about earlier
     * @param list<string> $other brought later
     */
    public function isBetween(array $one, array $other): bool
    {
        return ([] !== array_intersect($this->first, $one) && [] !== array_intersect($this->second, $other)) ||
            (!$this->ordered &&
                [] !== array_intersect($this->second, $one) &&
                [] !== array_intersect($this->first, $other));
    }
}
