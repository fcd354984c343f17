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
    private const MOST_TRIES = 25;
    private const MOST_WITHDRAWN = 3;
    /** How far what opens a missed window is put towards its end, tried in turn. */
    private const LATER = [0.95, 0.7, 0.4];
    private const MOST_STUCK = 8;
    /** Made longer by what is made good it may come to miss another window; so often that is looked at again. */
    private const MOST_DUE = 3;
    /** Moved by less is not moved. */
    public const SAME_H = 0.05;
    private const LEAST_HOLD = 0.05;
    private const STEP_H = 0.25;

    /** @var array<int|string, Placement> */
    private array $placed = [];

    /** @var array<int|string, string> */
    private array $without = [];

    /** @var list<array{Activity, string, bool}> what found no room, why, and whether that lies on another part */
    private array $causes = [];

    /** @var array<int|string, true> blocks that are being placed because another one needs them */
    private array $adding = [];

    private readonly Slots $slots;

    /** Something was made good only so that the whole ends sooner. */
    public bool $paidForTime = false;

    /**
     * @param array<int|string, PreviousPlacement> $kept places in an earlier schedule: nothing begins before it did
     *     there
     * @param Decisions $decided of single activities, by a search
     * @param Aim|null $aim given one, windows are missed where that ends the whole sooner and is worth it
     */
    public function __construct(
        private readonly Yard $yard,
        private readonly array $kept = [],
        private readonly Decisions $decided = new Decisions(),
        private readonly ?Aim $aim = null,
    ) {
        $this->slots = new Slots($yard, $decided);
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

    /** Leaves an activity where another schedule of the same yard has it. */
    public function seat(Activity $activity, Placement $placed): void
    {
        $this->put($activity, $placed);
    }

    /** Puts an activity where the earlier schedule had it, if it may still stand there; else leaves it for later. */
    public function stay(Activity $activity): bool
    {
        $kept = $this->kept[$activity->id] ?? null;
        $latest = Times::latest($activity, $this->placed);
        $placed = null === $kept ? null : $this->room($activity, -\INF, null, null);
        if (
            null === $placed ||
            $this->lacks($activity, []) ||
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
        $block = array_values(
            array_filter(
                $block,
                fn(Activity $a): bool => !isset($this->placed[$a->id]) && !isset($this->without[$a->id]),
            ),
        );
        $this->addNeeded($block);
        $lost = $this->fill($block, array_intersect_key($this->decided->late, array_flip(self::ids($block))), []);
        if (null !== $lost) {
            $this->giveUp($block, $lost);

            return;
        }
        $this->payForTime($block);
        $this->withdrawPayments($block);
        $this->openLate($block);
    }

    /**
     * What would end the whole later, since it waits for hours in which every window is kept, misses some if that is
     * worth more.
     *
     * @param list<Activity> $block
     */
    private function payForTime(array $block): void
    {
        $windows = array_filter($block, static fn(Activity $a): bool => [] !== $a->windows);
        if (null === $this->aim || [] === $windows || $this->aim->late($block, $this->placed) <= 0.0) {
            return;
        }
        $was = array_intersect_key($this->placed, array_flip(self::ids($block)));
        $worth = $this->worth($block);
        $this->leave($block, 0, count($block));
        if (null === $this->fill($block, array_fill_keys(self::ids(array_values($windows)), true), [])) {
            if ($this->worth($block) < $worth - 1e-6) {
                $this->paidForTime = true;

                return;
            }
            $this->leave($block, 0, count($block));
        }
        foreach ($block as $member) {
            $this->put($member, $was[$member->id]);
        }
    }

    /**
     * What is missed all the same is opened as late as can be: metal is not bare for a night that it need not be.
     *
     * @param list<Activity> $block
     */
    private function openLate(array $block): void
    {
        $at = array_flip(self::ids($block));
        foreach ($block as $activity) {
            $placed = $this->placed[$activity->id];
            $due = $placed->paid > 0.0 ? Times::due($activity, $this->placed, $placed->start) : null;
            $source = null === $due ? null : $at[$due->from] ?? null;
            if (null === $source) {
                continue;
            }
            $was = array_intersect_key($this->placed, $at);
            $opened = $was[$block[$source]->id]->start;
            $worth = $this->worth($block);
            $pays = array_map(
                static fn(): bool => true,
                array_filter($was, static fn(Placement $p): bool => $p->paid > 0.0),
            );
            foreach (self::LATER as $share) {
                $this->leave($block, 0, count($block));
                $late = new Why(WhyKind::Missed, $due->what, $activity->id);
                $from = [$block[$source]->id => [$opened + $share * ($placed->start - $opened), $late]];
                $fits = null === $this->fill($block, $pays, [], $from);
                $here = $this->placed[$activity->id] ?? null;
                if (
                    $fits &&
                    null !== $here &&
                    $here->start <= $placed->start + self::SAME_H &&
                    $this->worth($block) <= $worth + 1e-6
                ) {
                    continue 2;
                }
            }
            $this->leave($block, 0, count($block));
            foreach ($block as $member) {
                $this->put($member, $was[$member->id]);
            }
        }
    }

    /**
     * What is paid for is tried without, and stays so where that is worth more.
     *
     * @param list<Activity> $block
     */
    private function withdrawPayments(array $block): void
    {
        $late = array_filter(
            $block,
            fn(Activity $a): bool => null === $a->fixed &&
                ($this->placed[$a->id]->paid ?? 0.0) > 0.0 &&
                !isset($this->decided->late[$a->id]),
        );
        usort(
            $late,
            fn(Activity $a, Activity $b): int => ($this->placed[$b->id]->paid ?? 0.0) <=>
                ($this->placed[$a->id]->paid ?? 0.0),
        );
        foreach (array_slice($late, 0, self::MOST_WITHDRAWN) as $activity) {
            $was = array_intersect_key($this->placed, array_flip(self::ids($block)));
            $worth = $this->worth($block);
            $pays = array_filter($was, static fn(Placement $p): bool => $p->paid > 0.0 && $p->id !== $activity->id);
            $this->leave($block, 0, count($block));
            if (null === $this->fill($block, array_map(static fn(): bool => true, $pays), [$activity->id => true])) {
                if ($this->worth($block) < $worth - 1e-6) {
                    continue;
                }
                $this->leave($block, 0, count($block));
            }
            foreach ($block as $member) {
                $this->put($member, $was[$member->id]);
            }
        }
    }

    /**
     * What a block costs as it stands, see Objective.
     *
     * @param list<Activity> $block
     */
    private function worth(array $block): float
    {
        $paid = 0.0;
        $end = $this->yard->now;
        foreach ($block as $activity) {
            $paid += $this->placed[$activity->id]->paid ?? 0.0;
            $end = max($end, $this->placed[$activity->id]->end ?? $end);
        }

        $late = null === $this->aim ? $end - $this->yard->now : $this->aim->late($block, $this->placed);

        return $this->yard->objective->good * $paid + ($this->yard->objective->day * $late) / 24.0;
    }

    /**
     * @param list<Activity> $block
     *
     * @return list<string>
     */
    private static function ids(array $block): array
    {
        return array_map(static fn(Activity $a): string => $a->id, $block);
    }

    /**
     * Places a block, or nothing of it.
     *
     * @param list<Activity> $block
     * @param array<int|string, bool> $pays activities that may be late, and are made good then
     * @param array<int|string, bool> $never activities that may not
     * @param array<int|string, array{float, Why}> $from hour before which an activity is not begun, and why
     *
     * @return Activity|null the one that found no room; null where all have
     */
    private function fill(array $block, array $pays, array $never, array $from = []): ?Activity
    {
        $at = array_flip(self::ids($block));
        $hold = [];
        $held = [];
        $short = [];
        $tries = [];
        $missed = null;
        for ($k = 0; $k < count($block); ) {
            $activity = $block[$k];
            $latest = Times::latest($activity, $this->placed);
            [$begin, $because] = $from[$activity->id] ?? [-\INF, null];
            [$begin, $because] =
                isset($hold[$k]) && $hold[$k] > $begin ? [$hold[$k], $held[$k] ?? null] : [$begin, $because];
            $placed = $this->isLost($activity) ? null : $this->room($activity, $begin, null, $because);
            // What may be paid for is paid for only where the window is really missed.
            if (
                isset($pays[$activity->id]) &&
                null !== $latest &&
                null !== $placed &&
                $placed->start > $latest[0] + 1e-6
            ) {
                $placed = $this->paying($activity, $placed, $begin, $because);
                $latest = null;
            }
            $stuck = null === $placed ? $missed : null;
            if (null === $placed && (null === $stuck || isset($never[$stuck]) || $this->isLost($activity))) {
                // Nothing is opened that cannot be closed.
                $this->leave($block, 0, $k);

                return $activity;
            }
            if (null !== $placed && (null === $latest || $placed->start <= $latest[0] + 1e-6)) {
                $this->put($activity, $placed);
                ++$k;
                continue;
            }
            if (null !== $placed) {
                $window = $latest[1];
                $source = $at[$window->from] ?? null;
                $gap = $placed->start - $latest[0];
                $pair = $source . '-' . $k;
                $again = isset($short[$pair]) && $gap > $short[$pair][0] - 1e-6 ? $short[$pair][1] + 1 : 0;
                $short[$pair] = [$gap, $again];
                $tries[$activity->id] = 1 + ($tries[$activity->id] ?? 0);
                if (null !== $source && $tries[$activity->id] <= self::MOST_TRIES && $again <= self::MOST_STUCK) {
                    $missed = $activity->id;
                    $opened = $this->placed[$block[$source]->id]->start;
                    $hold[$source] = $opened + max($gap, self::LEAST_HOLD);
                    $held[$source] = new Why(WhyKind::Window, $window->what, $activity->id);
                    for ($i = $source + 1; $i <= $k; ++$i) {
                        unset($hold[$i], $held[$i]);
                    }
                    $this->leave($block, $source, $k);
                    if (!$block[$source]->whole && $gap > self::STEP_H) {
                        $hold[$source] = $this->justEnough(
                            $block[$source],
                            $opened,
                            $hold[$source],
                            static fn(Placement $p): bool => Times::closes($window, $activity, $p) >= $placed->start,
                        );
                    }
                    $k = $source;
                    continue;
                }
                $stuck = $activity->id;
            }
            $this->leave($block, 0, $k);
            if (isset($never[$stuck])) {
                return $activity;
            }
            // What was held back for a window that is missed all the same need not have been.
            $pays[$stuck] = true;
            [$k, $hold, $held, $short, $tries, $missed] = [0, [], [], [], [], null];
        }

        return null;
    }

    /**
     * What is split by a night is over much later when it is begun a little later; it is held back by what it takes
     * and no more.
     *
     * @param float $from begun here it is over too soon
     * @param float $most held back to here it is as well as it can be
     * @param \Closure(Placement): bool $isEnough
     *
     * @return float a quarter of an hour, or the most
     */
    private function justEnough(Activity $source, float $from, float $most, \Closure $isEnough): float
    {
        $to = $most;
        while ($to - $from > self::STEP_H) {
            $middle = ($from + $to) / 2.0;
            $there = $this->slots->room($source, $middle, new Why(WhyKind::Nothing));
            null !== $there && $isEnough($there) ? ($to = $middle) : ($from = $middle);
        }

        return min($most, ceil($to / self::STEP_H) * self::STEP_H);
    }

    /**
     * What of other parts the block waits for is placed first, with all that comes before it there.
     *
     * @param list<Activity> $block
     */
    private function addNeeded(array $block): void
    {
        if ([] === $this->yard->needs) {
            return;
        }
        $own = array_flip(array_map(static fn(Activity $a): string => $a->id, $block));
        foreach ($block as $activity) {
            foreach ($this->missing($activity, $own) as $id) {
                $needed = $this->yard->blockOf[$id] ?? [];
                $first = $needed[0]->id ?? $id;
                if (!isset($this->adding[$first])) {
                    $this->adding[$first] = true;
                    $this->add($needed);
                    unset($this->adding[$first]);
                }
            }
        }
    }

    /**
     * @param array<int|string, int> $own what is placed together with it
     *
     * @return list<string> what it comes after that has no place yet and was not given up
     */
    private function missing(Activity $activity, array $own): array
    {
        $before = $this->yard->before[$activity->id] ?? null;

        return array_values(
            array_filter(
                [...null === $before ? [] : [$before], ...$this->yard->needs[$activity->id] ?? []],
                fn(string $id): bool => !isset($own[$id]) && !isset($this->placed[$id]) && !isset($this->without[$id]),
            ),
        );
    }

    /** @param array<int|string, int> $own */
    private function lacks(Activity $activity, array $own): bool
    {
        return [] !== $this->yard->needs && ([] !== $this->missing($activity, $own) || $this->isLost($activity));
    }

    /** What it waits for on another part found no room. */
    private function isLost(Activity $activity): bool
    {
        foreach ($this->yard->needs[$activity->id] ?? [] as $id) {
            if (isset($this->without[$id])) {
                return true;
            }
        }

        return false;
    }

    /** Whether all is set up that was taken to be. */
    public function isAsTaken(): bool
    {
        foreach (array_keys($this->decided->setUp) as $id) {
            $placed = $this->placed[$id] ?? null;
            if (
                null !== $placed &&
                $placed->setUp &&
                !$this->slots->isSetUpBy($this->yard->activity($id), $placed->start)
            ) {
                return false;
            }
        }

        return true;
    }

    public function schedule(): Schedule
    {
        $this->withdraw();
        $placed = $this->placed;
        uasort(
            $placed,
            static fn(Placement $a, Placement $b): int => [$a->start, $a->end, $a->id] <=> [$b->start, $b->end, $b->id],
        );

        return new Schedule($this->yard, $placed, $this->without, $this->causes);
    }

    /**
     * What was put in one by one stands in whole blocks all the same: nothing stays opened that is not closed, and
     * nothing waits for what was taken out.
     */
    private function withdraw(): void
    {
        $blocks = [] === $this->without ? [] : Blocks::of($this->yard);
        for ($again = [] !== $blocks; $again; ) {
            $again = false;
            foreach (array_merge([], ...array_values($blocks)) as $block) {
                $lost = false;
                $there = [];
                foreach ($block as $activity) {
                    $lost = $lost || isset($this->without[$activity->id]) || $this->isLost($activity);
                    $before = $this->yard->before[$activity->id] ?? null;
                    $lost = $lost || (null !== $before && isset($this->without[$before]));
                    $there = isset($this->placed[$activity->id]) ? [...$there, $activity] : $there;
                }
                foreach ($lost ? $there : [] as $activity) {
                    $again = true;
                    $this->slots->leave($activity);
                    unset($this->placed[$activity->id]);
                    $this->without[$activity->id] = 'what belongs with it has no room';
                }
            }
        }
    }

    /** Late, with what has to be made good before it: of what is missed then the longest, once. */
    private function paying(Activity $activity, Placement $placed, float $hold, ?Why $held): ?Placement
    {
        $due = Times::due($activity, $this->placed, $placed->start);
        for ($tries = 0; null !== $due && $tries < self::MOST_DUE; ++$tries) {
            $late = $this->room($activity, $hold, $due, $held);
            $more = null === $late ? $due : Times::due($activity, $this->placed, $late->start);
            if (null === $late || null === $more || $more->hours <= $due->hours + 1e-9) {
                return $late;
            }
            $due = $more;
        }

        return $placed;
    }

    private function room(Activity $activity, float $hold, ?Window $pays, ?Why $held): ?Placement
    {
        [$from, $why] = Times::earliest($this->yard, $activity, $this->placed);
        $kept = $this->kept[$activity->id] ?? null;
        if (null !== $kept && $kept->start > $from) {
            [$from, $why] = [$kept->start, new Why(WhyKind::Kept)];
        }
        $others = $this->decided->held[$activity->id] ?? -\INF;
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

        $by = $this->decided->by[$activity->id] ?? null;
        $placed = $this->slots->room(
            $activity,
            from: $from,
            why: $why,
            extra: $extra,
            prefer: $kept->who ?? [],
            late: null !== $pays,
            by: $by,
        );

        return null !== $placed && WhyKind::Kept === $placed->why->kind ? $this->anyway($activity, $placed) : $placed;
    }

    /** Where it was planned before is no reason, where it could not be any earlier in any case. */
    private function anyway(Activity $activity, Placement $placed): Placement
    {
        [$from, $why] = Times::earliest($this->yard, $activity, $this->placed);
        $soonest = is_finite($from)
            ? $this->slots->room($activity, $from, $why, $placed->paid, [], $placed->late)
            : null;

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
            if (!isset($this->placed[$block[$i]->id])) {
                continue;
            }
            $this->slots->leave($block[$i]);
            unset($this->placed[$block[$i]->id]);
        }
    }

    /**
     * A block has no room as a whole, and so nothing after it on its parts has.
     *
     * @param list<Activity> $block
     * @param Activity $cause the one that found none
     */
    private function giveUp(array $block, Activity $cause): void
    {
        $parts = [];
        $because = $this->noRoom($cause);
        $this->causes[] = [$cause, $because, $this->isLost($cause)];
        foreach ($block as $first) {
            if (isset($parts[$first->part])) {
                continue;
            }
            $parts[$first->part] = true;
            $chain = $this->yard->chains[$first->part];
            $at = (int) array_search($first->id, $chain, true);
            $turn = (int) array_search($cause->id, $chain, true);
            foreach (array_slice($chain, $at) as $i => $id) {
                $this->without[$id] = match (true) {
                    $id === $cause->id => $because,
                    $first->part === $cause->part && $at + $i > $turn => 'what comes before it has no room',
                    default => sprintf('%s has no room, and it is not begun without', lcfirst($cause->name)),
                };
            }
        }
    }

    private function noRoom(Activity $activity): string
    {
        $longest = 0.0;
        foreach ($this->yard->teams->of(max(1, $activity->people)) as [, $hours]) {
            foreach ($activity->noisy ? $hours->loud : $hours->work as [$from, $to]) {
                $longest = max($longest, $to - $from);
            }
        }

        return match (true) {
            $this->isLost($activity) => 'what it waits for on another part has no room',
            count($this->yard->people) < $activity->people => sprintf('it takes %d people', $activity->people),
            $activity->people > 1 && $longest < 1e-9 => sprintf(
                'it takes %d people, and they are never at work together',
                $activity->people,
            ),
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
