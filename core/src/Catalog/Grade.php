<?php

declare(strict_types=1);

namespace Hull\Catalog;

/** One grade of a condition and the facts it puts on the surface. */
final readonly class Grade
{
    /** @param array<int|string, float> $facts */
    public function __construct(public string $id, public string $name, public string $look, public array $facts) {}
}
