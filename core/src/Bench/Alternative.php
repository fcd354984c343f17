<?php

declare(strict_types=1);

namespace Hull\Bench;

use Hull\Catalog\School;
use Hull\Catalog\SchoolAnswer;

/** What another answer to a school question would make of a part. */
final readonly class Alternative
{
    /**
     * @param list<string> $for what speaks for it on this part
     * @param list<string> $against what speaks against it on this part
     * @param string $closed why it is not open here; empty when it is
     * @param list<string> $gains names of steps and films it has beside the route as it stands
     * @param list<string> $spares names of steps and films of the route as it stands that it does without
     * @param bool $matters it differs by more than a trifle
     */
    public function __construct(
        public School $school,
        public SchoolAnswer $answer,
        public bool $chosen,
        public array $for,
        public array $against,
        public string $closed,
        public string $system,
        public ?RouteFigures $figures,
        public array $gains,
        public array $spares,
        public bool $matters,
    ) {}

    public function differs(): bool
    {
        return [] !== $this->gains || [] !== $this->spares;
    }

    /**
     * Work, money and risk for a year of protection, by which ways are ranked.
     *
     * @return float|null null for what is planned already, is closed, or has nothing to be said for it on this part
     */
    public function effort(): ?float
    {
        $worthNaming = !$this->chosen && $this->matters && [] !== $this->for && '' === $this->closed;

        return $worthNaming ? $this->figures?->effortPerYear() : null;
    }
}
