<?php

declare(strict_types=1);

namespace App\Api\Body;

/** Answers to school questions; the route is planned again. */
final readonly class SchoolsBody
{
    /**
     * @param array<int|string, string> $schools
     */
    public function __construct(public array $schools) {}
}
