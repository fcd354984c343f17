<?php

declare(strict_types=1);

namespace App\Work;

use App\Entity\LogRow;
use App\Entity\PartRow;
use Doctrine\ORM\EntityManagerInterface;
use Hull\Bench\CoatSheets;
use Hull\Bench\Record;
use Hull\Bench\Workpiece;
use Hull\Job\EntryKind;
use Hull\Job\LogEntry;
use Hull\Job\RouteStep;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** The record of a part, line by line, and the paint it takes from the store. */
final readonly class LogBook
{
    public function __construct(
        private EntityManagerInterface $em,
        private RowMapper $stored,
        private TinLedger $store,
        private Admission $admission,
        private Replanning $replanning,
        private ClockInterface $clock,
    ) {}

    /**
     * Appends a line to the record, then puts into the route what the surface now needs.
     *
     * @param string $hand who writes it
     * @param string|null $outside why a coat is begun outside its limits
     * @param string|null $despite why a step closes with something left in or lying about
     *
     * @return list<RouteStep> steps the route gained
     */
    public function write(
        PartRow $row,
        LogEntry $entry,
        string $hand,
        ?string $outside = null,
        ?string $despite = null,
    ): array {
        return $this->em->wrapInTransaction(function () use ($row, $entry, $hand, $outside, $despite): array {
            $entry = $this->admission->complete($row, $this->admission->within($row, $entry, $outside), $despite);
            $this->admission->marked($row, $entry);
            $this->book($row, $entry, $hand);
            $this->admission->dry($row, $entry);
            $this->admission->found($row, $entry);
            $gained = $this->replanning->adapt($row, EntryKind::Unharmed === $entry->kind);
            $this->em->flush();

            return $gained;
        });
    }

    /** A line as it is, without what follows from it. */
    public function append(PartRow $row, LogEntry $entry, string $hand = ''): LogRow
    {
        $line = new LogRow(
            part: $row,
            number: 1 + $row->log->count(),
            entryId: $entry->id,
            kind: $entry->kind,
            stepKey: $entry->stepKey,
            at: $entry->at,
            temperatureC: $entry->air?->temperature->c(),
            humidityRatio: $entry->air?->humidity->value(),
            note: $entry->note,
            corrects: $entry->corrects,
            withdrawn: $entry->withdrawn,
            writtenAt: $this->clock->now(),
            rule: $entry->rule,
            takenBy: $entry->by,
            usedL: $entry->used?->litresValue(),
            filmUm: $entry->film?->um(),
            hand: $hand,
        );
        $row->log->add($line);
        $this->em->persist($line);

        return $line;
    }

    /** A finished coat takes its paint out of the store; a correction puts that right. */
    private function book(PartRow $row, LogEntry $entry, string $hand): void
    {
        $before = Record::effective($this->stored->part($row)->log);
        $this->onlyOnce($row, $entry, $before);
        $piece = $this->stored->workpiece($row);
        if (EntryKind::Finish === $entry->kind && null === $entry->used) {
            $entry = $entry->using(CoatSheets::paintOf($piece, (string) $entry->stepKey));
        }
        $line = $this->append($row, $entry, $hand);
        if (EntryKind::Finish === $entry->kind) {
            $this->draw($line, $entry, $piece);
        } elseif (EntryKind::Correction === $entry->kind) {
            $this->redraw($row, $line, $before, Record::effective($this->stored->part($row)->log), $piece);
        }
    }

    /**
     * A step is begun once and finished once, whoever is at it.
     *
     * @param list<LogEntry> $before the record as it counts
     */
    private function onlyOnce(PartRow $row, LogEntry $entry, array $before): void
    {
        $bars =
            [
                EntryKind::Start->value => [EntryKind::Start, EntryKind::Finish],
                EntryKind::Finish->value => [EntryKind::Finish],
            ][$entry->kind->value] ?? [];
        // Failed, it may be begun and finished again.
        $failed = array_filter(
            $before,
            static fn(LogEntry $l): bool => EntryKind::Failed === $l->kind && $l->stepKey === $entry->stepKey,
        );
        $since = [] === $failed ? null : max(array_map(static fn(LogEntry $l): float => $l->hour(), $failed));
        foreach ($before as $line) {
            if (
                $line->stepKey === $entry->stepKey &&
                in_array($line->kind, $bars, true) &&
                (null === $since || $line->hour() > $since)
            ) {
                $written =
                    array_values(
                        array_filter($row->log->toArray(), static fn(LogRow $l): bool => $l->entryId === $line->id),
                    )[0] ?? null;
                $by = null === $written || '' === $written->hand ? '' : ' by ' . $written->hand;
                $at = $line->at->setTimezone(new \DateTimeZone($row->workshop->timezone))->format('H:i \o\n j M Y');
                throw new ConflictHttpException(
                    sprintf(
                        'This step was %s%s at %s. Nothing was written; correct that line where it is wrong.',
                        EntryKind::Finish === $line->kind ? 'finished' : 'begun',
                        $by,
                        $at,
                    ),
                );
            }
        }
    }

    private function draw(LogRow $line, LogEntry $entry, Workpiece $piece): void
    {
        $product = null === $entry->stepKey ? null : $piece->route()->find($entry->stepKey)?->product;
        if (null !== $product && null !== $entry->used) {
            $this->store->draw($line, $piece->context->system->shade($product), $entry->used);
        }
    }

    /**
     * What a correction changed in the paint that counts: given back to the tins, and drawn anew.
     *
     * @param list<LogEntry> $before
     * @param list<LogEntry> $after
     */
    private function redraw(PartRow $row, LogRow $by, array $before, array $after, Workpiece $piece): void
    {
        foreach ($before as $was) {
            $is = array_values(array_filter($after, static fn(LogEntry $e): bool => $e->id === $was->id))[0] ?? null;
            if (
                EntryKind::Finish !== $was->kind ||
                ($is?->used?->value() === $was->used?->value() && $is?->stepKey === $was->stepKey)
            ) {
                continue;
            }
            foreach ($row->log as $line) {
                if ($line->entryId === $was->id) {
                    $this->store->giveBack($line, $by->at);
                    if (null !== $is) {
                        $this->draw($line, $is, $piece);
                    }
                }
            }
        }
    }
}
