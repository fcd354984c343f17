<?php

declare(strict_types=1);

namespace App\Api\View;

/** Every formula. */
final readonly class ComputationList
{
    /**
     * @param list<ComputationLine> $computations
     */
    public function __construct(public array $computations) {}
}
