<?php

declare(strict_types=1);

namespace App\Api\View;

/** A film of the catalogue. */
final readonly class FilmLine
{
    public function __construct(public string $id, public string $name, public string $example, public string $hatch) {}
}
