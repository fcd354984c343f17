<?php

declare(strict_types=1);

namespace App\Api\View;

/** What stands in the way, and what happens if it is ignored. */
final readonly class AgainstView
{
    public function __construct(public string $says, public string $consequence, public string $source) {}
}
