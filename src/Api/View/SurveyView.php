<?php

declare(strict_types=1);

namespace App\Api\View;

/** A part as taken in, in the units of the reader. */
final readonly class SurveyView implements \JsonSerializable
{
    /**
     * @param list<ObservedView> $conditions
     * @param array<string, mixed> $fields the plain fields of the part, by their name in a job file
     * @param array<int|string, string> $schools
     * @param list<PlaceView> $places
     * @param list<Option> $siblings other parts of the job
     * @param array<int|string, string> $sizes quantities among the plain fields as the reader says
     *                                         them: lengths by their metres, weights by "kg " and their kilograms
     * @param list<TieView> $tied what of these hangs on this one or is a zone of it
     */
    public function __construct(
        public string $id,
        public int $version,
        public string $jobId,
        public string $jobName,
        public ?string $jobClosed,
        public string $slug,
        public string $name,
        public string $substrate,
        public array $conditions,
        public ShapesView $shapes,
        public string $place,
        public array $fields,
        public array $schools,
        public array $places,
        public array $siblings,
        public array $tied,
        public array $sizes,
    ) {}

    /** @return array<array-key, mixed> empty maps stay objects in JSON */
    public function jsonSerialize(): array
    {
        return [...get_object_vars($this), 'schools' => (object) $this->schools, 'sizes' => (object) $this->sizes];
    }
}
