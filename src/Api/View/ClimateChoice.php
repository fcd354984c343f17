<?php

declare(strict_types=1);

namespace App\Api\View;

/** A usual year to choose. */
final readonly class ClimateChoice
{
    public function __construct(public string $id, public string $name, public string $hint) {}
}
