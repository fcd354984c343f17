<?php

declare(strict_types=1);

namespace App\Api\Body;

use App\Api\Check\Several;
use App\Api\Check\Whole;

/** What the yard does without on every job. */
final readonly class GearBody
{
    /** @param list<string> $without */
    public function __construct(
        #[Several(100)] public array $without,
        #[Whole(1, Whole::VERSION)] public int $version,
    ) {}
}
