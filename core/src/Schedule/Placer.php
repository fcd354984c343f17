<?php

declare(strict_types=1);

namespace Hull\Schedule;

/**
 * Puts blocks of work into a yard one after the other, each as early as there is room.
 *
 * Where the end of a window would be missed the work that opened it is held back, step by step, until what follows
 * falls into it; where that is no good, abrading is paid for and said so.
 */
final class Placer
{
    private const MOST_TRIES = 60;
    private const MOST_STUCK = 8;
    /** Moved by less is not moved. */
    public const SAME_H = 0.05;
    private const LEAST_HOLD = 0.05;

    /** @var array<int|string, Placement> */
    private array $placed = [];

    /** @var array<int|string, string> */
    private array $without = [];

    private readonly Slots $slots;

    /**
     * @param array<int|string, PreviousPlacement> $kept places in an earlier schedule: nothing begins before it did
     *     there
     * @param array<int|string, float> $held hours before which an activity is not begun, so that others can go first
     */
    public function __construct(
        private readonly Yard $yard,
        private readonly array $kept = [],
        private readonly array $held = [],
    ) {
        $this->slots = new Slots($yard);
        foreach ($yard->activities as $activity) {
            if (null !== $activity->fixed) {
                [$start, $end, $who] = $activity->fixed;
                $this->put(
                    $activity,
                    new Placement(
                        $activity->id,
                        $start,
                        $end,
                        $who,
                        new Why(WhyKind::Running),
                        null === $activity->wet ? $end : $activity->wet->dry->after($end) ?? $yard->end,
                    ),
                );
            }
        }
    }

    /** Puts an activity where the earlier schedule had it, if it may still stand there; else leaves it for later. */
    public function stay(Activity $activity): bool
    {
        $kept = $this->kept[$activity->id] ?? null;
        $latest = Times::latest($activity, $this->placed);
        $placed = null === $kept ? null : $this->room($activity, -\INF, null, null);
        if (
            null === $placed ||
            $placed->start > $kept->start + self::SAME_H ||
            (null !== $latest && $placed->start > $latest[0] + 1e-6)
        ) {
            return false;
        }
        $this->put($activity, $placed);

        return true;
    }

    /** @param list<Activity> $block */
    public function add(array $block): void
    {
        if (isset($block[0]) && isset($this->without[$block[0]->id])) {
            return;
        }
        $at = array_flip(array_map(static fn(Activity $a): string => $a->id, $block));
        $hold = [];
        $held = [];
        $pays = [];
        $short = [];
        $missed = null;
        for ($k = 0, $tries = 0; $k < count($block); ) {
            $activity = $block[$k];
            $latest = isset($pays[$activity->id]) ? null : Times::latest($activity, $this->placed);
            $placed = $this->room($activity, $hold[$k] ?? -\INF, $pays[$activity->id] ?? null, $held[$k] ?? null);
            if (null === $placed && null !== $missed) {
                $pays[$missed[0]] = $missed[1];
                $this->leave($block, 0, $k);
                [$k, $hold, $held, $short, $missed] = [0, [], [], [], null];
                continue;
            }
            if (null === $placed) {
                $this->giveUp(array_slice($block, $k));

                return;
            }
            if (null === $latest || $placed->start <= $latest[0] + 1e-6) {
                $this->put($activity, $placed);
                ++$k;
                continue;
            }
            $window = $latest[1];
            $source = $at[$window->from] ?? null;
            $gap = $placed->start - $latest[0];
            $pair = $source . '-' . $k;
            $stuck = isset($short[$pair]) && $gap > $short[$pair][0] - 1e-6 ? $short[$pair][1] + 1 : 0;
            $short[$pair] = [$gap, $stuck];
            if (null === $source || ++$tries > self::MOST_TRIES || $stuck > self::MOST_STUCK) {
                $pays[$activity->id] = $window;
                // What was held back for a window that is missed all the same need not have been.
                $this->leave($block, 0, $k);
                [$k, $hold, $held, $short, $missed] = [0, [], [], [], null];
                continue;
            }
            $missed = [$activity->id, $window];
            $hold[$source] = $this->placed[$block[$source]->id]->start + max($gap, self::LEAST_HOLD);
            $held[$source] = new Why(WhyKind::Window, $window->what, $activity->id);
            for ($i = $source + 1; $i <= $k; ++$i) {
                unset($hold[$i], $held[$i]);
            }
            $this->leave($block, $source, $k);
            $k = $source;
        }
    }

    public function schedule(): Schedule
    {
        $placed = $this->placed;
        uasort(
            $placed,
            static fn(Placement $a, Placement $b): int => [$a->start, $a->end, $a->id] <=> [$b->start, $b->end, $b->id],
        );

        return new Schedule($this->yard, $placed, $this->without);
    }

    private function room(Activity $activity, float $hold, ?Window $pays, ?Why $held): ?Placement
    {
        [$from, $why] = Times::earliest($this->yard, $activity, $this->placed);
        $kept = $this->kept[$activity->id] ?? null;
        if (null !== $kept && $kept->start > $from) {
            [$from, $why] = [$kept->start, new Why(WhyKind::Kept)];
        }
        $others = $this->held[$activity->id] ?? -\INF;
        if ($others > $from) {
            [$from, $why] = [$others, new Why(WhyKind::Others)];
        }
        if ($hold > $from) {
            [$from, $why] = [$hold, $held ?? new Why(WhyKind::Window, 'its window')];
        }
        $extra = 0.0;
        if (null !== $pays) {
            $extra = $pays->hours;
            $source = $this->placed[$pays->from] ?? null;
            $again = null === $source ? null : $pays->reopens?->after($source->end);
            [$from, $why] =
                null !== $source && null !== $again && $again > $from
                    ? [
                        $again,
                        new Why(WhyKind::Waits, 'the film to harden so that a late coat does not lift it', $source->id),
                    ]
                    : [$from, $why];
        }
        if (!is_finite($from)) {
            return null;
        }

        $placed = $this->slots->room($activity, $from, $why, $extra, $kept->who ?? []);

        return null !== $placed && WhyKind::Kept === $placed->why->kind ? $this->anyway($activity, $placed) : $placed;
    }

    /** Where it was planned before is no reason, where it could not be any earlier in any case. */
    private function anyway(Activity $activity, Placement $placed): Placement
    {
        [$from, $why] = Times::earliest($this->yard, $activity, $this->placed);
        $soonest = is_finite($from) ? $this->slots->room($activity, $from, $why, $placed->paid) : null;

        return null !== $soonest && $soonest->start > $placed->start - self::SAME_H
            ? $placed->because($soonest->why)
            : $placed;
    }

    private function put(Activity $activity, Placement $placed): void
    {
        $this->placed[$activity->id] = $placed;
        $this->slots->take($activity, $placed);
    }

    /** @param list<Activity> $block */
    private function leave(array $block, int $from, int $to): void
    {
        for ($i = $from; $i < $to; ++$i) {
            $this->slots->leave($block[$i]);
            unset($this->placed[$block[$i]->id]);
        }
    }

    /** @param list<Activity> $rest */
    private function giveUp(array $rest): void
    {
        $first = $rest[0] ?? null;
        if (null === $first) {
            return;
        }
        $chain = $this->yard->chains[$first->part];
        foreach (array_slice($chain, (int) array_search($first->id, $chain, true)) as $id) {
            $this->without[$id] = $id === $first->id ? $this->noRoom($first) : 'what comes before it has no room';
        }
    }

    private function noRoom(Activity $activity): string
    {
        $longest = 0.0;
        foreach ($this->yard->people as $person) {
            foreach ($activity->noisy ? $person->loud : $person->work as [$from, $to]) {
                $longest = max($longest, $to - $from);
            }
        }

        return match (true) {
            count($this->yard->people) < $activity->people => sprintf('it takes %d people', $activity->people),
            $activity->whole && $activity->hours > $longest + 1e-9 => sprintf(
                'it takes %.1f h in one go, the longest stretch of working hours is %.1f h: sections, a ' .
                    'helper, or a longer day',
                $activity->hours,
                $longest,
            ),
            !is_finite(Times::earliest($this->yard, $activity, $this->placed)[0])
                => 'in this air what it waits for never comes',
            null !== $activity->wet
                => 'no hour before the end of the plan lets this film on: another place, hour or film',
            default => 'there is no room before the end of the plan',
        };
    }
}
