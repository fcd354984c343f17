<?php

declare(strict_types=1);

namespace App\Api\View;

/** From one instant to another. */
final readonly class SpanView
{
    public function __construct(public string $from, public string $to) {}
}
