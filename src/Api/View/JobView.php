<?php

declare(strict_types=1);

namespace App\Api\View;

/** A job and its parts. */
final readonly class JobView
{
    /**
     * @param list<PartLine> $parts
     * @param list<string> $without
     * @param list<PlaceLine> $places the one last worked with at the end
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $note,
        public array $parts,
        public array $without,
        public array $places,
    ) {}
}
