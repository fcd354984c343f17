<?php

declare(strict_types=1);

namespace App\Api\Body;

/** Shapes to measure. */
final readonly class ShapesBody
{
    /**
     * @param list<array<int|string, string|float>> $shapes
     */
    public function __construct(public array $shapes) {}
}
