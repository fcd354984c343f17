<?php

declare(strict_types=1);

namespace Hull\Schedule\Search;

use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Constraint\Times;
use Hull\Schedule\Constraint\Why;
use Hull\Schedule\Constraint\WhyKind;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\Slots;

/**
 * The hour before which each activity cannot begin, with the yard to itself and its windows left aside: after what
 * comes before it on its part and on others, in the hours of those who can do it, in air that lets it.
 */
final class Heads
{
    /** @var array<int|string, float> hours since 1970 UTC by activity; what has no hour is left out */
    public array $from = [];

    /** No schedule ends before, hours since 1970 UTC. */
    public float $end;

    /** @var array<int|string, Placement> */
    private array $placed = [];

    /** @var array<int|string, true> activities that are looked at, or were */
    private array $seen = [];

    /** @var array<int, list<Slots>> of each team of so many, alone */
    private array $teams = [];

    private function __construct(private readonly Yard $yard)
    {
        $this->end = $yard->now;
    }

    public static function of(Yard $yard): self
    {
        $self = new self($yard);
        foreach ($yard->activities as $activity) {
            $self->look($activity);
        }

        return $self;
    }

    private function look(Activity $activity): void
    {
        if (isset($this->seen[$activity->id])) {
            return;
        }
        $this->seen[$activity->id] = true;
        $before = $this->yard->before[$activity->id] ?? null;
        foreach ([...null === $before ? [] : [$before], ...$this->yard->needs[$activity->id] ?? []] as $id) {
            $this->look($this->yard->activity($id));
        }
        if (null !== $activity->fixed) {
            $this->put($activity, $activity->fixed->start, $activity->fixed->end);

            return;
        }
        if (null !== $before && !isset($this->placed[$before])) {
            return;
        }
        [$from] = Times::earliest($this->yard, $activity, $this->placed);
        $this->from[$activity->id] = $from;
        $end = is_finite($from) ? $this->soonest($activity, $from) : null;
        if (null !== $end) {
            $this->put($activity, $end - self::least($activity), $end);
        }
    }

    private function put(Activity $activity, float $start, float $end): void
    {
        $this->placed[$activity->id] = new Placement($activity->id, $start, $end, [], new Why(WhyKind::Nothing), $end);
        $this->end = max($this->end, $end);
    }

    /** The hour at which it can be over; null where it has none. */
    private function soonest(Activity $activity, float $from): ?float
    {
        $least = self::withSetUp($activity);
        $this->teams[$activity->people] ??= array_map(
            fn(array $team): Slots => new Slots(new Yard($this->yard->now, $this->yard->end, [], [$team[1]])),
            $this->yard->teams->of(max(1, $activity->people)),
        );
        $soonest = null;
        foreach ($this->teams[$activity->people] as $slots) {
            $room = $slots->room($least, $from, new Why(WhyKind::Nothing));
            $soonest = null === $room ? $soonest : min($soonest ?? \INF, $room->end);
        }

        return $soonest;
    }

    /** Hours with it set up already. */
    public static function least(Activity $a): float
    {
        return max(0.0, $a->hours - ('' === $a->share ? 0.0 : $a->setupHours));
    }

    /** As if alike work had set it up, and one person were enough. */
    private static function withSetUp(Activity $a): Activity
    {
        return new Activity(
            id: $a->id,
            part: $a->part,
            name: $a->name,
            hours: self::least($a),
            place: $a->place,
            whole: $a->whole,
            noisy: $a->noisy,
            wet: $a->wet,
            dry: $a->dry,
            light: $a->light,
            band: $a->band,
            airHours: $a->airHours,
            attendedFor: $a->attendedFor,
        );
    }
}
