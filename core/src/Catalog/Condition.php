<?php

declare(strict_types=1);

namespace Hull\Catalog;

/** Something a survey finds on a part, by grade. */
final readonly class Condition
{
    /**
     * @param array<int|string, Grade> $grades mildest first
     * @param string $group dirt, stain, corrosion, old film, damage, work, hazard
     * @param list<string> $families substrates it occurs on; empty for all
     * @param string $picture which drawing shows its grades
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $grades,
        public string $hint,
        public string $group,
        public array $families,
        public string $picture,
    ) {}

    public function worst(): Grade
    {
        $grades = $this->grades;

        return array_pop($grades) ?? throw new \LogicException($this->id . ' has no grade.');
    }
}
