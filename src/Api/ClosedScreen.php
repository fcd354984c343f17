<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\View\ClosedJob;
use App\Api\View\ClosedJobs;
use App\Api\View\ClosedPart;
use App\Entity\JobRow;
use App\Work\ClosedBooks;
use Hull\Input\Node;

/** Builds a page of the jobs that are over. */
final readonly class ClosedScreen
{
    public function __construct(private ClosedBooks $books) {}

    public function page(bool $archived, int $page, string $search): ClosedJobs
    {
        $found = $this->books->page($archived, $page, $search);
        $jobs = [];
        foreach ($found as $row) {
            $jobs[] = self::job($row);
        }
        $count = count($found);

        return new ClosedJobs($jobs, $page, max(1, (int) ceil($count / ClosedBooks::PAGE)), $count);
    }

    private static function job(JobRow $row): ClosedJob
    {
        return new ClosedJob(
            id: (string) $row->id,
            name: $row->name,
            note: $row->note,
            closedAt: $row->closedAt?->format('Y-m-d\TH:i:s\Z') ?? '',
            archived: $row->archived,
            parts: array_map(static function (array $written): ClosedPart {
                $p = Node::root($written);

                return new ClosedPart(
                    $p->field('id')->text(),
                    $p->field('name')->text(),
                    $p->field('substrate')->text(),
                    $p->field('done')->integer(0, \PHP_INT_MAX),
                    $p->field('all')->integer(0, \PHP_INT_MAX),
                );
            }, $row->book),
        );
    }
}
