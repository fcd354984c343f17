<?php

declare(strict_types=1);

namespace Hull\Schedule\Search;

use Hull\Input\Keys;
use Hull\Quantity\Interval;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Constraint\Times;
use Hull\Schedule\Constraint\Yard;
use Random\Randomizer;

/** What of a schedule is taken out to be put in again, and in which order; see Repacking. */
final class RepackingMoves
{
    /** So often it is something that is not done in time, or what surrounds a gap in somebody's day, shares. */
    private const TARDY = 0.3;
    private const GAPS = 0.5;
    /** So often what is pulled forward alone is of something that is not done in time, a share. */
    private const PULLED_TARDY = 0.7;
    /** Less is no gap, hours. */
    private const LEAST_GAP_H = 0.2;
    /** What can begin so long after an hour may fill what is free from then on, hours. */
    private const SOON_H = 2.0;
    /** How much what has longest to go is off where it is put in again, a share. */
    private const NOISE = 0.2;

    /** @var array<int|string, array{string, int}> activity => part and number of its block */
    private array $blockAt = [];

    /** @var list<string> all activities */
    private readonly array $ids;

    /**
     * @param array<int|string, list<non-empty-list<Activity>>> $blocks by part
     * @param array<int|string, float> $tails activity => hours from its beginning to the end of its part, alone
     */
    public function __construct(
        private readonly Yard $yard,
        private readonly array $blocks,
        private readonly array $tails,
        private readonly Randomizer $random,
    ) {
        $this->ids = Keys::of($yard->activities);
        foreach ($blocks as $part => $list) {
            foreach ($list as $n => $block) {
                foreach ($block as $activity) {
                    $this->blockAt[$activity->id] = [(string) $part, $n];
                }
            }
        }
    }

    /**
     * What is pulled forward alone: mostly of what is not done in time, else any.
     *
     * @param array<int|string, Placement> $placed
     * @param float $last hour at which all is to be over
     */
    public function pulled(array $placed, float $last): string
    {
        $tardy = [];
        foreach ($this->share() < self::PULLED_TARDY ? $this->yard->chains : [] as $ids) {
            if ($placed[$ids[count($ids) - 1]]->end > $last + Interval::SAME) {
                $tardy[] = $ids;
            }
        }
        $ids = [] === $tardy ? $this->ids : $tardy[$this->random->getInt(0, count($tardy) - 1)];

        return $ids[$this->random->getInt(0, count($ids) - 1)];
    }

    /**
     * From what on parts are taken out, two or three of them.
     *
     * @param array<int|string, Placement> $placed
     * @param float $last hour at which all is to be over
     *
     * @return list<string> activities, in the order in which they are put in again
     */
    public function chosen(array $placed, float $last): array
    {
        $kind = $this->share();
        if ($kind < self::TARDY) {
            return $this->pulledForward($placed, $last);
        }
        $gap = $kind < self::TARDY + self::GAPS ? $this->gap($placed, $last) : null;
        [$from, $after] = $gap ?? [$this->yard->now + $this->share() * ($last - $this->yard->now), null];
        $ids = array_filter($this->couldBegin($placed, $from), static fn(string $id): bool => $id !== $after);
        $ids = array_slice($this->random->shuffleArray($ids), 0, null === $after ? 2 : 1);

        return null === $after ? $ids : [...$ids, $after];
    }

    /**
     * Something of a part that is not done in time, before others that are begun while it waits.
     *
     * @param array<int|string, Placement> $placed
     *
     * @return list<string>
     */
    private function pulledForward(array $placed, float $last): array
    {
        $tardy = [];
        foreach ($placed as $id => $there) {
            if ($there->end > $last + Interval::SAME && isset($this->blockAt[$id])) {
                $tardy[] = $this->blockAt[$id];
            }
        }
        if ([] === $tardy) {
            return [];
        }
        [$part, $n] = $tardy[$this->random->getInt(0, count($tardy) - 1)];
        $first = $this->blocks[$part][$this->random->getInt(0, $n)][0];
        $from = Times::earliest($this->yard, $first, $placed)[0];
        $others = [];
        foreach ($this->blocks as $other => $list) {
            foreach ((string) $other === $part ? [] : $list as $block) {
                $start = $placed[$block[0]->id]->start;
                if ($start > $from - Interval::GRACE) {
                    $others = $start < $placed[$first->id]->start ? [...$others, $block[0]->id] : $others;
                    break;
                }
            }
        }

        return [$first->id, ...array_slice($this->random->shuffleArray($others), 0, $this->random->getInt(1, 2))];
    }

    /**
     * What is begun later than at an hour, and could be then as far as its own part goes.
     *
     * @param array<int|string, Placement> $placed
     *
     * @return list<string> one of a part
     */
    private function couldBegin(array $placed, float $hour): array
    {
        $ids = [];
        foreach ($this->blocks as $list) {
            foreach ($list as $block) {
                $there = $placed[$block[0]->id];
                if ($there->start > $hour + Interval::GRACE) {
                    if (
                        Times::earliest($this->yard, $block[0], $placed)[0] < min($there->start, $hour + self::SOON_H)
                    ) {
                        $ids[] = $block[0]->id;
                    }
                    break;
                }
            }
        }

        return $ids;
    }

    /**
     * When somebody who is at work has nothing to do, and what is done after it.
     *
     * @param array<int|string, Placement> $placed
     *
     * @return array{float, string|null}|null
     */
    private function gap(array $placed, float $last): ?array
    {
        if ([] === $this->yard->people) {
            return null;
        }
        $person = $this->yard->people[$this->random->getInt(0, count($this->yard->people) - 1)];
        $does = array_filter($placed, static fn(Placement $p): bool => in_array($person->name, $p->who, true));
        uasort($does, static fn(Placement $a, Placement $b): int => $a->start <=> $b->start);
        $gaps = [];
        foreach ($person->work->spans as $span) {
            $at = max($span->from, $this->yard->now);
            foreach ($span->from < $last ? $does : [] as $id => $there) {
                if ($there->end > $at && $there->start < $span->to) {
                    $gaps = $there->start > $at + self::LEAST_GAP_H ? [...$gaps, [$at, $this->firstWith($id)]] : $gaps;
                    $at = $there->end;
                }
            }
            $gaps = $span->from < $last && $span->to > $at + self::LEAST_GAP_H ? [...$gaps, [$at, null]] : $gaps;
        }

        return [] === $gaps ? null : $gaps[$this->random->getInt(0, count($gaps) - 1)];
    }

    /** What its block begins with; null where it has begun and stays. */
    private function firstWith(int|string $id): ?string
    {
        [$part, $n] = $this->blockAt[$id] ?? [null, 0];

        return null === $part ? null : $this->blocks[$part][$n][0]->id;
    }

    /**
     * With what is placed together with it and what comes after it, on its part and on others.
     *
     * @param list<string> $ids
     *
     * @return array<int|string, true>
     */
    public function hangingOn(array $ids): array
    {
        $out = [];
        while ([] !== $ids) {
            $id = array_pop($ids);
            if (isset($out[$id]) || !isset($this->blockAt[$id])) {
                continue;
            }
            [$part, $n] = $this->blockAt[$id];
            for ($i = $n; isset($this->blocks[$part][$i]); ++$i) {
                foreach ($this->blocks[$part][$i] as $activity) {
                    $out[$activity->id] = true;
                    $ids = [] === $this->yard->needs ? $ids : [...$ids, ...$this->yard->followers($activity->id)];
                }
            }
        }

        return $out;
    }

    /**
     * @param array<int|string, true> $out
     * @param list<string> $leading activities whose blocks come first
     *
     * @return list<non-empty-list<Activity>> blocks in the order in which they are put in again
     */
    public function order(array $out, array $leading): array
    {
        $place = array_flip($leading);
        $turns = $blocksOf = [];
        foreach (array_keys($out) as $id) {
            [$part, $n] = $this->blockAt[$id];
            $blocksOf[$part][$n] = $this->blocks[$part][$n];
            $first = $this->blocks[$part][$n][0]->id;
            $turns[$first] ??= [
                $place[$first] ?? count($leading),
                -($this->tails[$first] ?? 0.0) * (1.0 + self::NOISE * $this->share()),
                $n,
                $part,
            ];
        }
        sort($turns);
        $blocks = [];
        // A block of several parts is in the list of each, and has one turn.
        foreach (array_column($turns, 3) as $part) {
            ksort($blocksOf[$part]);
            $block = array_shift($blocksOf[$part]);
            $blocks = null === $block ? $blocks : [...$blocks, $block];
        }

        return $blocks;
    }

    /** By chance, from 0 up to 1. */
    public function share(): float
    {
        return $this->random->getInt(0, 999_999) / 1e6;
    }
}
