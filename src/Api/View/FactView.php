<?php

declare(strict_types=1);

namespace App\Api\View;

/** Something that is true of the surface now. */
final readonly class FactView
{
    public function __construct(public string $id, public string $name, public string $kind, public float $level) {}
}
