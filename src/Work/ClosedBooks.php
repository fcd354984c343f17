<?php

declare(strict_types=1);

namespace App\Work;

use App\Catalog\Catalogues;
use App\Entity\JobRow;
use App\Entity\PartRow;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Tools\Pagination\Paginator;
use Hull\Bench\Workpiece;
use Hull\Route\NoRoute;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/**
 * Jobs that are over. What is read of the yard every day leaves them out; a list of them is read off what was written
 * down when they were closed, not worked out again. Record, routes, register and photos stay and can be read.
 */
final readonly class ClosedBooks
{
    public const PAGE = 25;
    private const NAMED = 3;

    public function __construct(
        private EntityManagerInterface $em,
        private RowMapper $stored,
        private Catalogues $catalogues,
        private YardAir $air,
        private ClockInterface $clock,
    ) {}

    /**
     * @param bool $leavesWork close it although parts have work left
     *
     * @throws ConflictHttpException where work is left and that was not said
     */
    public function close(JobRow $row, bool $leavesWork): void
    {
        $book = [];
        $left = [];
        foreach ($row->parts as $part) {
            [$written, $isOver] = $this->written($part);
            $book[] = $written;
            $left = $isOver ? $left : [...$left, $written['name']];
        }
        if ([] !== $left && !$leavesWork) {
            throw new ConflictHttpException(
                sprintf(
                    'Work is left on %s%s. Say that it stays undone to close the job all the same.',
                    implode(', ', array_slice($left, 0, self::NAMED)),
                    count($left) > self::NAMED ? sprintf(' and %d more', count($left) - self::NAMED) : '',
                ),
            );
        }
        $row->book = $book;
        $row->closedAt = $this->clock->now();
        $this->em->flush();
    }

    public function reopen(JobRow $row): void
    {
        $row->book = [];
        $row->closedAt = null;
        $row->archived = false;
        $this->em->flush();
    }

    /** @throws ConflictHttpException while it is open */
    public function archive(JobRow $row, bool $archived): void
    {
        if (null === $row->closedAt) {
            throw new ConflictHttpException('Only a closed job is put away. Close it first.');
        }
        $row->archived = $archived;
        $this->em->flush();
    }

    /**
     * @param int $page from 1 on
     * @param string $search in the name or the note
     *
     * @return Paginator<JobRow> newest first
     */
    public function page(bool $archived, int $page, string $search): Paginator
    {
        $query = $this->em
            ->createQuery(
                'SELECT j FROM ' .
                    JobRow::class .
                    ' j WHERE j.closedAt IS NOT NULL AND j.archived = :archived
                    AND (LOWER(j.name) LIKE :like OR LOWER(j.note) LIKE :like) ORDER BY j.closedAt DESC, j.id DESC',
            )
            ->setParameter('archived', $archived)
            ->setParameter('like', '%' . addcslashes(mb_strtolower($search), '\\%_') . '%')
            ->setFirstResult(self::PAGE * ($page - 1))
            ->setMaxResults(self::PAGE);

        return new Paginator($query, false);
    }

    /** @return array{array{id: string, name: string, substrate: string, done: int, all: int}, bool} and: it is over */
    private function written(PartRow $row): array
    {
        $part = $this->stored->part($row);
        $done = $all = 0;
        $isOver = false;
        try {
            $piece = $this->stored->workpiece($row);
            $replayed = $piece->replay($this->clock->now(), $this->air->series($row));
            $all = count($piece->route()->steps);
            $done = $all - count(Workpiece::remaining($piece->route(), $replayed));
            $isOver = null === $piece->next($replayed);
        } catch (NoRoute) {
            // Nothing was ever planned for it.
        }

        return [
            [
                'id' => (string) $row->id,
                'name' => $part->name,
                'substrate' => $this->catalogues->for($row->workshop)->substrate($part->substrate)->name,
                'done' => $done,
                'all' => $all,
            ],
            $isOver,
        ];
    }
}
