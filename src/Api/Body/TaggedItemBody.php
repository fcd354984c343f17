<?php

declare(strict_types=1);

namespace App\Api\Body;

/** Things of one sort on a tag. */
final readonly class TaggedItemBody
{
    /**
     * @param string|null $state reuse, clean, replace or ordered
     * @param string|null $expected day on which what is ordered should be here, YYYY-MM-DD
     * @param int|null $done how many are back on, or out again
     */
    public function __construct(
        public string $what,
        public ?string $size = null,
        public ?int $count = null,
        public ?string $state = null,
        public ?int $done = null,
        public ?string $expected = null,
    ) {}
}
