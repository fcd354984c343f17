<?php

declare(strict_types=1);

namespace App\Format;

use App\Command\JobInAir;
use Hull\Quantity\Instant;
use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Explaining\InARow;
use Hull\Schedule\Explaining\Reason;
use Hull\Schedule\Explaining\Remedy;
use Hull\Schedule\Explaining\Stretch;
use Hull\Schedule\Placing\Lost;
use Hull\Schedule\Placing\Schedule;
use Hull\Schedule\Search\LowerBound;

/**
 * A timetable to read in a workshop: what is late and what has no hour first, then day by day who, where, with what,
 * from when to when.
 */
final readonly class ScheduleText
{
    public function __construct(private Schedule $schedule, private JobInAir $asked, private \DateTimeZone $zone) {}

    /**
     * @param \Closure(Lost): list<Remedy> $remedies
     *
     * @return list<string>
     */
    public function lines(\Closure $remedies): array
    {
        return [...$this->without(), ...$this->late(), ...$this->closed($remedies), ...$this->sums(), ...$this->days()];
    }

    /** @return list<string> */
    private function without(): array
    {
        return array_map(
            fn(int|string $id, string $why): string => sprintf('NO ROUTE: %s. %s', $this->part((string) $id), $why),
            array_keys($this->asked->plan->unrouted),
            array_values($this->asked->plan->unrouted),
        );
    }

    /** @return list<string> */
    private function late(): array
    {
        $lines = $never = $later = [];
        foreach ($this->schedule->missed() as $part => [$due, $end]) {
            $name = $this->part((string) $part);
            if (null === $end) {
                $never[$this->day($due)][] = $name;
            } else {
                $lines[] = sprintf('LATE: %s is due %s and is done %s', $name, $this->day($due), $this->clock($end));
            }
        }
        foreach ($never as $day => $names) {
            $lines[] = sprintf('LATE: due %s and not done by then: %s', $day, implode(', ', $names));
        }
        $yard = $this->schedule->yard;
        foreach ($this->schedule->lost() as $lost) {
            $due = $yard->dues[$lost->part] ?? -\INF;
            if ($due > $yard->end) {
                $later[$this->day($due)][] = $this->part($lost->part);
            }
        }
        foreach ($later as $day => $names) {
            $lines[] = sprintf(
                'DUE %s, with no hour before this plan ends on %s: %s',
                $day,
                $this->day($yard->end),
                implode(', ', $names),
            );
        }

        return $lines;
    }

    /**
     * @param \Closure(Lost): list<Remedy> $remedies
     *
     * @return list<string>
     */
    private function closed(\Closure $remedies): array
    {
        $lines = $with = [];
        foreach ($this->schedule->lost() as $lost) {
            if ([] !== $lost->on) {
                $with[implode(', ', array_map($this->part(...), $lost->on))][] = $lost;
                continue;
            }
            $name = $this->schedule->yard->activity($lost->cause)->name;
            $lines[] = sprintf(
                '%s: %s. %s%s has no hour: %s.',
                $this->isBegun($lost) ? 'STOPS' : 'NOT BEGUN',
                $this->part($lost->part),
                $lost->bares ? 'Nothing is laid open, since ' : '',
                $lost->bares ? lcfirst($name) : $name,
                $lost->says,
            );
            foreach ($lost->elsewhere ? [] : $remedies($lost) as $remedy) {
                $place = $this->asked->job->places[$lost->at]->name;
                $words = $remedy->words($place);
                $lines[] =
                    Remedy::WAIT === $remedy->how
                        ? sprintf('    or wait: in a usual year %s', $words)
                        : sprintf(
                            '    %s: then begun %s, done %s%s',
                            $words,
                            $this->clock($remedy->opens),
                            $this->clock($remedy->finish),
                            null === $remedy->kwh ? '' : ', ' . $remedy->takes(),
                        );
            }
        }

        foreach ($with as $root => $waiting) {
            $lines[] = sprintf(
                'WAITS for %s: %s',
                $root,
                implode(
                    '; ',
                    array_map(
                        fn(Lost $l): string => sprintf(
                            '%s, %s',
                            $this->part($l->part),
                            lcfirst($this->schedule->yard->activity($l->cause)->name),
                        ),
                        $waiting,
                    ),
                ),
            );
        }

        return $lines;
    }

    /** Something of the part is done all the same before it stops. */
    private function isBegun(Lost $lost): bool
    {
        return [] !==
            array_intersect_key(array_flip($this->schedule->yard->chains[$lost->part]), $this->schedule->placed);
    }

    /** @return list<string> */
    private function sums(): array
    {
        $score = $this->schedule->score;
        $whole = [] === $this->schedule->unplaced;

        return [
            sprintf(
                '%s %s%s; %.1f h of work%s',
                $whole ? 'Done' : 'What has room is done',
                $this->clock($this->schedule->finish()),
                $whole ? ', no earlier than ' . $this->clock(LowerBound::of($this->schedule->yard)) : '',
                $score->handsOn,
                $score->rework > 0.0 ? sprintf(', %.1f h of it making good missed windows', $score->rework) : '',
            ),
        ];
    }

    /** @return list<string> */
    private function days(): array
    {
        $critical = array_map(static fn(Placement $p): string => $p->id, $this->schedule->criticalChain());
        $lines = [];
        $day = '';
        foreach ($this->rows() as $row) {
            $placed = $row[0];
            $id = $placed->id;
            $end = $row[count($row) - 1]->end;
            $activity = $this->schedule->yard->activity($id);
            if ($day !== $this->day($placed->start)) {
                $day = $this->day($placed->start);
                $lines[] = $day;
            }
            $place = $this->asked->job->places[$activity->place]->name ?? $activity->place;
            $lines[] = sprintf(
                '%s %s to %s  %s, %s%s: %s, %s (%s)%s',
                [] === array_intersect(array_column($row, 'id'), $critical) ? ' ' : '*',
                $this->time($placed->start),
                $this->day($end) === $day ? $this->time($end) : $this->clock($end),
                [] === $placed->who ? 'nobody of yours' : implode(' and ', $placed->who),
                $place,
                [] === $activity->gear ? '' : ', with ' . implode(' and ', str_replace('-', ' ', $activity->gear)),
                implode(
                    '; ',
                    array_map(
                        fn(Placement $p): string => $this->part($this->schedule->yard->activity($p->id)->part),
                        $row,
                    ),
                ),
                lcfirst($activity->name),
                Reason::of($this->schedule, $placed),
                match (true) {
                    $placed->rework > 0.0 => sprintf(' after %.1f h of making good', $placed->rework),
                    $placed->late => ' later than it should be',
                    default => '',
                },
            );
        }

        return $lines;
    }

    /** @return list<non-empty-list<Placement>> what one part after the other goes through is one line */
    private function rows(): array
    {
        $placed = array_values($this->schedule->placed);
        $heads = InARow::heads(
            $this->asked->catalogue,
            array_map(function (Placement $p): Stretch {
                $of = $this->schedule->yard->activity($p->id);

                return new Stretch($of->step, $of->place, $p->who, $p->start, $p->end);
            }, $placed),
        );
        $rows = [];
        foreach ($heads as $n => $head) {
            $rows[$head][] = $placed[$n];
        }

        return array_values($rows);
    }

    private function part(string $id): string
    {
        foreach ($this->asked->job->parts as $part) {
            if ($part->id === $id) {
                return $part->name;
            }
        }

        return $id;
    }

    private function clock(float $hour): string
    {
        return $this->at($hour)->format('D j M H:i');
    }

    private function day(float $hour): string
    {
        return $this->at($hour)->format('D j M');
    }

    private function time(float $hour): string
    {
        return $this->at($hour)->format('H:i');
    }

    private function at(float $hour): \DateTimeImmutable
    {
        return Instant::at($hour, $this->zone);
    }
}
