<?php

declare(strict_types=1);

namespace Hull\Schedule\Replanning;

use Hull\Input\Keys;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Blocks;
use Hull\Schedule\Constraint\PreviousPlacement;
use Hull\Schedule\Constraint\Yard;
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

    /** @param array<int|string, PreviousPlacement> $before by activity */
    public function __construct(private Yard $yard, private array $before)
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
        return $this->around(array_merge([], ...$this->singly()));
    }

    /**
     * Part after part: those that stay whole where another has to give way.
     *
     * @param \Closure(Schedule): list<int|float> $rank the lesser the better
     * @param int $tries orders of parts
     */
    public function partByPart(\Closure $rank, int $tries, Randomizer $random): Schedule
    {
        $parts = Keys::of($this->yard->chains);
        usort(
            $parts,
            fn(string $a, string $b): int => [$this->yard->dues[$a] ?? \INF, count($this->yard->chains[$b]), $a] <=> [
                $this->yard->dues[$b] ?? \INF,
                count($this->yard->chains[$a]),
                $b,
            ],
        );
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

        return $this->around(array_values(array_filter($order, static fn(Activity $a): bool => null === $a->fixed)));
    }

    /**
     * What opened a window that is missed for it does not stay either, if that spares making good.
     *
     * @param list<Activity> $order
     */
    private function around(array $order): Schedule
    {
        $left = [];
        $kept = $this->pass($order, $left);
        if ($kept->score->rework <= $this->rework + Placer::SAME_H) {
            return $kept;
        }
        $starts = [];
        foreach ($this->blocks as $block) {
            foreach ($block as $activity) {
                $starts += $activity->id === ($left[$activity->part] ?? null) ? [$activity->part => $block[0]->id] : [];
            }
        }
        $whole = $this->pass($order, $starts);

        return $whole->score->rework < $kept->score->rework - Placer::SAME_H ? $whole : $kept;
    }

    /**
     * @param list<Activity> $order
     * @param array<int|string, string> $left the first of each part that does not stay; those found are put in
     */
    private function pass(array $order, array &$left): Schedule
    {
        $placer = new Placer($this->yard, $this->before);
        $gone = [];
        foreach ($order as $activity) {
            $gone += ($left[$activity->part] ?? null) === $activity->id ? [$activity->part => true] : [];
            if (!isset($gone[$activity->part]) && !$placer->stay($activity)) {
                $gone[$activity->part] = true;
                $left[$activity->part] = $activity->id;
            }
        }
        $rests = [];
        foreach ($this->blocks as $block) {
            $rest = array_values(
                array_filter(
                    $block,
                    fn(Activity $a): bool => isset($left[$a->part]) &&
                        array_search($a->id, $this->yard->chains[$a->part], true) >=
                            array_search($left[$a->part], $this->yard->chains[$a->part], true),
                ),
            );
            $rests = [] === $rest ? $rests : [...$rests, $rest];
        }
        foreach ($this->sorted($rests) as $rest) {
            $placer->add($rest);
        }

        return $placer->schedule();
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
