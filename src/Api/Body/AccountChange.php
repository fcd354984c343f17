<?php

declare(strict_types=1);

namespace App\Api\Body;

/** Changing how things are shown. */
final readonly class AccountChange
{
    public function __construct(public string $units) {}
}
