<?php

declare(strict_types=1);

namespace Hull\Catalog;

/** Something a workshop may be without: a piece of gear, a skill, or the wish to use it. */
final readonly class Capability
{
    /** @param string $kind gear, skill or taste */
    public function __construct(public string $id, public string $name, public string $kind, public string $hint) {}
}
