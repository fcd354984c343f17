<?php

declare(strict_types=1);

namespace Hull\Schedule\Search;

use Hull\Input\Keys;
use Hull\Quantity\Interval;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Blocks;
use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Constraint\Times;
use Hull\Schedule\Constraint\Why;
use Hull\Schedule\Constraint\WhyKind;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\Aim;
use Hull\Schedule\Placing\Placer;
use Hull\Schedule\Placing\Schedule;

/**
 * The whole of a draft that was packed activity by activity: each block is put in once more where it has room first, so
 * that what is missed all the same is opened late; what stays where it is moves up and says what it waits for there.
 * Nothing ends later by it.
 */
final class Settling
{
    private Placer $placer;
    private Shifts $shifts;

    /**
     * @param array<int|string, list<non-empty-list<Activity>>> $blocks by part
     * @param array<int|string, float> $tails activity => hours from its beginning to the end of its part, alone
     */
    public function __construct(
        private readonly Yard $yard,
        private readonly array $blocks,
        private readonly array $tails,
    ) {}

    public function of(Schedule $draft): Schedule
    {
        $this->placer = new Placer($this->yard, aim: new Aim($draft->finish(), $this->tails));
        $this->placer->seatAll($draft->placed);
        $this->shifts = new Shifts($this->yard, $this->placer);
        $turns = [];
        foreach ($this->blocks as $part => $list) {
            foreach ($list as $n => $block) {
                $turns[] = [$draft->placed[$block[0]->id]->start, $n, (string) $part, $block];
            }
        }
        usort($turns, static fn(array $a, array $b): int => array_slice($a, 0, 3) <=> array_slice($b, 0, 3));
        foreach ($turns as [, , , $block]) {
            $this->again($block);
        }

        return $this->placer->schedule();
    }

    /** @param list<Activity> $block */
    private function again(array $block): void
    {
        $ids = Blocks::ids($block);
        $was = array_intersect_key($this->placer->placed(), array_flip($ids));
        $this->placer->takeOut($ids);
        $this->placer->add($block);
        $now = array_intersect_key($this->placer->placed(), $was);
        if (self::isNoWorse($now, $was) && [] === $this->placer->noLongerSetUp()) {
            return;
        }
        $this->placer->takeOut(Keys::of($now));
        $this->placer->seatAll($was);
        foreach ($block as $activity) {
            $this->stays($activity);
        }
    }

    /** Sooner where it has room by itself; else it says what it waits for there. */
    private function stays(Activity $activity): void
    {
        $id = $activity->id;
        $mark = $this->shifts->undo->mark();
        $was = $this->shifts->placed($id);
        if ($this->shifts->movesUp($id, true)) {
            $isNoWorse = self::isNoWorse([$id => $this->shifts->placed($id)], [$id => $was]);
            // Sooner it may not be what sets up something else any more.
            if ($isNoWorse && [] === $this->placer->noLongerSetUp()) {
                return;
            }
            $this->shifts->undo->backTo($mark);
        }
        $there = $this->shifts->undo->leave($id);
        $soonest = $this->shifts->soonest($id, $there);
        $this->shifts->undo->put(
            $id,
            match (true) {
                null === $soonest => $there,
                $soonest->start > $there->start - Interval::GRACE => $there->because($soonest->why, $soonest->met),
                default => $there->because($this->heldFor($activity, $soonest), []),
            },
        );
    }

    /** What would miss its window if it were sooner; or else others were put first. */
    private function heldFor(Activity $activity, Placement $sooner): Why
    {
        $placed = [$activity->id => $sooner] + $this->placer->placed();
        foreach ($this->yard->chains[$activity->part] as $id) {
            $next = $this->yard->activity($id);
            $there = $placed[$id] ?? null;
            if (null === $there) {
                continue;
            }
            foreach (Times::missed($next, $placed, $there->start) as $window) {
                if ($window->from === $activity->id && $window->hours > $there->rework + Interval::SAME) {
                    return new Why(WhyKind::Window, $window->what, $id);
                }
            }
        }

        return new Why(WhyKind::Others);
    }

    /**
     * @param array<int|string, Placement> $now
     * @param array<int|string, Placement> $was
     */
    private static function isNoWorse(array $now, array $was): bool
    {
        foreach ($was as $id => $there) {
            $here = $now[$id] ?? null;
            if (
                null === $here ||
                $here->start > $there->start + Interval::SAME ||
                $here->end > $there->end + Interval::SAME ||
                $here->dry > $there->dry + Interval::SAME ||
                $here->rework > $there->rework + Interval::SAME
            ) {
                return false;
            }
        }

        return true;
    }
}
