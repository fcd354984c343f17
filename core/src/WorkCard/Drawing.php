<?php

declare(strict_types=1);

namespace Hull\WorkCard;

/** What the work looks like, to scale; heights may be drawn larger, which is said. */
final readonly class Drawing
{
    /** @param list<Mark> $marks from back to front */
    public function __construct(
        public float $width,
        public float $height,
        public string $caption,
        public array $marks,
    ) {}
}
