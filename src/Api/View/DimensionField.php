<?php

declare(strict_types=1);

namespace App\Api\View;

/** One dimension of a shape. */
final readonly class DimensionField
{
    /**
     * @param list<string> $options
     */
    public function __construct(
        public string $name,
        public string $label,
        public string $kind,
        public bool $required,
        public array $options,
    ) {
    }
}
