<?php

declare(strict_types=1);

namespace App\Api\View;

/** What was made. */
final readonly class Created
{
    public function __construct(public string $id) {}
}
