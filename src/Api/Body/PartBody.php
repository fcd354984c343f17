<?php

declare(strict_types=1);

namespace App\Api\Body;

/** A part in the form of the job file. */
final readonly class PartBody
{
    /**
     * @param list<ConditionBody> $conditions
     * @param list<array<int|string, string|float>> $shapes
     * @param array<int|string, string>|null $schools
     * @param list<string>|null $also further services it has to stand
     * @param list<LayerBody>|null $layers
     * @param list<LinkBody>|null $links
     * @param bool|null $overhead worked from below: it takes half as long again
     * @param string|null $begin day before which nothing is done on it
     * @param list<CoveredBody>|null $covered what stays bare or clean
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $substrate,
        public string $service,
        public string $finish,
        public string $place,
        public array $conditions,
        public array $shapes,
        public ?string $method = null,
        public ?bool $small_or_lattice = null,
        public ?string $water_lies = null,
        public ?array $schools = null,
        public ?string $zone_of = null,
        public ?string $mounted_on = null,
        public ?string $replacement = null,
        public ?array $also = null,
        public ?string $aim = null,
        public ?string $film = null,
        public ?array $layers = null,
        public ?array $links = null,
        public ?SpotBody $spot = null,
        public ?array $covered = null,
        public ?RoomBody $room = null,
        public ?string $begin = null,
        public ?string $in_sun = null,
        public ?bool $overhead = null,
    ) {}
}
