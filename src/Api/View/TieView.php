<?php

declare(strict_types=1);

namespace App\Api\View;

/** Another part of the job that hangs on this one. */
final readonly class TieView
{
    /**
     * @param string $words how, in the middle of a sentence: "is mounted on"
     * @param string $by what holds it there; empty where nobody said
     * @param bool $stays it is not taken off
     */
    public function __construct(
        public string $partId,
        public string $name,
        public string $words,
        public string $by,
        public bool $stays,
    ) {}
}
