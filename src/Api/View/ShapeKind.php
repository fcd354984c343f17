<?php

declare(strict_types=1);

namespace App\Api\View;

/** A kind of shape and its dimensions. */
final readonly class ShapeKind
{
    /**
     * @param list<DimensionField> $fields
     */
    public function __construct(
        public string $kind,
        public string $label,
        public string $formula,
        public array $fields,
    ) {}
}
