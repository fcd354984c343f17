<?php

declare(strict_types=1);

namespace Hull\Schedule\Placing;

use Hull\Input\Keys;
use Hull\Quantity\Interval;
use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Calendar\Teams;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Why;
use Hull\Schedule\Constraint\WhyKind;
use Hull\Schedule\Constraint\Yard;

/** What the people of a yard are taken for, hour by hour; finds who has time for an activity first. */
final class PeopleTime
{
    /** Shorter than this is not worth setting up for, hours. */
    private const LEAST_PIECE = 0.25;

    /** @var array<int|string, Busy> */
    private array $people = [];

    private readonly Teams $teams;

    public function __construct(private readonly Yard $yard, private readonly Decisions $decided)
    {
        $away = $decided->away;
        $this->teams =
            [] === $away
                ? $yard->teams
                : new Teams(
                    array_map(static fn(Person $p): Person => $p->awayOn($away[$p->name] ?? []), $yard->people),
                );
        foreach ($yard->people as $person) {
            $this->people[$person->name] = new Busy($person->work);
        }
    }

    /** @param list<string> $who */
    public function take(array $who, float $start, float $end, string $activity): void
    {
        foreach ($who as $name) {
            ($this->people[$name] ??= new Busy())->take($start, $end, $activity);
        }
    }

    /**
     * What any of them is taken for between two hours.
     *
     * @param list<string> $who
     *
     * @return list<string> activities
     */
    public function between(array $who, float $start, float $end): array
    {
        $ids = [];
        foreach ($who as $name) {
            $ids += array_flip(isset($this->people[$name]) ? $this->people[$name]->between($start, $end) : []);
        }

        return Keys::of($ids);
    }

    public function leave(string $activity): void
    {
        foreach ($this->people as $busy) {
            $busy->leave($activity);
        }
    }

    /**
     * Who has time for an activity first; which hours of whom is kept in what is known, for the next question.
     *
     * @param list<string> $prefer who is taken where others could begin at the same time
     * @param array<int, array{float, array{float, float, Why|null, float}|null}> $known by team: it has no room before
     *     an hour, and which room it has then, if that is known; from what was asked of no later an hour before
     * @param string|null $by who has to be among them
     *
     * @return array{float, float, list<string>, Why|null}|null start, end, who, what it waited for
     */
    public function earliest(
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
        $alone = $activity->people > 1 ? $this->alone($activity, $hours, $from) : [];
        foreach ($this->teams->of($activity->people) as $team => [$names, $hoursOfAll]) {
            if (null !== $by && !in_array($by, $names, true)) {
                continue;
            }
            $limit = $best[0] ?? \INF;
            [$first, $fit] = $known[$team] ?? [-\INF, null];
            $soonest = $first;
            foreach ([] === $alone ? [] : $names as $name) {
                $soonest = max($soonest, $alone[$name]);
            }
            if ($soonest > $limit + Interval::SAME) {
                continue;
            }
            if (null === $fit || $first < $from) {
                $fit = $this->fit($names, $hoursOfAll, $activity, $hours, max($from, $first), $limit);
                $known[$team] = [$fit[0] ?? max($first, $limit), $fit];
            }
            if (null !== $fit) {
                $here = [$fit[0], [] === $prefer ? 0 : count(array_diff($names, $prefer)), $fit[1], $fit[3]];
                if (null === $best || $here < $rank) {
                    $rank = $here;
                    $best = [$fit[0], $fit[1], $names, $fit[0] > $from + Interval::SAME ? $fit[2] : null];
                }
            }
        }

        return $best;
    }

    /**
     * Several can begin no sooner than each of them could alone.
     *
     * @return array<int|string, float> name => hour; empty where that is not so
     */
    private function alone(Activity $activity, float $hours, float $from): array
    {
        // What has to be over in a day may be so for the hours they share, and not for those of one of them.
        if ($activity->bares && !$activity->whole) {
            return [];
        }
        $alone = [];
        foreach ($this->teams->of(1) as [$names, $person]) {
            $alone[$names[0]] = $this->fit($names, $person, $activity, $hours, $from, \INF)[0] ?? \INF;
        }

        return $alone;
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
        $worked = $this->teams->hours($calendar, $activity->noisy, $activity->light);
        $spans = $worked->spans;
        $count = count($spans);
        // What is laid bare in the evening has rusted by the morning, where a day is long enough for all of it.
        $sameDay = $activity->bares && !$activity->whole && $hours <= $worked->longestDay() + Interval::SAME;
        $i = $worked->firstEndingAfter($from + Interval::SAME);
        // Walked along from here: the hours of work, and what already is in them, of each who takes part.
        $busy = [];
        foreach ($names as $name) {
            $one = $this->people[$name] ??= new Busy();
            $busy[] = [...$one->inOneGoFrom($from + Interval::SAME), $one];
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
            foreach ($busy as $n => [$starts, $ends, $next, $one]) {
                while (isset($ends[$next]) && $ends[$next] <= $start + Interval::SAME) {
                    ++$next;
                }
                $busy[$n][2] = $next;
                if (isset($starts[$next]) && $starts[$next] < $end - Interval::SAME) {
                    $next = $one->beforeGap($next, $hours - Interval::GRACE);
                    $at = null === $at || $ends[$next] > $at ? $ends[$next] : $at;
                    $isOver = true;
                }
            }
            if (null === $at) {
                $why = match (true) {
                    $hoursAsked && null !== $activity->light && $this->isDarkBefore($calendar, $activity, $from, $start)
                        => new Why(WhyKind::Dark),
                    $hoursAsked && $activity->noisy && self::isQuietBefore($calendar, $from, $start) => new Why(
                        WhyKind::Quiet,
                    ),
                    $hoursAsked => new Why(WhyKind::Hours),
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

    /** They are at work in between, only it is dark. */
    private function isDarkBefore(Person $calendar, Activity $activity, float $from, float $start): bool
    {
        return $calendar->hours($activity->noisy)->hours($from, $start) >
            $this->teams->hours($calendar, $activity->noisy, $activity->light)->hours($from, $start) + Interval::GRACE;
    }

    /** They are at work in between, only not with anything loud. */
    private static function isQuietBefore(Person $calendar, float $from, float $start): bool
    {
        return $calendar->hours(false)->hours($from, $start) >
            $calendar->hours(true)->hours($from, $start) + Interval::GRACE;
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
     * @param list<array{list<float>, list<float>, int, Busy}> $busy see Busy
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

    /**
     * Somebody could have been at work between two hours, and it was decided otherwise.
     *
     * @param list<string> $who
     */
    public function isStayedAway(array $who, float $from, float $start): bool
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
}
