<?php

declare(strict_types=1);

namespace App\Work;

use App\Catalog\Catalogues;
use App\Entity\JobRow;
use App\Entity\PartRow;
use App\Entity\Workshop;
use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Hull\Job\Job;
use Hull\Job\SavedCard;
use Hull\JobFile\JobWriter;
use Hull\Quantity\Money;
use Psr\Clock\ClockInterface;

/** Jobs: opened, taken in whole from a file, and what holds for all parts of one. */
final readonly class JobBook
{
    public function __construct(
        private EntityManagerInterface $em,
        private RouteBook $routes,
        private LogBook $log,
        private ClockInterface $clock,
        private Catalogues $catalogues,
        private RegisterBook $register,
    ) {}

    public function open(Workshop $workshop, string $name, string $note): JobRow
    {
        $row = new JobRow($workshop, $name, $note, $this->clock->now());
        $row->without = $workshop->without ?? $this->catalogues->for($workshop)->withoutAtStart();
        $this->em->persist($row);
        $this->em->flush();

        return $row;
    }

    /** Stores a whole job as read from a job file. */
    public function import(Workshop $workshop, Job $job): JobRow
    {
        return $this->em->wrapInTransaction(function () use ($workshop, $job): JobRow {
            $row = new JobRow($workshop, $job->name, $job->note, $this->clock->now());
            $row->places = array_map(JobWriter::place(...), array_values($job->places));
            $row->without = $job->without;
            $row->due = $job->dueAt(new \DateTimeZone($workshop->timezone));
            [$row->bought, $row->sale] = [$job->bought?->minor, $job->sale?->minor];
            $row->cards = array_map(static fn(SavedCard $c): array => $c->written(), $job->cards);
            $this->em->persist($row);
            foreach ($job->parts as $index => $part) {
                $partRow = new PartRow($row, $index + 1, SurveyBook::stripped($part));
                $row->parts->add($partRow);
                if (null !== $part->route) {
                    $this->routes->add($partRow, $part->route, RouteBook::IMPORTED);
                }
                $this->routes->followSurvey($partRow);
                foreach ($part->log as $entry) {
                    $this->log->append($partRow, $entry);
                }
            }
            $this->register->import($row, $job);
            $this->em->flush();

            return $row;
        });
    }

    /**
     * What the workshop does without on a job; routes nobody has touched are planned again.
     *
     * @param list<string> $without
     */
    public function doWithout(JobRow $row, array $without): void
    {
        $this->em->wrapInTransaction(function () use ($row, $without): void {
            $row->without = $without;
            foreach ($row->parts as $part) {
                $this->routes->followSurvey($part);
            }
            $this->em->flush();
        });
    }

    /**
     * What the yard does without on every job; jobs that had just that follow, others keep what they were told.
     *
     * @param list<string> $without
     */
    public function yardDoesWithout(Workshop $workshop, array $without, int $seen): void
    {
        $this->em->wrapInTransaction(function () use ($workshop, $without, $seen): void {
            $workshop->nextEdition('gear', $seen);
            $before = $workshop->without ?? $this->catalogues->for($workshop)->withoutAtStart();
            $workshop->without = $without;
            sort($before);
            foreach (
                $this->em->getRepository(JobRow::class)->findBy(['workshop' => $workshop, 'closedAt' => null])
                as $row
            ) {
                $had = $row->without;
                sort($had);
                if ($had === $before) {
                    $this->doWithout($row, $without);
                }
            }
        });
    }

    /** @param string|null $day by whose evening it is to be done */
    public function due(JobRow $row, ?string $day): void
    {
        $row->due = null === $day ? null : Job::evening($day, new \DateTimeZone($row->workshop->timezone));
        $this->em->flush();
    }

    /** What it was bought for and is to be sold for; null where nobody said. */
    public function trade(JobRow $row, ?Money $bought, ?Money $sale): void
    {
        [$row->bought, $row->sale] = [$bought?->minor, $sale?->minor];
        $this->em->flush();
    }

    /** Keeps a work card; one with the same id gives way. */
    public function keepCard(JobRow $row, SavedCard $card): void
    {
        $this->em->wrapInTransaction(function () use ($row, $card): void {
            $this->em->lock($row, LockMode::PESSIMISTIC_WRITE);
            $known = array_column($row->cards, 'id');
            $at = array_search($card->id, $known, true);
            $cards = $row->cards;
            $cards[false === $at ? count($cards) : $at] = $card->written();
            $row->cards = $cards;
        });
    }

    public function dropCard(JobRow $row, string $id): void
    {
        $row->cards = array_values(array_filter($row->cards, static fn(array $c): bool => ($c['id'] ?? '') !== $id));
        $this->em->flush();
    }
}
