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
     * @param array<int|string, float> $worth hours of hands by what they are given for: day, good, visit, set_up, turn
     * @param string $climate id of the usual year there
     * @param list<ClimateChoice> $climates to choose from
     */
    public function __construct(
        public int $version,
        public array $people,
        public array $quiet,
        public array $off,
        public array $floors,
        public array $gear,
        public array $worth,
        public string $climate,
        public array $climates,
    ) {}

    /** @return array<array-key, mixed> with maps that stay maps when they are empty */
    public function jsonSerialize(): array
    {
        return [
            ...get_object_vars($this),
            'quiet' => (object) $this->quiet,
            'floors' => (object) $this->floors,
            'gear' => (object) $this->gear,
            'worth' => (object) $this->worth,
        ];
    }
}
