<?php

declare(strict_types=1);

namespace Hull\Schedule\Explaining;

use Hull\Quantity\Interval;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Constraint\Times;
use Hull\Schedule\Placing\Schedule;
use Hull\Schedule\Placing\Slots;

/** How much later each activity may begin while everything else stays where it is. */
final class Slack
{
    private const TRIED_H = [0.25, 0.5, 1.0, 2.0, 4.0, 8.0, 12.0, 24.0, 48.0, 96.0];

    /** @return array<int|string, float> hours by activity; steps of TRIED_H, what has begun has none */
    public static function of(Schedule $schedule): array
    {
        $yard = $schedule->yard;
        $slots = new Slots($yard);
        foreach ($schedule->placed as $id => $placed) {
            $slots->take($yard->activity($id), $placed);
        }
        $slack = [];
        foreach ($schedule->placed as $id => $placed) {
            $activity = $yard->activity($id);
            $slack[$id] = 0.0;
            if (null !== $activity->fixed) {
                continue;
            }
            $slots->leave($activity);
            foreach (self::TRIED_H as $hours) {
                $moved = $slots->room(
                    $activity,
                    $placed->start + $hours,
                    $placed->why,
                    $placed->rework,
                    [],
                    $placed->late,
                );
                if (
                    null === $moved ||
                    $moved->start > $placed->start + $hours + Interval::GRACE ||
                    !self::suits($schedule, $activity, $moved)
                ) {
                    break;
                }
                $slack[$id] = $hours;
            }
            $slots->take($activity, $placed);
        }

        return $slack;
    }

    private static function suits(Schedule $schedule, Activity $activity, Placement $moved): bool
    {
        $yard = $schedule->yard;
        $latest = !$moved->late ? Times::latest($activity, $schedule->placed) : null;
        if (
            $moved->end > $schedule->finish() + Interval::GRACE ||
            (null !== $latest && $moved->start > $latest[0] + Interval::GRACE)
        ) {
            return false;
        }
        $placed = [...$schedule->placed, $activity->id => $moved];
        foreach ($yard->followers($activity->id) as $id) {
            if (isset($placed[$id])) {
                $next = $yard->activity($id);
                $closes = !$placed[$id]->late ? Times::latest($next, $placed) : null;
                if (
                    Times::earliest($yard, $next, $placed)[0] > $placed[$id]->start + Interval::GRACE ||
                    (null !== $closes && $placed[$id]->start > $closes[0] + Interval::GRACE)
                ) {
                    return false;
                }
            }
        }

        return true;
    }
}
