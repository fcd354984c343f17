<?php

declare(strict_types=1);

namespace Hull\Schedule\Replanning;

use Hull\Input\Keys;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Blocks;
use Hull\Schedule\Constraint\PreviousPlacement;
use Hull\Schedule\Constraint\Times;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\Aim;
use Hull\Schedule\Placing\Placer;
use Hull\Schedule\Placing\Schedule;
use Hull\Schedule\Search\Orders;
use Random\Randomizer;

/**
 * Plans in which whatever may stay where it was stays; parts of which something may not go into the room that is left.
 *
 * Which of them has the first say, where two can not both stay, is the question: hour by hour, or part after part.
 */
final readonly class StablePlans
{
    /** @var list<non-empty-list<Activity>> */
    private array $blocks;

    /** Hours of making good that were in the plan before. */
    private float $rework;

    /**
     * @param array<int|string, PreviousPlacement> $before by activity
     * @param Aim $aim when all was to be done
     */
    public function __construct(private Yard $yard, private array $before, private Aim $aim)
    {
        $this->blocks = self::once(Blocks::of($yard));
        $this->rework = array_sum(
            array_map(
                static fn(PreviousPlacement $k): float => $k->rework,
                array_intersect_key($before, $yard->activities),
            ),
        );
    }

    /**
     * @param array<int|string, list<non-empty-list<Activity>>> $blocks
     *
     * @return list<non-empty-list<Activity>> those of several parts once
     */
    private static function once(array $blocks): array
    {
        $once = [];
        foreach (array_merge([], ...array_values($blocks)) as $block) {
            $once[$block[0]->id] = $block;
        }

        return array_values($once);
    }

    /** @return list<list<Activity>> each block in the order in which it was worked */
    public function blocks(): array
    {
        return $this->sorted($this->blocks);
    }

    /** @return list<list<Activity>> each activity by itself, in the order in which they were worked */
    public function singly(): array
    {
        return $this->sorted(array_map(static fn(Activity $a): array => [$a], array_merge([], ...$this->blocks)));
    }

    public function hourByHour(): Schedule
    {
        return $this->around(array_merge([], ...$this->singly()), false);
    }

    /**
     * Part after part, what has longest to go first: each stays as long as it may, and the rest of it goes right after
     * as soon as it can, so that what is less urgent gives way to it.
     *
     * @param \Closure(Schedule): list<int|float> $rank the lesser the better
     * @param int $tries orders of parts
     */
    public function partByPart(\Closure $rank, int $tries, Randomizer $random): Schedule
    {
        $parts = Keys::of($this->yard->chains);
        $longest = array_map(
            fn(array $ids): float => max([
                0.0,
                ...array_map(fn(string $id): float => $this->aim->tails[$id] ?? 0.0, $ids),
            ]),
            $this->yard->chains,
        );
        usort($parts, static fn(string $a, string $b): int => [$longest[$b], $a] <=> [$longest[$a], $b]);
        $best = $this->inOrder($parts);
        for ($try = 1; $try < $tries; ++$try) {
            $order = 0 === $random->getInt(0, 1) ? $random->shuffleArray($parts) : Orders::neighbour($parts, $random);
            $other = $this->inOrder($order);
            if ($rank($other) < $rank($best)) {
                [$best, $parts] = [$other, $order];
            }
        }

        return $best;
    }

    /** @param list<string> $parts */
    private function inOrder(array $parts): Schedule
    {
        $order = array_merge(
            [],
            ...array_map(
                fn(string $part): array => array_map($this->yard->activity(...), $this->yard->chains[$part]),
                $parts,
            ),
        );

        return $this->around($order, true);
    }

    /**
     * What opened a window that is missed for it does not stay either, if nothing makes that good or it costs no more:
     * nothing is wiped on Wednesday for a coat that went to Tuesday.
     *
     * @param list<Activity> $order
     * @param bool $atOnce the rest of a part is put in when the first of it does not stay; else after all that stays
     */
    private function around(array $order, bool $atOnce): Schedule
    {
        $left = [];
        $kept = $this->pass($order, $left, $atOnce);
        $openers = $this->openers($kept, $left);
        $hasMore = $kept->score->rework > $this->rework + Placer::SAME_H;
        if ([] === $openers && !$hasMore && [] === $kept->spoilt()) {
            return $kept;
        }
        $starts = [];
        foreach ($hasMore || [] !== $kept->spoilt() ? $this->blocks : [] as $block) {
            foreach ($block as $activity) {
                $starts += $activity->id === ($left[$activity->part] ?? null) ? [$activity->part => $block[0]->id] : [];
            }
        }
        $starts += $openers;
        $whole = $this->pass($order, $starts, $atOnce);
        $costs = static fn(Schedule $s): array => [
            $s->score->unplaced + count($s->spoilt()),
            round($s->score->rework, 1),
            round($s->score->late, 1),
        ];

        return $costs($whole) <= $costs($kept) ? $whole : $kept;
    }

    /**
     * @param array<int|string, string> $left the first of each part that does not stay
     *
     * @return array<int|string, string> by part the first of what stays and opens a window that this misses
     */
    private function openers(Schedule $kept, array $left): array
    {
        $openers = [];
        foreach ($left as $part => $id) {
            $placed = $kept->placed[$id] ?? null;
            $missed = null === $placed ? [] : Times::missed($this->yard->activity($id), $kept->placed, $placed->start);
            $from = array_column($missed, 'from');
            foreach ($this->yard->chains[$part] as $before) {
                $isOpen = in_array($before, $from, true) && null === $this->yard->activity($before)->fixed;
                $openers += $isOpen ? [$part => $before] : [];
            }
        }

        return $openers;
    }

    /**
     * @param list<Activity> $order
     * @param array<int|string, string> $left the first of each part that does not stay; those found are put in
     */
    private function pass(array $order, array &$left, bool $atOnce): Schedule
    {
        $placer = new Placer($this->yard, $this->before, aim: $this->aim);
        $gone = [];
        foreach ($order as $activity) {
            $part = $activity->part;
            $stays = !isset($gone[$part]) && ($left[$part] ?? null) !== $activity->id && $placer->stay($activity);
            if ($stays || isset($gone[$part])) {
                continue;
            }
            $gone[$part] = true;
            $left[$part] = $activity->id;
            foreach ($atOnce ? $this->rests([$part => $activity->id]) : [] as $rest) {
                $placer->add($rest);
            }
        }
        foreach ($atOnce ? [] : $this->rests($left) as $rest) {
            $placer->add($rest);
        }

        return $placer->schedule();
    }

    /**
     * @param array<int|string, string> $left the first of each part that does not stay
     *
     * @return list<non-empty-list<Activity>> that and what comes after it, in the order it was worked
     */
    private function rests(array $left): array
    {
        $rests = [];
        foreach ($this->blocks as $block) {
            $rest = array_values(array_filter($block, fn(Activity $a): bool => $this->isLeft($a, $left)));
            $rests = [] === $rest ? $rests : [...$rests, $rest];
        }

        return $this->sorted($rests);
    }

    /** @param array<int|string, string> $left */
    private function isLeft(Activity $activity, array $left): bool
    {
        $chain = $this->yard->chains[$activity->part];

        return isset($left[$activity->part]) &&
            array_search($activity->id, $chain, true) >= array_search($left[$activity->part], $chain, true);
    }

    /**
     * @param list<non-empty-list<Activity>> $blocks each part's in its own order
     *
     * @return list<non-empty-list<Activity>> in the order they were worked
     */
    private function sorted(array $blocks): array
    {
        $last = [];
        $keys = [];
        foreach ($blocks as $n => $block) {
            $part = $block[0]->part;
            $last[$part] = $keys[$n] = max(
                $last[$part] ?? -\INF,
                $this->before[$block[0]->id]->start ?? ($last[$part] ?? \INF),
            );
        }
        $order = array_keys($blocks);
        usort($order, static fn(int $a, int $b): int => [$keys[$a], $a] <=> [$keys[$b], $b]);

        return array_map(static fn(int $n): array => $blocks[$n], $order);
    }
}
