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
     * @param string|null $closedAt from then on it can only be read
     * @param bool $handedOver nothing is left to do on any of its parts
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $note,
        public array $parts,
        public array $without,
        public array $places,
        public ?string $closedAt,
        public bool $handedOver,
    ) {}
}
