<?php

declare(strict_types=1);

namespace Hull\Board;

/** One combination: how many steps under which film system, or why there is none. */
final readonly class CoverageCell
{
    public function __construct(public int $steps, public string $system, public string $why) {}

    public static function empty(string $why): self
    {
        return new self(0, '', $why);
    }
}
