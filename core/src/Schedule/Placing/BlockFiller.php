<?php

declare(strict_types=1);

namespace Hull\Schedule\Placing;

use Hull\Quantity\Interval;
use Hull\Quantity\Message;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Blocks;
use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Constraint\PreviousPlacement;
use Hull\Schedule\Constraint\Times;
use Hull\Schedule\Constraint\Why;
use Hull\Schedule\Constraint\WhyKind;
use Hull\Schedule\Constraint\Window;
use Hull\Schedule\Constraint\Yard;

/**
 * Puts a block into what is left of a yard, whole or not at all, each of it as early as there is room.
 *
 * Where the end of a window would be missed the work that opened it is held back, step by step, until what follows
 * falls into it; where that is no good, abrading is paid for and said so.
 */
final class BlockFiller
{
    private const MOST_TRIES = 25;
    /** Nothing makes such a window good, and what it leaves undone is worth a longer search. */
    private const MOST_HARD = 100;
    private const MOST_STUCK = 8;
    /** Made longer by what is made good it may come to miss another window; so often that is looked at again. */
    private const MOST_DUE = 3;
    private const LEAST_HOLD = 0.05;
    private const STEP_H = 0.25;

    /** @var array<int|string, Placement> by activity */
    public array $placed = [];

    /** @var array<int|string, string|Message> activities that found no room => why */
    public array $unplaced = [];

    public readonly Slots $slots;

    /**
     * @param array<int|string, PreviousPlacement> $kept see Placer
     * @param bool $draft see Slots
     */
    public function __construct(
        private readonly Yard $yard,
        private readonly array $kept,
        private readonly Decisions $decided,
        bool $draft = false,
    ) {
        $this->slots = new Slots($yard, $decided, $draft);
    }

    /**
     * Places a block, or nothing of it.
     *
     * @param list<Activity> $block
     * @param array<int|string, bool> $pays activities that may be late, and are made good then
     * @param array<int|string, bool> $never activities that may not
     * @param array<int|string, array{float, Why}> $from hour before which an activity is not begun, and why
     * @param \Closure(Placement): bool|null $isTooLate where it is, the block as a whole is of no use
     *
     * @return Activity|null the one that found no room, or only such as is too late; null where all have
     */
    public function fill(
        array $block,
        array $pays,
        array $never,
        array $from = [],
        ?\Closure $isTooLate = null,
    ): ?Activity {
        $at = array_flip(Blocks::ids($block));
        $hold = [];
        $held = [];
        $short = [];
        $tries = [];
        $missed = null;
        /** @var array<int|string, Placement> $closed */
        $closed = [];
        for ($k = 0; $k < count($block); ) {
            $activity = $block[$k];
            $latest = Times::latest($activity, $this->placed);
            [$begin, $because] = $from[$activity->id] ?? [-\INF, null];
            [$begin, $because] =
                isset($hold[$k]) && $hold[$k] > $begin ? [$hold[$k], $held[$k] ?? null] : [$begin, $because];
            $placed = $this->isLost($activity) ? null : $this->room($activity, $begin, null, $because);
            $hard = null === $placed ? null : Times::hard($activity, $this->placed, $at, $placed->start);
            $latest = $hard ?? $latest;
            // What may be paid for is paid for only where the window is really missed.
            if (
                null === $hard &&
                isset($pays[$activity->id]) &&
                null !== $latest &&
                null !== $placed &&
                $placed->start > $latest[0] + Interval::GRACE
            ) {
                $placed = $this->paying($activity, $placed, $begin, $because);
                $latest = null;
            }
            $stuck = null === $placed ? $missed : null;
            if (
                null === $placed
                    ? null === $stuck || isset($never[$stuck]) || $this->isLost($activity)
                    : null !== $isTooLate && $isTooLate($placed)
            ) {
                // Nothing is opened that cannot be closed.
                $this->leave($block, 0, $k);

                return $activity;
            }
            if (null !== $placed && (null === $latest || $placed->start <= $latest[0] + Interval::GRACE)) {
                $this->put($activity, self::told($placed, $closed[$activity->id] ?? null));
                ++$k;
                continue;
            }
            if (null !== $placed) {
                $window = $latest[1];
                $source = $at[$window->from] ?? null;
                $gap = $placed->start - $latest[0];
                $pair = $source . '-' . $k;
                $again = isset($short[$pair]) && $gap > $short[$pair][0] - Interval::GRACE ? $short[$pair][1] + 1 : 0;
                $short[$pair] = [$gap, $again];
                $tries[$activity->id] = 1 + ($tries[$activity->id] ?? 0);
                $most = null === $hard ? self::MOST_TRIES : self::MOST_HARD;
                if (null !== $source && $tries[$activity->id] <= $most && $again <= self::MOST_STUCK) {
                    $missed = $activity->id;
                    $closed[$missed] = $placed;
                    $never += null === $hard ? [] : [$missed => true];
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
            if (null !== $hard || isset($never[$stuck])) {
                return $activity;
            }
            // What was held back for a window that is missed all the same need not have been.
            $pays[$stuck] = true;
            [$k, $hold, $held, $short, $tries, $missed, $closed] = [0, [], [], [], [], null, []];
        }

        return null;
    }

    /**
     * What opened a window was held back for what closes it: nothing is in the way of that any more then, and it says
     * what was.
     */
    private static function told(Placement $placed, ?Placement $before): Placement
    {
        return null === $before || count($placed->met) > 1 || $placed->late
            ? $placed
            : $placed->because($before->why, $before->met);
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
            // Held back to any hour before it begins then it is no other.
            null !== $there && $isEnough($there) ? ($to = $middle) : ($from = max($middle, $there->start ?? $middle));
        }

        return min($most, ceil($to / self::STEP_H) * self::STEP_H);
    }

    /** What it waits for on another part found no room. */
    public function isLost(Activity $activity): bool
    {
        foreach ($this->yard->needs[$activity->id] ?? [] as $id) {
            if (isset($this->unplaced[$id])) {
                return true;
            }
        }

        return false;
    }

    /** Late, with what has to be made good before it: of what is missed then the longest, once. */
    private function paying(Activity $activity, Placement $placed, float $hold, ?Why $held): ?Placement
    {
        $due = Times::due($activity, $this->placed, $placed->start);
        for ($tries = 0; null !== $due && $tries < self::MOST_DUE; ++$tries) {
            $late = $this->room($activity, $hold, $due, $held);
            $more = null === $late ? $due : Times::due($activity, $this->placed, $late->start);
            if (null === $late || null === $more || $more->hours <= $due->hours + Interval::SAME) {
                return $late;
            }
            $due = $more;
        }

        return $placed->asLate();
    }

    public function room(Activity $activity, float $hold, ?Window $pays, ?Why $held): ?Placement
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
        $room = fn(bool $anew): ?Placement => $this->slots->room(
            $activity,
            from: $from,
            why: $why,
            extra: $extra,
            prefer: $kept->who ?? [],
            late: null !== $pays,
            by: $by,
            anew: $anew,
        );
        // What was set up for itself and stays is still as long as it was: sparing it would move what hangs on its end.
        $own = null !== $kept && '' !== $activity->share && false === $kept->setUp;
        $stays = $own ? $room(true) : null;
        $placed =
            $own && null !== $stays && abs($stays->start - $kept->start) <= Placer::SAME_H ? $stays : $room(false);

        return null !== $placed && WhyKind::Kept === $placed->why->kind ? $this->anyway($activity, $placed) : $placed;
    }

    /** Where it was planned before is no reason, where it could not be any earlier in any case. */
    private function anyway(Activity $activity, Placement $placed): Placement
    {
        [$from, $why] = Times::earliest($this->yard, $activity, $this->placed);
        $soonest = is_finite($from)
            ? $this->slots->room($activity, $from, $why, $placed->rework, [], $placed->late)
            : null;

        return null !== $soonest && $soonest->start > $placed->start - Placer::SAME_H
            ? $placed->because($soonest->why)
            : $placed;
    }

    public function put(Activity $activity, Placement $placed): void
    {
        $this->placed[$activity->id] = $placed;
        $this->slots->take($activity, $placed);
    }

    /** @param list<Activity> $block */
    public function leave(array $block, int $from, int $to): void
    {
        for ($i = $from; $i < $to; ++$i) {
            if (!isset($this->placed[$block[$i]->id])) {
                continue;
            }
            $this->slots->leave($block[$i]);
            unset($this->placed[$block[$i]->id]);
        }
    }
}
