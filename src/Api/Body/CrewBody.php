<?php

declare(strict_types=1);

namespace App\Api\Body;

/** Who works when. */
final readonly class CrewBody
{
    /**
     * @param list<CrewPersonBody> $people
     * @param array<int|string, list<string>> $quiet by day, as 0:00-8:00
     * @param list<string> $off days, as 2026-12-25
     * @param array<int|string, string> $floors area by place
     * @param array<int|string, int> $gear
     * @param array<int|string, float> $worth hours of hands by what they are given for: day, good, visit, set_up, turn
     * @param ?string $climate id of the usual year there
     */
    public function __construct(
        public array $people,
        public int $version,
        public array $quiet = [],
        public array $off = [],
        public array $floors = [],
        public array $gear = [],
        public array $worth = [],
        public ?string $climate = null,
    ) {}
}
