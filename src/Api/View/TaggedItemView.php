<?php

declare(strict_types=1);

namespace App\Api\View;

/** Things of one sort on a tag. */
final readonly class TaggedItemView
{
    /** @param string $expected day on which what is ordered should be here; empty where nobody said */
    public function __construct(
        public string $what,
        public string $size,
        public int $count,
        public string $state,
        public string $stateWords,
        public int $done,
        public string $expected = '',
    ) {}
}
