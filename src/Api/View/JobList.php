<?php

declare(strict_types=1);

namespace App\Api\View;

/** The jobs of the workshop. */
final readonly class JobList
{
    /**
     * @param list<JobView> $jobs
     */
    public function __construct(public array $jobs) {}
}
