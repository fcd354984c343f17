<?php

declare(strict_types=1);

namespace App\Work;

use App\Entity\JobRow;
use App\Entity\PartRow;
use App\Persistence\RemovedFilter;
use Doctrine\ORM\EntityManagerInterface;
use Hull\Input\InvalidInput;
use Hull\Job\Job;
use Hull\Job\Part;
use Hull\JobFile\JobWriter;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;
use Symfony\Component\Uid\Uuid;

/** Jobs and parts put aside, brought back, and taken as the pattern of another. */
final readonly class Shelf
{
    private const NAME = 120;

    public function __construct(
        private EntityManagerInterface $em,
        private RowMapper $stored,
        private JobBook $jobs,
        private SurveyBook $surveys,
        private ClockInterface $clock,
    ) {}

    /** With all its parts; whatever the record and the store know of them is kept. */
    public function removeJob(JobRow $row): void
    {
        $row->removedAt = $this->clock->now();
        foreach ($row->parts as $part) {
            $part->removedAt = $row->removedAt;
        }
        $this->em->flush();
    }

    public function removePart(PartRow $row): void
    {
        $id = $this->stored->part($row)->id;
        foreach ($row->job->parts as $other) {
            $hangs = $other === $row ? null : $this->stored->part($other);
            if (null !== $hangs && in_array($id, $hangs->tiedTo(), true)) {
                throw new ConflictHttpException(
                    sprintf(
                        '%s is %s this part. Change that in its survey first; nothing was removed.',
                        $hangs->name,
                        match ($id) {
                            $hangs->zoneOf => 'a zone of',
                            $hangs->mountedOn => 'mounted on',
                            default => 'tied to',
                        },
                    ),
                );
            }
        }
        $row->removedAt = $this->clock->now();
        $this->em->flush();
    }

    /** Brings back a job with the parts that went with it. Null when nothing of that id was removed. */
    public function restoreJob(Uuid $id): ?JobRow
    {
        return $this->unfiltered(function () use ($id): ?JobRow {
            $row = $this->em->getRepository(JobRow::class)->findOneBy(['id' => $id]);
            foreach ($row->parts ?? [] as $part) {
                if (null !== $row && $part->removedAt?->format('U.u') === $row->removedAt?->format('U.u')) {
                    $this->readable($part);
                    $part->removedAt = null;
                }
            }
            if (null !== $row) {
                $row->removedAt = null;
            }

            return $row;
        });
    }

    public function restorePart(Uuid $id): ?PartRow
    {
        return $this->unfiltered(function () use ($id): ?PartRow {
            $row = $this->em->getRepository(PartRow::class)->findOneBy(['id' => $id]);
            if (null === $row || null !== $row->job->removedAt) {
                return null;
            }
            if (null !== $row->job->closedAt) {
                throw new ClosedBook($row->job->name);
            }
            $part = $this->readable($row);
            $there = [];
            foreach ($row->job->parts as $other) {
                if ($other !== $row && null === $other->removedAt) {
                    $there[] = $other->survey['id'] ?? '';
                }
            }
            if (null !== $row->removedAt && in_array($part->id, $there, true)) {
                throw new ConflictHttpException(
                    sprintf('The job has another part "%s" by now. Nothing was brought back.', $part->id),
                );
            }
            foreach ($part->tiedTo() as $on) {
                if (!in_array($on, $there, true)) {
                    throw new ConflictHttpException(
                        sprintf('It hangs on "%s", which is no longer there. Bring that back first.', $on),
                    );
                }
            }
            $row->removedAt = null;

            return $row;
        });
    }

    /** The catalogue may have gone on without what an old survey or route names. */
    private function readable(PartRow $row): Part
    {
        try {
            return $this->stored->part($row);
        } catch (InvalidInput $e) {
            throw new ConflictHttpException(
                sprintf(
                    'It cannot come back: the catalogue no longer has what its route or survey names. %s',
                    $e->getMessage(),
                ),
            );
        }
    }

    public function rename(JobRow $row, string $name, string $note): void
    {
        $row->name = $name;
        $row->note = $note;
        $this->em->flush();
    }

    /** Another job like this one, not begun: the same parts as surveyed, planned anew. */
    public function copyJob(JobRow $row): JobRow
    {
        $names = array_map(
            static fn(JobRow $j): string => $j->name,
            $this->em->getRepository(JobRow::class)->findBy([]),
        );
        $job = $this->stored->job($row);
        $parts = array_map(static fn(Part $p): Part => $p->with(null, []), $job->parts);

        return $this->jobs->import(
            $row->workshop,
            new Job(
                name: self::another($job->name, $names),
                note: $job->note,
                places: $job->places,
                parts: $parts,
                without: $job->without,
                cards: $job->cards,
                due: null,
            ),
        );
    }

    /** Another part like this one, not begun. */
    public function copyPart(PartRow $row): PartRow
    {
        $part = $this->stored->part($row);
        $others = array_map($this->stored->part(...), array_values($row->job->parts->toArray()));
        $ids = array_map(static fn(Part $p): string => $p->id, $others);
        $id = self::free(mb_substr($part->id, 0, 55) . '-', $ids);
        $name = self::another($part->name, array_map(static fn(Part $p): string => $p->name, $others));
        $copy = $this->stored->read($row->job, [
            ...JobWriter::part($part->with(null, [])),
            'id' => $id,
            'name' => $name,
        ]);

        return $this->surveys->write($row->job, null, $copy, $this->stored->places($row->job)[$part->place], null);
    }

    /** @param list<string> $taken */
    private static function another(string $name, array $taken): string
    {
        return self::free(mb_substr((string) preg_replace('/ \d+$/', '', $name), 0, self::NAME - 5) . ' ', $taken);
    }

    /** @param list<string> $taken */
    private static function free(string $stem, array $taken): string
    {
        $n = 2;
        while (in_array($stem . $n, $taken, true)) {
            ++$n;
        }

        return $stem . $n;
    }

    /**
     * @template T
     *
     * @param \Closure(): T $do
     *
     * @return T
     */
    private function unfiltered(\Closure $do): mixed
    {
        $this->em->getFilters()->disable(RemovedFilter::NAME);
        try {
            $done = $do();
            $this->em->flush();

            return $done;
        } finally {
            $this->em->getFilters()->enable(RemovedFilter::NAME);
        }
    }
}
