<?php

declare(strict_types=1);

namespace App\Api\View;

/** A part whose next coat is the same product. */
final readonly class RideView
{
    public function __construct(public string $partId, public string $part, public string $job, public Value $paint) {}
}
