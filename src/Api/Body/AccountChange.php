<?php

declare(strict_types=1);

namespace App\Api\Body;

use App\Api\Check\OneOf;
use Hull\Quantity\UnitSystem;

/** Changing how things are shown. */
final readonly class AccountChange
{
    public function __construct(#[OneOf(UnitSystem::class)] public string $units) {}
}
