<?php

declare(strict_types=1);

namespace App\Api\View;

/** What is wrong in a catalogue text, and on which line. */
final readonly class LineErrorView
{
    public function __construct(public int $line, public string $detail, public string $accepted) {}
}
