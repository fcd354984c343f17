<?php

declare(strict_types=1);

namespace App\Catalog;

/** What is wrong in a catalogue text, and on which line. */
final readonly class LineError
{
    public function __construct(
        public int $line,
        public string $pointer,
        public string $detail,
        public string $accepted,
    ) {}

    public function text(): string
    {
        return sprintf('Line %d: %s', $this->line, $this->detail);
    }
}
