<?php

declare(strict_types=1);

namespace App\Api\Body;

/** What the yard does without on every job. */
final readonly class GearBody
{
    /** @param list<string> $without */
    public function __construct(public array $without, public int $version) {}
}
