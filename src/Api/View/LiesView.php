<?php

declare(strict_types=1);

namespace App\Api\View;

/** What was taken off and lies somewhere meanwhile. */
final readonly class LiesView
{
    public function __construct(
        public string $jobId,
        public string $job,
        public int $number,
        public string $what,
        public string $where,
    ) {}
}
