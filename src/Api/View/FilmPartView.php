<?php

declare(strict_types=1);

namespace App\Api\View;

/** What one part takes of a film. */
final readonly class FilmPartView
{
    public function __construct(public string $part, public int $coats, public Value $paint) {}
}
