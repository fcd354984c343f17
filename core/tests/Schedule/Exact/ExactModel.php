<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule\Exact;

use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Constraint\Why;
use Hull\Schedule\Constraint\WhyKind;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\Schedule;

/**
 * A yard in whole hours as a time-indexed integer program: each activity takes one of its options, and no two options
 * are taken that do not go together. Written from what a schedule is, not from how the scheduler makes one.
 *
 * Minimised: hours past due dates first, then the yard's priced sum.
 */
final class ExactModel
{
    /** One hour late is worth more than anything else can be. */
    private const LATE = 1000.0;

    /** @var array<int|string, list<Option>> */
    private readonly array $options;

    /** @var array<int, Option> by column */
    private array $columns = [];

    /** @var array<int|string, array<int, Option>> activity => column => option */
    private array $of = [];

    private readonly LinearProgram $program;

    /** @param float $latest nothing may end after this hour */
    public function __construct(private readonly Yard $yard, float $latest)
    {
        $this->options = Options::of($yard, $latest);
        $this->program = new LinearProgram();
        foreach ($this->options as $id => $options) {
            $this->of[$id] = [];
            foreach ($options as $option) {
                $good = max(1, $option->activity->people) * $option->rework;
                $cost = $option->activity->people * ($option->hours - $option->rework) + $yard->objective->good * $good;
                $cost += '' === $option->activity->share || $option->setUp ? 0.0 : $yard->objective->setUp;
                $column = $this->program->binary($cost);
                $this->columns[$column] = $option;
                $this->of[$id][$column] = $option;
            }
            $this->program->row(array_map(static fn(): float => 1.0, $this->of[$id]), '=', 1.0);
        }
        $this->chains();
        $this->people();
        $this->places();
        $this->windows();
        $this->setUps();
        $this->ends();
        $this->visits();
        $this->turns();
    }

    /** The best schedule there is; null where there is none below the sum, false where time was out. */
    public function solve(float $below, int $seconds): Schedule|false|null
    {
        foreach ($this->of as $columns) {
            if ([] === $columns) {
                return null;
            }
        }
        $taken = $this->program->solve($below, $seconds);
        if (!is_array($taken)) {
            return $taken;
        }
        $placed = [];
        foreach ($taken as $column => $_) {
            $option = $this->columns[$column] ?? null;
            if (null !== $option) {
                $placed[$option->activity->id] = new Placement(
                    id: $option->activity->id,
                    start: $option->start,
                    end: $option->end,
                    who: $option->who,
                    why: new Why(WhyKind::Nothing),
                    dry: $option->dry,
                    rework: $option->rework,
                    setUp: $option->setUp,
                    late: $option->rework > 0.0,
                );
            }
        }

        return new Schedule($this->yard, $placed, []);
    }

    /** What is minimised, of a schedule as the yard scores it. */
    public static function sum(Schedule $schedule): float
    {
        return self::LATE * $schedule->score->late + $schedule->score->cost;
    }

    /** What comes after something is not begun before that is ready. */
    private function chains(): void
    {
        foreach ($this->yard->chains as $ids) {
            foreach ($ids as $n => $id) {
                $activity = $this->yard->activity($id);
                if ($n > 0) {
                    $this->after($ids[$n - 1], $activity, static fn(Option $o): float => $o->end);
                }
                foreach ($activity->lags as $lag) {
                    $least = $activity->hours - ('' === $activity->share ? 0.0 : $activity->setupHours);
                    $this->after(
                        $lag->from,
                        $activity,
                        static fn(Option $o): float => $lag->along
                            ? max(
                                $o->end,
                                $lag->passing->after($o->start) ?? \INF,
                                ($lag->passing->after($o->end) ?? \INF) - $least,
                            )
                            : $lag->passing->after($o->end) ?? \INF,
                    );
                }
            }
        }
    }

    /** @param \Closure(Option): float $ready */
    private function after(string $first, Activity $then, \Closure $ready): void
    {
        for ($t = (int) $this->yard->now; $t < (int) $this->yard->end; ++$t) {
            $row = [];
            foreach ($this->of[$then->id] as $column => $option) {
                if ($option->start <= $t) {
                    $row[$column] = 1.0;
                }
            }
            if ([] === $row) {
                continue;
            }
            foreach ($this->of[$first] as $column => $option) {
                if ($ready($option) <= $t) {
                    $row[$column] = -1.0;
                }
            }
            $this->program->row($row, '<=', 0.0);
        }
    }

    /** Nobody does two things at once, and nothing of which there is one is used twice. */
    private function people(): void
    {
        $uses = [];
        foreach ($this->columns as $column => $option) {
            for ($h = (int) $option->start; $h < $option->end; ++$h) {
                foreach ($option->who as $name) {
                    $uses["who $name $h"][$column] = 1.0;
                }
                foreach ($option->activity->gear as $gear) {
                    $uses["gear $gear $h"][$column] = 1.0;
                }
                if (null !== $option->activity->wet) {
                    $uses["wet {$option->activity->place} $h"][$column] = 1.0;
                }
            }
        }
        foreach ($uses as $row) {
            $this->program->row($row, '<=', 1.0);
        }
    }

    /** No dust beside wet films, and no more on the floor than it holds. */
    private function places(): void
    {
        $dusty = $wet = $there = [];
        foreach ($this->columns as $column => $option) {
            $a = $option->activity;
            for ($h = (int) $option->start; $h < max($option->end, $option->dry) && $h < $this->yard->end; ++$h) {
                if ($a->dusty && $h < $option->end) {
                    $dusty[$a->place][$h][$a->id][$column] = 1.0;
                }
                if (null !== $a->wet) {
                    $wet[$a->place][$h][$a->id][$column] = 1.0;
                }
                $there[$a->place][$h][$a->part][$a->id][$column] = 1.0;
            }
        }
        foreach ($dusty as $place => $hours) {
            foreach ($hours as $h => $works) {
                foreach ($works as $dust) {
                    foreach ($wet[$place][$h] ?? [] as $film) {
                        $this->program->row($dust + $film, '<=', 1.0);
                    }
                }
            }
        }
        foreach ($this->yard->floors as $place => $m2) {
            foreach ($there[$place] ?? [] as $parts) {
                $sum = [];
                foreach ($parts as $works) {
                    $stands = $this->program->between(0.0, 1.0, 0.0);
                    foreach ($works as $id => $columns) {
                        $sum[$stands] = $this->yard->activity($id)->floorM2;
                        $this->program->row($columns + [$stands => -1.0], '<=', 0.0);
                    }
                }
                $this->program->row($sum, '<=', $m2);
            }
        }
    }

    /** Who begins after a window has closed has made it good. */
    private function windows(): void
    {
        foreach ($this->yard->activities as $id => $activity) {
            foreach ($activity->windows as $window) {
                $closes = static fn(Option $o): float => $window->along
                    ? min(
                        $window->closes->after($o->start) ?? \INF,
                        ($window->closes->after($o->end) ?? \INF) - $activity->hours,
                    )
                    : $window->closes->after($o->end) ?? \INF;
                for ($t = (int) $this->yard->now; $t < (int) $this->yard->end; ++$t) {
                    $row = [];
                    foreach ($this->of[$id] as $column => $option) {
                        if ($option->start >= $t && $option->rework < $window->hours) {
                            $row[$column] = 1.0;
                        }
                    }
                    foreach ([] === $row ? [] : $this->of[$window->from] as $column => $option) {
                        if ($closes($option) >= $t) {
                            $row[$column] = -1.0;
                        }
                    }
                    $this->program->row($row, '<=', 0.0);
                }
            }
        }
    }

    /** What is set up already was set up by something alike shortly before. */
    private function setUps(): void
    {
        foreach ($this->yard->activities as $id => $activity) {
            $starts = [];
            foreach ($this->of[$id] as $column => $option) {
                if ($option->setUp) {
                    $starts[(int) $option->start][$column] = 1.0;
                }
            }
            foreach ($starts as $start => $row) {
                foreach ($this->columns as $column => $option) {
                    if (
                        $option->activity->share === $activity->share &&
                        $option->activity !== $activity &&
                        $option->end <= $start &&
                        $option->start >= $start - $activity->shareFor
                    ) {
                        $row[$column] = -1.0;
                    }
                }
                $this->program->row($row, '<=', 0.0);
            }
        }
    }

    private function ends(): void
    {
        $now = $this->yard->now;
        $finish = $this->program->between(0.0, $this->yard->end - $now, $this->yard->objective->day / 24.0);
        foreach ($this->yard->chains as $part => $ids) {
            $row = [];
            foreach ($this->of[$ids[count($ids) - 1]] as $column => $option) {
                $row[$column] = $option->end - $now;
            }
            $this->program->row($row + [$finish => -1.0], '<=', 0.0);
            $due = $this->yard->dues[$part] ?? null;
            if (null !== $due) {
                $late = $this->program->between(0.0, 2.0 * $this->yard->end, self::LATE);
                $this->program->row($row + [$late => -1.0], '<=', $due - $now);
            }
        }
    }

    /** Who works in a stretch of hours comes in for it. */
    private function visits(): void
    {
        $works = [];
        foreach ($this->columns as $column => $option) {
            foreach ($this->yard->people as $person) {
                if (in_array($person->name, $option->who, true)) {
                    foreach (self::days($person, $option) as $day) {
                        $works["$person->name $day"][$option->activity->id][$column] = 1.0;
                    }
                }
            }
        }
        foreach ($works as $activities) {
            $comes = $this->program->between(0.0, 1.0, $this->yard->objective->visit);
            foreach ($activities as $row) {
                $this->program->row($row + [$comes => -1.0], '<=', 0.0);
            }
        }
    }

    /** @return list<int> days on which somebody works on it */
    private static function days(Person $person, Option $option): array
    {
        $days = [];
        foreach ($person->work->spans as $span) {
            if ($span->from < $option->end && $span->to > $option->start) {
                $days[(int) floor($span->from / 24.0)] = true;
            }
        }

        return array_keys($days);
    }

    /** Everybody is at one part at a time; who begins on another turns to it. */
    private function turns(): void
    {
        if ($this->yard->objective->turn <= 0.0 || count($this->yard->chains) < 2) {
            return;
        }
        foreach ($this->yard->people as $person) {
            $begins = [];
            foreach ($this->columns as $column => $option) {
                if (in_array($person->name, $option->who, true)) {
                    $begins[(int) $option->start][$option->activity->part][$column] = 1.0;
                }
            }
            ksort($begins);
            $last = [];
            foreach ($begins as $parts) {
                $here = [];
                foreach (array_keys($this->yard->chains) as $part) {
                    $here[$part] = $this->program->between(0.0, 1.0, 0.0);
                    $this->program->row(($parts[$part] ?? []) + [$here[$part] => -1.0], '<=', 0.0);
                    if ([] !== $last) {
                        $turn = $this->program->between(0.0, 1.0, $this->yard->objective->turn);
                        $this->program->row([$here[$part] => 1.0, $last[$part] => -1.0, $turn => -1.0], '<=', 0.0);
                    }
                }
                $this->program->row(array_fill_keys(array_values($here), 1.0), '=', 1.0);
                $last = $here;
            }
        }
    }
}
