<?php

declare(strict_types=1);

namespace App\Api\View;

/** The films that some system lays on a material. */
final readonly class FilmList
{
    /** @param list<FilmLine> $films */
    public function __construct(public array $films) {}
}
