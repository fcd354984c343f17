<?php

declare(strict_types=1);

namespace Hull\Catalog;

/** Something a survey finds on a part, by grade. */
final readonly class Condition
{
    /** @param array<string, Grade> $grades */
    public function __construct(public string $id, public string $name, public array $grades, public string $hint)
    {
    }
}
