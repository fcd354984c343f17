<?php

declare(strict_types=1);

namespace App\Format;

use Hull\Quantity\Instant;
use Hull\Schedule\Explaining\Reason;
use Hull\Schedule\Explaining\Slack;
use Hull\Schedule\Placing\Schedule;
use Hull\Schedule\Search\LowerBound;

/** A schedule as the console and the calendar say it. */
final class ScheduleFormat
{
    /** @return array<int|string, mixed> */
    public static function data(Schedule $schedule): array
    {
        $yard = $schedule->yard;
        $slack = Slack::of($schedule);
        $critical = array_map(
            static fn(\Hull\Schedule\Constraint\Placement $p): string => $p->id,
            $schedule->criticalChain(),
        );
        $work = [];
        foreach ($schedule->placed as $id => $placed) {
            $activity = $yard->activity($id);
            $work[] = [
                'id' => $id,
                'part' => $activity->part,
                'name' => $activity->name,
                'start' => self::instant($placed->start),
                'end' => self::instant($placed->end),
                'who' => $placed->who,
                'place' => $activity->place,
                'why' => (string) Reason::of($schedule, $placed),
                'slack_h' => $slack[$id] ?? 0.0,
                'critical' => in_array($id, $critical, true),
                'abrade_h' => $placed->rework,
                'set_up_already' => $placed->setUp,
            ];
        }

        return [
            'now' => self::instant($yard->now),
            'finish' => self::instant($schedule->finish()),
            'no_earlier_than' => self::instant(LowerBound::of($yard)),
            'hands_on_h' => $schedule->score->handsOn,
            'late_h' => $schedule->score->late,
            'abrade_h' => $schedule->score->rework,
            'work' => $work,
            'without' => array_map(strval(...), $schedule->unplaced),
        ];
    }

    public static function instant(float $hour): string
    {
        return Instant::written($hour);
    }
}
