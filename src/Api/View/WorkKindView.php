<?php

declare(strict_types=1);

namespace App\Api\View;

/** A kind of work card and what it asks for. */
final readonly class WorkKindView implements \JsonSerializable
{
    /**
     * @param list<DimensionField> $fields
     * @param list<DimensionField> $rowFields
     * @param array<int|string, string> $sample
     * @param list<array<int|string, string>> $sampleRows
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $hint,
        public array $fields,
        public string $rowsField,
        public array $rowFields,
        public array $sample,
        public array $sampleRows,
    ) {}

    /** @return array<array-key, mixed> */
    public function jsonSerialize(): array
    {
        return [...get_object_vars($this), 'sample' => (object) $this->sample];
    }
}
