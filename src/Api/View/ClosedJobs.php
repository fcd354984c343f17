<?php

declare(strict_types=1);

namespace App\Api\View;

/** A page of the jobs that are over, newest first. */
final readonly class ClosedJobs
{
    /**
     * @param list<ClosedJob> $jobs
     * @param int $page from 1 on
     * @param int $count of all pages together
     */
    public function __construct(public array $jobs, public int $page, public int $pages, public int $count) {}
}
