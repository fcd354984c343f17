<?php

declare(strict_types=1);

namespace Hull\Schedule\Explaining;

use Hull\Bench\Replayed;
use Hull\Bench\Workpiece;
use Hull\Piece\Hanging;
use Hull\Quantity\Interval;
use Hull\Schedule\Calendar\Crew;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Airs;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Reading\Planning;
use Hull\Schedule\Search\Scheduler;

/** One part planned as if nothing else were in the yard: by its record, in any place, air and from any hour on. */
final readonly class AlonePart
{
    public function __construct(
        public string $id,
        private Replayed $done,
        private Crew $crew,
        private \DateTimeZone $zone,
        private ?Hanging $hanging = null,
    ) {}

    /** On nothing, as if it had been taken off. */
    public function off(): self
    {
        return new self($this->id, $this->done, $this->crew, $this->zone);
    }

    /**
     * @param string $at key of the place it stands in
     * @param float $from hours since 1970 UTC; nothing is placed before
     */
    public function yard(Workpiece $piece, string $at, Airs $airs, float $from): Yard
    {
        return Planning::yard(
            pieces: [$this->id => $piece],
            done: [$this->id => $this->done],
            places: [$this->id => $at],
            airs: $airs,
            crew: $this->crew,
            zone: $this->zone,
            now: $from,
            hanging: null === $this->hanging ? [] : [$this->id => $this->hanging],
        );
    }

    /**
     * From the opening of its first coat, or of another activity, to the end of everything; null where something has
     * no hour.
     *
     * @param string|null $cause id of the activity that is to open; null for the first coat, or the first work
     */
    public function tried(Workpiece $piece, string $at, Airs $airs, ?string $cause, float $from): ?Interval
    {
        $yard = $this->yard($piece, $at, $airs, $from);
        $schedule = (new Scheduler(1))->plan($yard);
        $coats = array_filter($yard->activities, static fn(Activity $a): bool => $a->isCoat());
        $first = array_key_first([] === $coats ? $yard->activities : $coats);
        $opened = $schedule->placed[$cause ?? ($first ?? '')] ?? null;

        return [] !== $schedule->unplaced || null === $opened
            ? null
            : new Interval($opened->start, $schedule->finish());
    }
}
