<?php

declare(strict_types=1);

namespace App\Api\Body;

/** An order of work, based on a version of the route. */
final readonly class RouteBody
{
    /**
     * @param list<StepBody> $steps
     */
    public function __construct(public array $steps, public int $number, public ?string $because = null) {}
}
