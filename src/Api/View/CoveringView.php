<?php

declare(strict_types=1);

namespace App\Api\View;

/** A sort of place that stays bare or clean. */
final readonly class CoveringView implements \JsonSerializable
{
    /**
     * @param string $by plug, tape, film, line or nothing
     * @param array<int|string, string> $sizes across, along, and at how much one begins
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $by,
        public array $sizes,
        public string $hint,
    ) {}

    /** @return array<array-key, mixed> what is measured by nothing has an empty map, not a list */
    public function jsonSerialize(): array
    {
        return [...get_object_vars($this), 'sizes' => (object) $this->sizes];
    }
}
