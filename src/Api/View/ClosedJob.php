<?php

declare(strict_types=1);

namespace App\Api\View;

/** A job that is over. */
final readonly class ClosedJob
{
    /**
     * @param list<ClosedPart> $parts
     * @param bool $archived put away
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $note,
        public string $closedAt,
        public bool $archived,
        public array $parts,
    ) {}
}
