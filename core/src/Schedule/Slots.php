<?php

declare(strict_types=1);

namespace Hull\Schedule;

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

    /** @var array<int|string, array<int|string, array{float, float}>> kind of work => id => start, end */
    private array $alike = [];

    public function __construct(private readonly Yard $yard)
    {
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
            $this->alike[$activity->share][$activity->id] = [$placed->start, $placed->end];
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
     */
    public function room(
        Activity $activity,
        float $from,
        Why $why,
        float $extra = 0.0,
        array $prefer = [],
        bool $late = false,
    ): ?Placement {
        $hours = $activity->hours + $extra;
        for ($tries = 0; $tries < self::MOST_TRIES && $from < $this->yard->end; ++$tries) {
            $fit = $this->people($activity, $hours, $from, $prefer);
            if (null === $fit) {
                return null;
            }
            [$start, $end, $who, $cause] = $fit;
            $why = $start > $from + 1e-9 && null !== $cause && !self::says($why, $cause) ? $cause : $why;
            $setUp = $this->isSetUp($activity, $start);
            $end -= $setUp ? min($activity->setupHours, $hours) : 0.0;
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
                    paid: $extra,
                    setUp: $setUp,
                    late: $late,
                );
            }
            [$from, $why] = [max($next[0], $start + 1e-6), $next[1]];
        }

        return null;
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
     *
     * @return array{float, float, list<string>, Why|null}|null start, end, who, what it waited for
     */
    private function people(Activity $activity, float $hours, float $from, array $prefer): ?array
    {
        if ($hours <= 0.0) {
            return [$from, $from + $hours, [], null];
        }
        if (0 === $activity->people) {
            $start = $this->firstWorked($from);

            return null === $start
                ? null
                : [$start, $start + $hours, [], $start > $from + 1e-9 ? new Why(WhyKind::Hours) : null];
        }
        if (1 === $activity->people) {
            return $this->one($activity, $hours, $from, $prefer);
        }
        for ($at = $from, $cause = null; $at < $this->yard->end; ) {
            $fits = [];
            foreach ($this->yard->people as $person) {
                $fit = $this->fit($person, $activity, $hours, $at, \INF);
                if (null !== $fit) {
                    $fits[] = [$fit[0], $fit[1], $person->name, $fit[2]];
                }
            }
            if (count($fits) < $activity->people) {
                return null;
            }
            usort(
                $fits,
                static fn(array $a, array $b): int => [$a[0], !in_array($a[2], $prefer, true), $a[1]] <=> [
                    $b[0],
                    !in_array($b[2], $prefer, true),
                    $b[1],
                ],
            );
            $together = array_slice($fits, 0, max(1, $activity->people));
            [$last, , , $waited] = $together[count($together) - 1];
            $cause = $last > $at + 1e-9 ? $waited : $cause;
            if ($last <= $together[0][0] + 1e-9) {
                $end = max($last, ...array_column($together, 1));
                $who = array_column($together, 2);
                $over = $this->anyOver($who, $last, $end);
                if (null === $over) {
                    return [$last, $end, $who, $cause];
                }
                [$last, $cause] = [$over[0], new Why(WhyKind::Person, $over[2], $over[1])];
            }
            $at = $last;
        }

        return null;
    }

    /**
     * @param list<string> $prefer
     *
     * @return array{float, float, list<string>, Why|null}|null
     */
    private function one(Activity $activity, float $hours, float $from, array $prefer): ?array
    {
        $best = null;
        $rank = [];
        foreach ($this->yard->people as $person) {
            $fit = $this->fit($person, $activity, $hours, $from, $best[0] ?? \INF);
            if (null !== $fit) {
                $here = [$fit[0], !in_array($person->name, $prefer, true), $fit[1]];
                if (null === $best || $here < $rank) {
                    $rank = $here;
                    $best = [$fit[0], $fit[1], [$person->name], $fit[0] > $from + 1e-9 ? $fit[2] : null];
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
            foreach ($person->work as [$open, $close]) {
                if ($close > $from + 1e-9) {
                    $first = min($first ?? \INF, max($from, $open));
                    break;
                }
            }
        }

        return $first;
    }

    /**
     * @param list<string> $who
     *
     * @return array{float, string, string}|null end, activity and name of the first who is not free to the end of it
     *                                           all
     */
    private function anyOver(array $who, float $start, float $end): ?array
    {
        foreach (count($who) < 2 ? [] : $who as $name) {
            $over = ($this->people[$name] ?? new Busy())->over($start, $end);
            if (null !== $over) {
                return [...$over, $name];
            }
        }

        return null;
    }

    /** @return array{float, float, Why|null}|null */
    private function fit(Person $person, Activity $activity, float $hours, float $from, float $limit): ?array
    {
        $spans = $activity->noisy ? $person->loud : $person->work;
        [$starts, $ends, $ids] = ($this->people[$person->name] ?? new Busy())->spans();
        $taken = count($starts);
        $count = count($spans);
        $low = 0;
        $high = $count;
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $spans[$middle][1] <= $from + 1e-9 ? ($low = $middle + 1) : ($high = $middle);
        }
        $i = $low;
        $low = 0;
        $high = $taken;
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $ends[$middle] <= $from + 1e-9 ? ($low = $middle + 1) : ($high = $middle);
        }
        // Both are walked along from here: the hours of work, and what already is in them.
        $next = $low;
        $hoursAsked = false;
        $over = null;
        $at = $from;
        while ($i < $count) {
            [$open, $close] = $spans[$i];
            $start = $at > $open ? $at : $open;
            if ($start > $limit + 1e-9) {
                return null;
            }
            $left = $close - $start;
            if ($left < $hours - 1e-9 && ($activity->whole || $left < self::LEAST_PIECE)) {
                $hoursAsked = true;
                ++$i;
                continue;
            }
            $hoursAsked = $hoursAsked || ($start > $at + 1e-9 && $start > $from + 1e-9);
            $end = $hours <= $left + 1e-9 ? $start + $hours : self::end($spans, $i, $start, $hours);
            if (null === $end) {
                return null;
            }
            while ($next < $taken && $ends[$next] <= $start + 1e-9) {
                ++$next;
            }
            if ($next >= $taken || $starts[$next] >= $end - 1e-9) {
                return [
                    $start,
                    $end,
                    match (true) {
                        $hoursAsked => new Why($activity->noisy ? WhyKind::Quiet : WhyKind::Hours),
                        null !== $over => new Why(WhyKind::Person, $person->name, $over),
                        default => null,
                    },
                ];
            }
            $over = $ids[$next];
            $hoursAsked = false;
            $at = $ends[$next];
            while ($i < $count && $spans[$i][1] <= $at + 1e-9) {
                ++$i;
            }
        }

        return null;
    }

    /** @param list<array{float, float}> $spans */
    private static function end(array $spans, int $i, float $start, float $hours): ?float
    {
        while (isset($spans[$i])) {
            $left = $spans[$i][1] - $start;
            if ($hours <= $left + 1e-9) {
                return $start + $hours;
            }
            $hours -= $left;
            $start = $spans[++$i][0] ?? \INF;
        }

        return null;
    }

    /** Whether alike work before it leaves it set up. */
    public function isSetUp(Activity $activity, float $start): bool
    {
        foreach ('' === $activity->share ? [] : $this->alike[$activity->share] ?? [] as [$begun, $ended]) {
            if ($ended <= $start + 1e-9 && $start - $begun <= $activity->shareFor + 1e-9) {
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
