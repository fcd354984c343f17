<?php

declare(strict_types=1);

namespace App\Api\View;

/** A mark of a scale. */
final readonly class TickView
{
    public function __construct(public float $at, public string $text) {}
}
