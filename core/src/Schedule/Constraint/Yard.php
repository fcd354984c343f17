<?php

declare(strict_types=1);

namespace Hull\Schedule\Constraint;

use Hull\Climate\GateReason;
use Hull\Quantity\Interval;
use Hull\Schedule\Calendar\Objective;
use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Calendar\Teams;
use Hull\Schedule\Calendar\WorkingCalendar;

/** Everything a schedule is made of: the work, who does it, where, with what, and what is asked for when. */
final readonly class Yard
{
    /** @var array<int|string, Activity> */
    public array $activities;

    /** @var array<int|string, list<string>> part => ids in the order they are done */
    public array $chains;

    /** @var array<int|string, string> activity => the one before it on its part */
    public array $before;

    /** @var array<int|string, list<string>> activity => those of other parts it waits for */
    public array $needs;

    /** @var array<int|string, list<string>> activity => those of other parts that wait for it */
    public array $neededBy;

    public Teams $teams;

    /** @var array<int|string, list<Activity>> activity => the block it is placed with, where parts need each other */
    public array $blockOf;

    /**
     * @param float $now hours since 1970 UTC
     * @param float $end nothing is planned past this hour
     * @param list<Activity> $work of each part in the order it is done
     * @param list<Person> $people
     * @param array<int|string, float> $floors m2 by place; a place not named has no limit
     * @param array<int|string, int> $gear how many there are; one of what is not named
     * @param array<int|string, float> $dues hour by part
     * @param Objective $objective what things are worth here
     * @param list<Finished> $finished work that what is done beside it still has to mind
     * @param Teams|null $teams of these people, where they are known
     */
    public function __construct(
        public float $now,
        public float $end,
        array $work,
        public array $people,
        public array $floors = [],
        public array $gear = [],
        public array $dues = [],
        public Objective $objective = new Objective(),
        public array $finished = [],
        ?Teams $teams = null,
    ) {
        $this->teams = $teams ?? new Teams($people);
        $activities = $chains = $before = [];
        foreach ($work as $activity) {
            $last = $chains[$activity->part][count($chains[$activity->part] ?? []) - 1] ?? null;
            if (null !== $last) {
                $before[$activity->id] = $last;
            }
            $activities[$activity->id] = $activity;
            $chains[$activity->part][] = $activity->id;
        }
        $this->activities = $activities;
        $this->chains = $chains;
        $this->before = $before;
        $needs = $neededBy = $blockOf = [];
        foreach ($activities as $id => $activity) {
            foreach ($activity->lags as $lag) {
                if (isset($activities[$lag->from]) && $activities[$lag->from]->part !== $activity->part) {
                    $needs[$id][] = $lag->from;
                    $neededBy[$lag->from][] = (string) $id;
                }
            }
        }
        $this->needs = $needs;
        $this->neededBy = $neededBy;
        foreach ([] === $needs ? [] : Blocks::of($this) as $blocks) {
            foreach ($blocks as $block) {
                foreach ($block as $activity) {
                    $blockOf[$activity->id] = $block;
                }
            }
        }
        $this->blockOf = $blockOf;
    }

    /** @return list<string> what waits for an activity: what comes after it on its part, and on other parts directly */
    public function followers(string $id): array
    {
        $chain = $this->chains[$this->activity($id)->part];

        return [...array_slice($chain, 1 + (int) array_search($id, $chain, true)), ...$this->neededBy[$id] ?? []];
    }

    public function activity(int|string $id): Activity
    {
        return $this->activities[$id] ?? throw new \LogicException('No activity ' . $id . '.');
    }

    /** What a reason calls an activity, planned or finished, in the middle of a sentence. */
    public function called(string $id): string
    {
        $named = $this->activities[$id] ?? null;
        foreach (null === $named ? $this->finished : [] as $finished) {
            $named = $finished->work->id === $id ? $finished->work : $named;
        }

        return lcfirst($named->name ?? 'other work');
    }

    /**
     * The same work with other people, or at another hour.
     *
     * @param list<Person> $people
     */
    public function with(array $people, ?float $now = null): self
    {
        return new self(
            now: $now ?? $this->now,
            end: $this->end,
            work: array_values($this->activities),
            people: $people,
            floors: $this->floors,
            gear: $this->gear,
            dues: $this->dues,
            objective: $this->objective,
            finished: $this->finished,
        );
    }

    /** The longest stretch in which as many as it takes are at work together, hours. */
    public function longestFor(Activity $activity): float
    {
        return max([
            0.0,
            ...array_map(static fn(WorkingCalendar $c): float => $c->longest(), $this->hoursFor($activity)),
        ]);
    }

    /** The most that they are at work together before they go home, hours. */
    public function longestDayFor(Activity $activity): float
    {
        $days = array_map(static fn(WorkingCalendar $c): float => $c->longestDay(), $this->hoursFor($activity));

        return max([0.0, ...$days]);
    }

    /** @return list<WorkingCalendar> of each team that may do it */
    private function hoursFor(Activity $activity): array
    {
        return array_map(
            fn(array $team): WorkingCalendar => $this->teams->hours($team[1], $activity->noisy, $activity->light),
            $this->teams->of(max(1, $activity->people)),
        );
    }

    /**
     * What in the air is against an activity between two hours, and from when on it is not. What is left in the evening
     * and taken up again minds the air of the hours in which it is worked at, unless it is done for a coat.
     *
     * @param list<string> $who
     *
     * @return array{GateReason, float}|null
     */
    public function airAgainst(Activity $activity, array $who, float $start, float $end): ?array
    {
        $isLeft = $activity->mayBeLeft() && $end - $start >= $activity->hours + Interval::SAME;
        $hours = $isLeft ? $this->teams->together($who)?->hours($activity->noisy) : null;
        if (null === $hours) {
            return $activity->airAgainst($start, $end);
        }
        for ($i = $hours->firstEndingAfter($start); ($hours->spans[$i]->from ?? \INF) < $end; ++$i) {
            $span = $hours->spans[$i];
            $against = $activity->airAgainst(max($span->from, $start), min($span->to, $end));
            if (null !== $against) {
                return $against;
            }
        }

        return null;
    }

    /**
     * When it may be begun so that somebody is at work until it is off, where it may not at an hour; null where it may.
     * Over a break somebody looks in.
     *
     * @param float $end of the work on it
     */
    public function unattended(Activity $activity, float $start, float $end): ?float
    {
        if ($activity->attendedFor <= 0.0) {
            return null;
        }
        foreach ($this->teams->manned() as $span) {
            if ($span->to >= $end + $activity->attendedFor - Interval::GRACE) {
                return $span->from <= $start + Interval::SAME ? null : $span->from;
            }
        }

        return $this->end;
    }

    /** Whether somebody is ever at work for as long as it is on. */
    public function isEverAttended(Activity $activity): bool
    {
        $hours = array_map(static fn(Interval $i): float => $i->hours(), $this->teams->manned());

        return $activity->attendedFor <= 0.0 ||
            max([0.0, ...$hours]) > $activity->hours + $activity->attendedFor - Interval::GRACE;
    }

    /** It is done in one go, and nobody is at work for as long. */
    public function isTooLong(Activity $activity): bool
    {
        return $activity->whole && $activity->hours > $this->longestFor($activity) + Interval::SAME;
    }

    /** Whether somebody of that name is at work at an hour. */
    public function isThere(string $name, float $hour): bool
    {
        foreach ($this->people as $person) {
            if ($person->name === $name && $person->work->hours($hour, $hour + 1.0 / 60.0) > 0.0) {
                return true;
            }
        }

        return false;
    }
}
