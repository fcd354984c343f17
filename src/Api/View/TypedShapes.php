<?php

declare(strict_types=1);

namespace App\Api\View;

/** Shapes of a list of dimensions, as they were typed. */
final readonly class TypedShapes
{
    /**
     * @param list<array<int|string, string>> $shapes
     */
    public function __construct(public array $shapes) {}
}
