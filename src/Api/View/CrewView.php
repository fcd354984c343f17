<?php

declare(strict_types=1);

namespace App\Api\View;

/** Who works when, and when it is quiet. */
final readonly class CrewView implements \JsonSerializable
{
    /**
     * @param list<CrewPerson> $people
     * @param array<int|string, list<string>> $quiet by day
     * @param list<string> $off
     * @param array<int|string, string> $floors m2 by place
     * @param array<int|string, int> $gear
     */
    public function __construct(
        public int $version,
        public array $people,
        public array $quiet,
        public array $off,
        public array $floors,
        public array $gear,
    ) {}

    /** @return array<array-key, mixed> with maps that stay maps when they are empty */
    public function jsonSerialize(): array
    {
        return [
            ...get_object_vars($this),
            'quiet' => (object) $this->quiet,
            'floors' => (object) $this->floors,
            'gear' => (object) $this->gear,
        ];
    }
}
