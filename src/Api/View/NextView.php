<?php

declare(strict_types=1);

namespace App\Api\View;

/** Something that can be begun now. */
final readonly class NextView
{
    /**
     * @param bool $planned the schedule has it now
     * @param bool $fits it can be done, or stopped, within an hour
     */
    public function __construct(
        public string $id,
        public string $part,
        public string $partName,
        public string $name,
        public bool $planned,
        public bool $fits,
        public Value $takes,
        public Value $slack,
    ) {}
}
