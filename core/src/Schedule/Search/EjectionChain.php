<?php

declare(strict_types=1);

namespace Hull\Schedule\Search;

use Hull\Quantity\Interval;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Constraint\Times;
use Hull\Schedule\Constraint\Why;
use Hull\Schedule\Constraint\WhyKind;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\Placer;
use Hull\Schedule\Placing\Slots;
use Random\Randomizer;

/**
 * Pulls one activity forward into hours of somebody who is busy then: what is done there goes elsewhere in its own
 * slack, where it pushes out something else in turn, a few times over. What follows on the part moves up after it, with
 * the same means. All else stays where it is.
 *
 * Known in the literature as ejection chains. Nothing is given up for it: what was waited for is waited for, and no
 * window is missed that was kept.
 */
final class EjectionChain
{
    /** So often what is pushed out pushes out something else. */
    private const DEEP = 3;
    /** Looked at for one activity: somebody, and something of theirs in whose place it could be. */
    private const LOOKS = 6;
    /** More than that is not pushed out for one. */
    private const MOST_OUT = 3;
    /** One in so many is put right after what somebody does, and not in its place. */
    private const BEHIND = 4;
    /** By so much what is pushed out may be more than what another way would push out, hours. */
    private const NOISE_H = 3.0;
    /** Looks for room that take as long as one activity in a whole schedule. */
    private const LOOKS_EACH = 8;

    private readonly Shifts $shifts;
    /** Nobody is busy there, and no place taken. */
    private readonly Slots $alone;
    private readonly Why $nothing;
    /** @var array<int|string, true> what was moved already, and is not pushed out any more */
    private array $moved = [];
    /** @var array<int|string, array{float, float, float}> activity => from when, made good, when it has room alone */
    private array $soonest = [];

    /** @param float $last hour at which all is to be over */
    public function __construct(
        private readonly Yard $yard,
        Placer $placer,
        private readonly float $last,
        private readonly Randomizer $random,
    ) {
        $this->shifts = new Shifts($yard, $placer);
        $this->alone = new Slots($yard, draft: true);
        $this->nothing = new Why(WhyKind::Nothing);
    }

    /**
     * One activity is pulled forward, with what follows on its part.
     *
     * @return bool whether it is; all is as it was where not
     */
    public function pull(string $id): bool
    {
        $this->shifts->undo->forget();
        [$this->moved, $this->shifts->looks] = [[], 0];
        if (!$this->sooner($id)) {
            return false;
        }
        $chain = $this->yard->chains[$this->yard->activity($id)->part];
        foreach (array_slice($chain, 1 + (int) array_search($id, $chain, true)) as $next) {
            $this->moved = [$id => true];
            if (!$this->shifts->movesUp($next, false) && !$this->sooner($next)) {
                break;
            }
        }
        $isKept = $this->shifts->keepsWindows();
        if (!$isKept) {
            $this->undo();
        }

        return $isKept;
    }

    public function undo(): void
    {
        $this->shifts->undo->backTo(0);
    }

    /** @return array<int|string, Placement> where what the last pull moved stood before, by activity */
    public function was(): array
    {
        return $this->shifts->undo->was();
    }

    /** @return int as many activities could have been put into a whole schedule in the time of the last pull */
    public function spent(): int
    {
        return 1 + intdiv($this->shifts->looks, self::LOOKS_EACH);
    }

    /** It is begun sooner, whoever has to give way. */
    private function sooner(string $id): bool
    {
        $now = $this->shifts->placed($id);
        $from = $this->shifts->ready($id);
        if (null !== $this->yard->activity($id)->fixed || $from > $now->start - Shifts::SOONER_H) {
            return false;
        }
        $mark = $this->shifts->undo->mark();
        $was = $this->shifts->undo->leave($id);
        $this->moved[$id] = true;
        if ($this->insert($id, $was, $from, $now->start - Shifts::SOONER_H, self::DEEP, false)) {
            return true;
        }
        $this->shifts->undo->backTo($mark);

        return false;
    }

    /**
     * In hours of somebody who is busy then.
     *
     * @param Placement $was where it stood
     * @param float $from hour before which it cannot begin
     * @param float $until after which it is not begun
     * @param bool $strictly what hangs on it keeps its windows at once, and not only in the end
     */
    private function insert(string $id, Placement $was, float $from, float $until, int $deep, bool $strictly): bool
    {
        $chosen = $this->chosen($this->yard->activity($id), $was->rework, $from, $until);
        if (null === $chosen) {
            return false;
        }
        [$at, $name, $inTheWay] = $chosen;
        $mark = $this->shifts->undo->mark();
        $out = [];
        foreach ($inTheWay as $other) {
            $out[$other] = $this->shifts->undo->leave($other);
            $this->moved[$other] = true;
        }
        $there = $this->shifts->room($id, $at, $was, $name);
        if (null !== $there && $there->start <= $until + Interval::GRACE) {
            $this->shifts->undo->put($id, $there);
            if ($this->shifts->isKept($id, $strictly) && $this->areSettled($out, $deep)) {
                return true;
            }
        }
        $this->shifts->undo->backTo($mark);

        return false;
    }

    /**
     * Where it could be put in: of some ways that which pushes out least, give or take.
     *
     * @return array{float, string, list<string>}|null from when, by whom, what is in the way
     */
    private function chosen(Activity $activity, float $rework, float $from, float $until): ?array
    {
        $soonest = $this->soonestAlone($activity, $from, $rework);
        if ($soonest > $until + Interval::GRACE || [] === $this->yard->people) {
            return null;
        }
        $best = null;
        for ($look = 0; $look < self::LOOKS; ++$look) {
            $name = $this->yard->people[$this->random->getInt(0, count($this->yard->people) - 1)]->name;
            $at = $this->besideWork($name, $soonest, $until);
            $there = $this->roomAlone($activity, $at, $rework, $name);
            if (null === $there || $there->start > $until + Interval::GRACE) {
                continue;
            }
            $inTheWay = $this->shifts->between($there->who, $there->start, $there->end);
            $hours = self::NOISE_H * $this->share() + $this->handsOf($inTheWay, $activity->part);
            if (is_finite($hours) && (null === $best || $hours < $best[0])) {
                $best = [$hours, $at, $name, $inTheWay];
            }
        }

        return null === $best ? null : [$best[1], $best[2], $best[3]];
    }

    /** When somebody begins or ends something between two hours. */
    private function besideWork(string $name, float $from, float $until): float
    {
        $does = $this->shifts->between([$name], $from, $until);
        if ([] === $does) {
            return $from;
        }
        $one = $this->shifts->placed($does[$this->random->getInt(0, count($does) - 1)]);

        return max($from, 1 === $this->random->getInt(1, self::BEHIND) ? $one->end : $one->start);
    }

    /**
     * @param list<string> $ids
     *
     * @return float hours of hands they take; INF where they cannot be pushed out
     */
    private function handsOf(array $ids, string $part): float
    {
        $hours = count($ids) > self::MOST_OUT ? \INF : 0.0;
        foreach ($ids as $id) {
            $activity = $this->yard->activity($id);
            $stays = null !== $activity->fixed || $activity->part === $part || isset($this->moved[$id]);
            $hours += $stays ? \INF : $activity->people * $activity->hours;
        }

        return $hours;
    }

    /** @param array<int|string, Placement> $out where what was pushed out stood */
    private function areSettled(array $out, int $deep): bool
    {
        foreach ($out as $id => $was) {
            if (!$this->isSettled((string) $id, $was, $deep)) {
                return false;
            }
        }

        return true;
    }

    /** It is put in again between what it waits for and what waits for it, where something else may give way. */
    private function isSettled(string $id, Placement $was, int $deep): bool
    {
        $from = $this->shifts->ready($id);
        $until = min(max($this->last, $was->end), $this->shifts->waitedForAt($id));
        $until -= Heads::least($this->yard->activity($id));
        if (!is_finite($from) || $from > $until + Interval::SAME) {
            return false;
        }
        $soonest = $this->shifts->room($id, $from, $was);
        if (null !== $soonest && $soonest->start <= $until + Interval::GRACE) {
            $at = $from + $this->share() * max(0.0, $until - $from);
            $some = $at > $soonest->start ? $this->shifts->room($id, $at, $was) ?? $soonest : $soonest;
            $mark = $this->shifts->undo->mark();
            $this->shifts->undo->put($id, $some->start <= $until + Interval::GRACE ? $some : $soonest);
            if ($this->shifts->isKept($id, true)) {
                return true;
            }
            $this->shifts->undo->backTo($mark);
        }

        return $deep > 0 && $this->insert($id, $was, $from, $until, $deep - 1, true);
    }

    /** @return float hour, INF for never; the last answer is kept, since what comes before it seldom moves */
    private function soonestAlone(Activity $activity, float $from, float $rework): float
    {
        [$asked, $made, $soonest] = $this->soonest[$activity->id] ?? [-\INF, 0.0, \INF];
        if ($asked !== $from || $made !== $rework) {
            $soonest = $this->roomAlone($activity, $from, $rework)->start ?? \INF;
            $this->soonest[$activity->id] = [$from, $rework, $soonest];
        }

        return $soonest;
    }

    private function roomAlone(Activity $activity, float $from, float $rework, ?string $by = null): ?Placement
    {
        ++$this->shifts->looks;

        return $this->alone->room($activity, $from, $this->nothing, $rework, late: $rework > 0.0, by: $by);
    }

    /** By chance, from 0 up to 1. */
    private function share(): float
    {
        return $this->random->getInt(0, 999_999) / 1e6;
    }
}
