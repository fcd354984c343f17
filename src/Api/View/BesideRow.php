<?php

declare(strict_types=1);

namespace App\Api\View;

/** One line of two routes side by side; null where a route has no such step. */
final readonly class BesideRow
{
    public function __construct(public ?string $left, public ?string $right, public string $phase) {}
}
