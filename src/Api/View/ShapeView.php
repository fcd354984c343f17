<?php

declare(strict_types=1);

namespace App\Api\View;

/** One shape: what was typed, and what came of it. */
final readonly class ShapeView implements \JsonSerializable
{
    /**
     * @param array<int|string, string> $dimensions
     * @param array<int|string, float> $values
     */
    public function __construct(
        public string $name,
        public string $kind,
        public array $dimensions,
        public array $values,
        public ?Value $area,
        public string $error,
        public string $pointer,
    ) {}

    /** @return array<array-key, mixed> empty maps stay objects in JSON */
    public function jsonSerialize(): array
    {
        return [
            ...get_object_vars($this),
            'dimensions' => (object) $this->dimensions,
            'values' => (object) $this->values,
        ];
    }
}
