<?php

declare(strict_types=1);

namespace App\Api\View;

/** A part as taken in, in the units of the reader. */
final readonly class SurveyView implements \JsonSerializable
{
    /**
     * @param list<ObservedView> $conditions
     * @param array<int|string, string> $schools
     * @param list<PlaceView> $places
     * @param list<Option> $siblings other parts of the job
     */
    public function __construct(
        public string $id,
        public int $version,
        public string $jobId,
        public string $jobName,
        public string $slug,
        public string $name,
        public string $substrate,
        public array $conditions,
        public ShapesView $shapes,
        public string $service,
        public string $finish,
        public string $place,
        public string $method,
        public bool $smallOrLattice,
        public string $waterLies,
        public array $schools,
        public array $places,
        public ?string $zoneOf,
        public ?string $mountedOn,
        public string $replacement,
        public array $siblings,
    ) {}

    /** @return array<array-key, mixed> empty maps stay objects in JSON */
    public function jsonSerialize(): array
    {
        return [...get_object_vars($this), 'schools' => (object) $this->schools];
    }
}
