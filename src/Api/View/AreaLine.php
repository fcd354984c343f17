<?php

declare(strict_types=1);

namespace App\Api\View;

/** The area of a part, shape by shape; shares are of the largest part. */
final readonly class AreaLine
{
    /**
     * @param list<AreaShapeView> $shapes
     */
    public function __construct(
        public string $partId,
        public string $name,
        public string $hatch,
        public Value $area,
        public Value $notCoated,
        public array $shapes,
    ) {}
}
