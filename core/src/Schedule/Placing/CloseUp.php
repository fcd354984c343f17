<?php

declare(strict_types=1);

namespace Hull\Schedule\Placing;

use Hull\Quantity\Interval;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Constraint\PreviousPlacement;
use Hull\Schedule\Constraint\Times;
use Hull\Schedule\Constraint\Yard;

/**
 * Moves what counts for a few hours only, a wipe, a mix, chemistry that comes off, up to what it is done for; and what
 * is done for the very next step, as metal is polished for its wax.
 *
 * A coat that is held back for the window of the next one had its wipe as early as it counts at all: 57 of 60 minutes
 * lay between them, with nothing to do.
 */
final readonly class CloseUp
{
    /** What counts for longer is no cause to come nearer, hours. */
    private const SHORT_H = 2.0;
    /** Nearer than this is near enough, hours. */
    private const NEAR_H = 0.1;
    /** So long before what it is done for it is tried, one after the other, hours. */
    private const BEFORE_H = [0.0, 0.5, 1.0, 2.0, 4.0, 8.0, 16.0, 24.0, 48.0, 72.0, 120.0];

    /** @param array<int|string, PreviousPlacement> $kept what was planned before and stays */
    public function __construct(private Yard $yard, private BlockFiller $filler, private array $kept) {}

    public function settle(): void
    {
        foreach ($this->yard->chains as $ids) {
            $next = null;
            foreach (array_reverse($ids) as $id) {
                $activity = $this->yard->activity($id);
                $placed = $this->filler->placed[$id] ?? null;
                if (
                    null !== $next &&
                    null !== $placed &&
                    $this->mayMove($activity) &&
                    ($activity->forNext || $this->isShort($id, $ids))
                ) {
                    $this->bringNear($activity, $placed, $next);
                }
                $next = isset($this->filler->placed[$id]) ? $activity : null;
            }
        }
    }

    private function mayMove(Activity $activity): bool
    {
        return null === $activity->fixed &&
            null === $activity->wet &&
            '' === $activity->share &&
            !isset($this->kept[$activity->id]);
    }

    /**
     * Whether something on its part counts on it for a short time.
     *
     * @param list<string> $chain
     */
    private function isShort(string $id, array $chain): bool
    {
        foreach ($chain as $later) {
            $activity = $this->yard->activity($later);
            foreach ($activity->windows as $window) {
                if ($window->from === $id && !$window->along) {
                    $end = $this->filler->placed[$id]->end;
                    $closes = Times::closes($window, $activity, $this->filler->placed[$id]);
                    $opens = Times::ready($activity, $id, $end);
                    if ($closes - $opens <= self::SHORT_H) {
                        return true;
                    }
                }
            }
        }

        return false;
    }

    private function bringNear(Activity $activity, Placement $placed, Activity $next): void
    {
        $by = $this->filler->placed[$next->id]->start - Times::ready($next, $activity->id, $placed->end);
        if ($by < self::NEAR_H || $placed->late) {
            return;
        }
        $latest = Times::latest($activity, $this->filler->placed);
        $start = min($placed->start + $by, $latest[0] ?? \INF);
        foreach ($activity->forNext ? self::BEFORE_H : [0.0] as $hours) {
            if (
                $start - $hours > $placed->start + self::NEAR_H &&
                $this->isMoved($activity, $placed, $start - $hours)
            ) {
                return;
            }
        }
    }

    /** Whether it has room from an hour on and nothing minds; else it stays where it was. */
    private function isMoved(Activity $activity, Placement $placed, float $start): bool
    {
        $this->filler->slots->leave($activity);
        $there = $this->filler->slots->room($activity, $start, $placed->why, prefer: $placed->who);
        if (
            null !== $there &&
            $there->start > $placed->start + self::NEAR_H &&
            $there->end - $there->start < $placed->end - $placed->start + Interval::SAME
        ) {
            $this->filler->put($activity, $there);
            if ($this->holds($activity)) {
                return true;
            }
            $this->filler->slots->leave($activity);
        }
        $this->filler->put($activity, $placed);

        return false;
    }

    /** Whether nothing that comes after it would have to wait for it. */
    private function holds(Activity $activity): bool
    {
        foreach ($this->yard->followers($activity->id) as $id) {
            $placed = $this->filler->placed[$id] ?? null;
            $follower = $this->yard->activity($id);
            if (
                null !== $placed &&
                Times::earliest($this->yard, $follower, $this->filler->placed)[0] > $placed->start + Interval::GRACE
            ) {
                return false;
            }
        }

        return true;
    }
}
