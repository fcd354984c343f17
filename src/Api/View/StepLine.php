<?php

declare(strict_types=1);

namespace App\Api\View;

/** A step with what the log says of it. */
final readonly class StepLine
{
    public function __construct(
        public string $key,
        public string $name,
        public bool $coat,
        public string $status,
        public ?string $startedAt,
        public ?string $finishedAt,
    ) {}
}
