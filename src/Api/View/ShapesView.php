<?php

declare(strict_types=1);

namespace App\Api\View;

/** Shapes with their areas. */
final readonly class ShapesView
{
    /**
     * @param list<ShapeView> $shapes
     */
    public function __construct(public array $shapes, public ?Value $total) {}
}
