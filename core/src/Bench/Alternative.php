<?php

declare(strict_types=1);

namespace Hull\Bench;

use Hull\Catalog\School;
use Hull\Catalog\SchoolAnswer;

/** What another answer to a school question would make of a part. */
final readonly class Alternative
{
    /**
     * @param list<string> $for     what speaks for it on this part
     * @param list<string> $against what speaks against it on this part
     * @param string       $closed  why it is not open here; empty when it is
     * @param list<string> $gains   names of steps and films it has beside the route as it stands
     * @param list<string> $spares  names of steps and films of the route as it stands that it does without
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
    ) {
    }

    public function differs(): bool
    {
        return [] !== $this->gains || [] !== $this->spares;
    }
}
