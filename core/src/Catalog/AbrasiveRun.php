<?php

declare(strict_types=1);

namespace Hull\Catalog;

/** A run of grits for one kind of work, coarse to fine; no step leaves out more than the next but one. */
final readonly class AbrasiveRun
{
    /**
     * @param list<int> $grits
     * @param array<int, float> $discLife m2 per disc by grit
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $grits,
        public array $discLife,
        public string $note,
    ) {}
}
