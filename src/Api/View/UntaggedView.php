<?php

declare(strict_types=1);

namespace App\Api\View;

/** A part that comes off by its ties and has no tag yet. */
final readonly class UntaggedView
{
    /**
     * @param string $part id in the job file of what it comes off
     * @param string $itself its own id in the job file
     * @param string $by what holds it
     * @param list<TaggedItemView> $items it, and what holds it, counted as far as its words say
     */
    public function __construct(
        public string $part,
        public string $partName,
        public string $itself,
        public string $name,
        public string $by,
        public array $items,
    ) {}
}
