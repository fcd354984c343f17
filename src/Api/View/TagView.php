<?php

declare(strict_types=1);

namespace App\Api\View;

/** A line of the strip-down register. */
final readonly class TagView
{
    /**
     * @param string $partId of the page of the part it came off or went into
     * @param string $part its id in the job file
     * @param string $itself id in the job file of the part that it is; empty where it is none
     * @param list<TaggedItemView> $items
     * @param int $count things on it
     * @param int $open things not back on, or not out again
     * @param list<string> $before what goes on, or comes out, first: "7 Drum guard"
     * @param list<PhotoView> $photos
     */
    public function __construct(
        public int $number,
        public string $code,
        public int $version,
        public string $kind,
        public string $what,
        public string $partId,
        public string $part,
        public string $partName,
        public string $itself,
        public string $held,
        public string $lies,
        public int $turn,
        public string $note,
        public array $items,
        public int $count,
        public int $open,
        public array $before,
        public array $photos,
    ) {}
}
