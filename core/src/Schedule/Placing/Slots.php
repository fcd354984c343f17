<?php

declare(strict_types=1);

namespace Hull\Schedule\Placing;

use Hull\Quantity\Interval;
use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Calendar\Teams;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Constraint\Why;
use Hull\Schedule\Constraint\WhyKind;
use Hull\Schedule\Constraint\Yard;

/** People, places and gear as far as they are taken; finds where the next activity has room. */
final class Slots
{
    /** Shorter than this is not worth setting up for, hours. */
    private const LEAST_PIECE = 0.25;
    private const MOST_TRIES = 400;

    /** @var array<int|string, Busy> */
    private array $people = [];

    /** @var array<int|string, Floor> */
    private array $floors = [];

    /** @var array<int|string, list<Busy>> */
    private array $gear = [];

    /** @var array<int|string, array<int|string, Interval>> kind of work => id => from start to end */
    private array $alike = [];

    private readonly Teams $teams;

    public function __construct(private readonly Yard $yard, private readonly Decisions $decided = new Decisions())
    {
        $away = $decided->away;
        $this->teams =
            [] === $away
                ? $yard->teams
                : new Teams(
                    array_map(static fn(Person $p): Person => $p->awayOn($away[$p->name] ?? []), $yard->people),
                );
        foreach ($yard->people as $person) {
            $this->people[$person->name] = new Busy();
        }
    }

    public function take(Activity $activity, Placement $placed): void
    {
        foreach ($placed->who as $name) {
            ($this->people[$name] ??= new Busy())->take($placed->start, $placed->end, $activity->id);
        }
        $this->floor($activity->place)->take($activity, $placed->start, $placed->end, $placed->dry);
        foreach ($activity->gear as $gear) {
            $this->freeGear($gear, $placed->start, $placed->end)?->take($placed->start, $placed->end, $activity->id);
        }
        if ('' !== $activity->share) {
            $this->alike[$activity->share][$activity->id] = new Interval($placed->start, $placed->end);
        }
    }

    public function leave(Activity $activity): void
    {
        foreach ($this->people as $busy) {
            $busy->leave($activity->id);
        }
        $this->floor($activity->place)->leave($activity->id);
        foreach ($activity->gear as $gear) {
            foreach ($this->gear[$gear] ?? [] as $busy) {
                $busy->leave($activity->id);
            }
        }
        unset($this->alike[$activity->share][$activity->id]);
    }

    /**
     * The earliest room for an activity from an hour on; null when there is none before the end.
     *
     * @param float $extra hours of abrading before it
     * @param list<string> $prefer who is taken where others could begin at the same time
     * @param string|null $by who has to be among them
     * @param bool $anew it is set up for itself, whatever comes before it
     */
    public function room(
        Activity $activity,
        float $from,
        Why $why,
        float $extra = 0.0,
        array $prefer = [],
        bool $late = false,
        ?string $by = null,
        bool $anew = false,
    ): ?Placement {
        $hours = $activity->hours + $extra;
        $known = $knownLess = [];
        for ($tries = 0; $tries < self::MOST_TRIES && $from < $this->yard->end; ++$tries) {
            // Set up already by alike work before it, it asks for less.
            $less = $hours - ($anew ? 0.0 : min($activity->setupHours, $hours));
            $alike = isset($this->decided->setUp[$activity->id]) || [] !== ($this->alike[$activity->share] ?? []);
            $fit = $less < $hours && $alike ? $this->people($activity, $less, $from, $prefer, $by, $knownLess) : null;
            $setUp = null !== $fit && $this->isSetUp($activity, $fit[0]);
            $fit = $setUp ? $fit : $this->people($activity, $hours, $from, $prefer, $by, $known);
            if (null === $fit) {
                return null;
            }
            if (!$setUp && $less < $hours && $this->isSetUp($activity, $fit[0])) {
                [$setUp, $cause] = [true, $fit[3]];
                $fit = $this->people($activity, $less, $fit[0], $fit[2], $by, $knownLess) ?? $fit;
                $fit[3] = $cause;
            }
            [$start, $end, $who, $cause] = $fit;
            $cause = $this->isStayedAway($who, $from, $start) ? new Why(WhyKind::Visit) : $cause;
            $why = $start > $from + Interval::SAME && null !== $cause && !self::says($why, $cause) ? $cause : $why;
            $dry = $this->dry($activity, $end);
            $next = $this->against($activity, $start, $end, $dry);
            if (null === $next) {
                return new Placement(
                    id: $activity->id,
                    start: $start,
                    end: $end,
                    who: $who,
                    why: $why,
                    dry: $dry ?? $this->yard->end,
                    rework: $extra,
                    setUp: $setUp,
                    late: $late,
                );
            }
            [$from, $why] = [max($next[0], $start + Interval::GRACE), $next[1]];
        }

        return null;
    }

    /**
     * Somebody could have been at work between two hours, and it was decided otherwise.
     *
     * @param list<string> $who
     */
    private function isStayedAway(array $who, float $from, float $start): bool
    {
        foreach ([] === $this->decided->away ? [] : $this->yard->people as $person) {
            if (
                in_array($person->name, $who, true) &&
                [] !== array_intersect($person->visits($from, $start), $this->decided->away[$person->name] ?? [])
            ) {
                return true;
            }
        }

        return false;
    }

    /** What it waits for says more than that the hours it is over at are not worked. */
    private static function says(Why $why, Why $cause): bool
    {
        return in_array($cause->kind, [WhyKind::Hours, WhyKind::Quiet], true) &&
            in_array($why->kind, [WhyKind::Waits, WhyKind::Delivery, WhyKind::Air, WhyKind::Window], true);
    }

    private function dry(Activity $activity, float $end): ?float
    {
        return null === $activity->wet ? $end : $activity->wet->dry->after($end);
    }

    /** @return array{float, Why}|null */
    private function against(Activity $activity, float $start, float $end, ?float $dry): ?array
    {
        $floor = $this->floor($activity->place)->against($activity, $start, $end, $dry ?? $this->yard->end);
        if (null !== $floor) {
            return [$floor[0], new Why(WhyKind::Place, $floor[2], $floor[1])];
        }
        foreach ($activity->gear as $gear) {
            if (null === $this->freeGear($gear, $start, $end)) {
                $over = $this->gearOver($gear, $start, $end);

                return [$over[0], new Why(WhyKind::Gear, $gear, $over[1])];
            }
        }
        $closed = $activity->airAgainst($start, $end);

        return null === $closed ? null : [$closed[1], new Why(WhyKind::Air, $closed[0]->words())];
    }

    /**
     * @param list<string> $prefer
     * @param array<int, array{float, array{float, float, Why|null, float}|null}> $known by team: it has no room before
     *     an hour, and which room it has then, if that is known; from what was asked of no later an hour before
     *
     * @return array{float, float, list<string>, Why|null}|null start, end, who, what it waited for
     */
    private function people(
        Activity $activity,
        float $hours,
        float $from,
        array $prefer,
        ?string $by,
        array &$known,
    ): ?array {
        if ($hours <= 0.0) {
            return [$from, $from + $hours, [], null];
        }
        if (0 === $activity->people) {
            $start = $this->firstWorked($from);

            return null === $start
                ? null
                : [$start, $start + $hours, [], $start > $from + Interval::SAME ? new Why(WhyKind::Hours) : null];
        }
        $best = null;
        $rank = [];
        foreach ($this->teams->of($activity->people) as $team => [$names, $hoursOfAll]) {
            if (null !== $by && !in_array($by, $names, true)) {
                continue;
            }
            $limit = $best[0] ?? \INF;
            [$first, $fit] = $known[$team] ?? [-\INF, null];
            if ($first > $limit + Interval::SAME) {
                continue;
            }
            if (null === $fit || $first < $from) {
                $fit = $this->fit($names, $hoursOfAll, $activity, $hours, max($from, $first), $limit);
                $known[$team] = [$fit[0] ?? max($first, $limit), $fit];
            }
            if (null !== $fit) {
                $here = [$fit[0], count(array_diff($names, $prefer)), $fit[1], $fit[3]];
                if (null === $best || $here < $rank) {
                    $rank = $here;
                    $best = [$fit[0], $fit[1], $names, $fit[0] > $from + Interval::SAME ? $fit[2] : null];
                }
            }
        }

        return $best;
    }

    /** The first hour from one on in which anybody is at work. */
    private function firstWorked(float $from): ?float
    {
        $first = null;
        foreach ($this->yard->people as $person) {
            $next = $person->work->next($from);
            $first = null === $next ? $first : min($first ?? \INF, $next);
        }

        return $first;
    }

    /**
     * @param list<string> $names
     * @param Person $calendar the hours in which all of them are at work
     *
     * @return array{float, float, Why|null, float}|null start, end, what it waited for, hours left after it
     */
    private function fit(
        array $names,
        Person $calendar,
        Activity $activity,
        float $hours,
        float $from,
        float $limit,
    ): ?array {
        $worked = $calendar->hours($activity->noisy);
        $spans = $worked->spans;
        $count = count($spans);
        // What is laid bare in the evening has rusted by the morning, where a day is long enough for all of it.
        $sameDay = $activity->bares && !$activity->whole && $hours <= $worked->longestDay() + Interval::SAME;
        $i = 0;
        $high = $count;
        while ($i < $high) {
            $middle = ($i + $high) >> 1;
            $spans[$middle]->to <= $from + Interval::SAME ? ($i = $middle + 1) : ($high = $middle);
        }
        // Walked along from here: the hours of work, and what already is in them, of each who takes part.
        $busy = [];
        foreach ($names as $name) {
            $busy[] = ($this->people[$name] ??= new Busy())->inOneGoFrom($from + Interval::SAME);
        }
        $hoursAsked = $isOver = false;
        $at = $from;
        while ($i < $count) {
            $span = $spans[$i];
            $start = $at > $span->from ? $at : $span->from;
            if ($start > $limit + Interval::SAME) {
                return null;
            }
            $left = $span->to - $start;
            if (
                $left < $hours - Interval::SAME &&
                ($activity->whole ||
                    $left < self::LEAST_PIECE ||
                    ($sameDay && $worked->leftOfDay($i, $start) < $hours - Interval::SAME))
            ) {
                $hoursAsked = true;
                ++$i;
                continue;
            }
            $hoursAsked = $hoursAsked || ($start > $at + Interval::SAME && $start > $from + Interval::SAME);
            $end = $hours <= $left + Interval::SAME ? $start + $hours : self::end($spans, $i, $start, $hours);
            if (null === $end) {
                return null;
            }
            $at = null;
            foreach ($busy as $n => [$starts, $ends, $next]) {
                while (isset($ends[$next]) && $ends[$next] <= $start + Interval::SAME) {
                    ++$next;
                }
                $busy[$n][2] = $next;
                if (isset($starts[$next]) && $starts[$next] < $end - Interval::SAME) {
                    $at = null === $at || $ends[$next] > $at ? $ends[$next] : $at;
                    $isOver = true;
                }
            }
            if (null === $at) {
                $why = match (true) {
                    $hoursAsked => new Why($activity->noisy ? WhyKind::Quiet : WhyKind::Hours),
                    $isOver => $this->over($names, $start),
                    default => null,
                };

                return [$start, $end, $why, self::left($spans, $i, $end, $busy)];
            }
            $hoursAsked = false;
            while ($i < $count && $spans[$i]->to <= $at + Interval::SAME) {
                ++$i;
            }
        }

        return null;
    }

    /**
     * What one of them does until an hour.
     *
     * @param list<string> $names
     */
    private function over(array $names, float $hour): ?Why
    {
        foreach ($names as $name) {
            $over = $this->people[$name]->overAt($hour);
            if (null !== $over) {
                return new Why(WhyKind::Person, $name, $over);
            }
        }

        return null;
    }

    /**
     * Until when those who did it are still free after it: the least is left of their day goes first, so that the
     * longer stretches stay whole.
     *
     * @param list<Interval> $spans
     * @param list<array{list<float>, list<float>, int}> $busy see Busy
     *
     * @return float hours
     */
    private static function left(array $spans, int $i, float $end, array $busy): float
    {
        while (isset($spans[$i]) && $spans[$i]->to < $end - Interval::SAME) {
            ++$i;
        }
        $until = $spans[$i]->to ?? $end;
        foreach ($busy as [$starts, , $next]) {
            $until = isset($starts[$next]) ? min($until, $starts[$next]) : $until;
        }

        return $until - $end;
    }

    /** @param list<Interval> $spans */
    private static function end(array $spans, int $i, float $start, float $hours): ?float
    {
        while (isset($spans[$i])) {
            $left = $spans[$i]->to - $start;
            if ($hours <= $left + Interval::SAME) {
                return $start + $hours;
            }
            $hours -= $left;
            $start = $spans[++$i]->from ?? \INF;
        }

        return null;
    }

    /** Whether alike work before it leaves it set up, or is going to. */
    public function isSetUp(Activity $activity, float $start): bool
    {
        return isset($this->decided->setUp[$activity->id]) || $this->isSetUpBy($activity, $start);
    }

    /** Whether alike work before it leaves it set up. */
    public function isSetUpBy(Activity $activity, float $start): bool
    {
        foreach ('' === $activity->share ? [] : $this->alike[$activity->share] ?? [] as $alike) {
            if (
                $alike->to <= $start + Interval::SAME &&
                $start - $alike->from <= $activity->shareFor + Interval::SAME
            ) {
                return true;
            }
        }

        return false;
    }

    private function floor(string $place): Floor
    {
        return $this->floors[$place] ??= new Floor($this->yard->floors[$place] ?? null);
    }

    private function freeGear(string $gear, float $start, float $end): ?Busy
    {
        foreach ($this->gearOf($gear) as $busy) {
            if (null === $busy->over($start, $end)) {
                return $busy;
            }
        }

        return null;
    }

    /** @return array{float, string} */
    private function gearOver(string $gear, float $start, float $end): array
    {
        $first = [$end, ''];
        foreach ($this->gearOf($gear) as $busy) {
            $over = $busy->over($start, $end);
            $first = null !== $over && ('' === $first[1] || $over[0] < $first[0]) ? $over : $first;
        }

        return $first;
    }

    /** @return list<Busy> */
    private function gearOf(string $gear): array
    {
        return $this->gear[$gear] ??= array_map(
            static fn(int $_): Busy => new Busy(),
            range(1, max(1, $this->yard->gear[$gear] ?? 1)),
        );
    }
}
