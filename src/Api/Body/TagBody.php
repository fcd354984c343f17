<?php

declare(strict_types=1);

namespace App\Api\Body;

/** What came off in one go, or was put in. */
final readonly class TagBody
{
    /**
     * @param string $what what it is, for the label
     * @param string $part id in the job file of the part it came off or went into
     * @param list<TaggedItemBody> $items what there is, counted
     * @param string|null $kind off (came off) or in (was put in)
     * @param string|null $itself id of the part of the job that it is
     * @param string|null $held bag, tray, box, rack or loose
     * @param string|null $lies where that is
     * @param int|null $turn the how-manyeth came off
     * @param int|null $version as read, when it is changed
     */
    public function __construct(
        public string $what,
        public string $part,
        public array $items,
        public ?string $kind = null,
        public ?string $itself = null,
        public ?string $held = null,
        public ?string $lies = null,
        public ?int $turn = null,
        public ?string $note = null,
        public ?int $version = null,
    ) {}
}
