<?php

declare(strict_types=1);

namespace Hull\Catalog;

/** Something that differs from place to place and that a workshop writes down for itself. */
final readonly class LocalTopic
{
    /** @param list<string> $cautions where it is shown */
    public function __construct(public string $id, public string $name, public string $hint, public array $cautions) {}

    /** @param list<string> $cautions */
    public function concerns(array $cautions): bool
    {
        return [] !== array_intersect($this->cautions, $cautions);
    }
}
