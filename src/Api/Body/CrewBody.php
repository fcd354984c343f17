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
     */
    public function __construct(
        public array $people,
        public int $version,
        public array $quiet = [],
        public array $off = [],
        public array $floors = [],
        public array $gear = [],
    ) {}
}
