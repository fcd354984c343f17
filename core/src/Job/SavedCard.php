<?php

declare(strict_types=1);

namespace Hull\Job;

/** A work card as a job keeps it: what was typed, worked out anew each time it is looked at. */
final readonly class SavedCard
{
    /**
     * @param string $kind id of the kind of work
     * @param string|null $part id of the part it is for
     * @param array<int|string, mixed> $inputs as typed
     */
    public function __construct(
        public string $id,
        public string $kind,
        public string $name,
        public ?string $part,
        public array $inputs,
    ) {}

    /** @return array<int|string, mixed> as the job file holds it */
    public function written(): array
    {
        return [
            'id' => $this->id,
            'kind' => $this->kind,
            'name' => $this->name,
            ...null === $this->part ? [] : ['part' => $this->part],
            ...[] === $this->inputs ? [] : ['inputs' => $this->inputs],
        ];
    }
}
