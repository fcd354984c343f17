<?php

declare(strict_types=1);

namespace App\Api\View;

/** Things of one sort on a tag. */
final readonly class TaggedItemView
{
    public function __construct(
        public string $what,
        public string $size,
        public int $count,
        public string $state,
        public string $stateWords,
        public int $done,
    ) {}
}
