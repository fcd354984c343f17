<?php

declare(strict_types=1);

namespace App\Api\View;

/** A grade of a condition. */
final readonly class GradeView
{
    public function __construct(public string $id, public string $name, public string $look) {}
}
