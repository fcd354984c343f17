<?php

declare(strict_types=1);

namespace Hull\Job;

use Hull\Climate\Air;

/** Where a part is worked: its kind and the air in it as set or as last judged. */
final readonly class Place
{
    /** @param list<string> $hazards what is about in it: a flame, no ventilation */
    public function __construct(
        public string $id,
        public string $name,
        public string $kind,
        public Air $air,
        public array $hazards = [],
    ) {}
}
