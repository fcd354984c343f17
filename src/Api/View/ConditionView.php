<?php

declare(strict_types=1);

namespace App\Api\View;

/** A condition with its grades. */
final readonly class ConditionView
{
    /**
     * @param list<string> $families substrates it occurs on; empty for all
     * @param list<GradeView> $grades
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $hint,
        public string $group,
        public array $families,
        public string $picture,
        public array $grades,
    ) {}
}
