<?php

declare(strict_types=1);

namespace Hull\Schedule\Calendar;

use Hull\Quantity\Interval;

/** Somebody who works, and when. */
final readonly class Person
{
    /** @param WorkingCalendar $loud the part of the work in which noise may be made */
    private function __construct(public string $name, public WorkingCalendar $work, public WorkingCalendar $loud) {}

    /**
     * @param list<Interval> $work ascending, apart
     * @param list<Interval> $quiet when no noise may be made
     */
    public static function of(string $name, array $work, array $quiet = []): self
    {
        $calendar = new WorkingCalendar($work);

        return new self($name, $calendar, $calendar->less(new WorkingCalendar($quiet)));
    }

    /** Somebody else with the same hours. */
    public static function like(self $other, string $name): self
    {
        return new self($name, $other->work, $other->loud);
    }

    /**
     * Several who work on one thing together: in the minutes in which all of them are there.
     *
     * @param non-empty-list<self> $people
     */
    public static function together(array $people): self
    {
        $first = array_shift($people);
        [$work, $loud] = [$first->work, $first->loud];
        foreach ($people as $other) {
            $work = $work->common($other->work);
            $loud = $loud->common($other->loud);
        }

        return new self(implode(' and ', [$first->name, ...array_column($people, 'name')]), $work, $loud);
    }

    /** When something is done that makes noise, or none. */
    public function hours(bool $noisy): WorkingCalendar
    {
        return $noisy ? $this->loud : $this->work;
    }

    /**
     * The times that somebody comes in for work between two hours; a break of up to four hours is no going home.
     *
     * @return list<float> when each begins
     */
    public function visits(float $start, float $end): array
    {
        $visits = [];
        $begun = $gone = -\INF;
        foreach ($this->work->spans as $span) {
            if ($span->from > $gone + WorkingCalendar::BREAK_H) {
                $begun = $span->from;
            }
            $gone = $span->to;
            if ($span->from >= $end - Interval::SAME) {
                break;
            }
            if ($span->to > $start + Interval::SAME && $begun !== ($visits[count($visits) - 1] ?? null)) {
                $visits[] = $begun;
            }
        }

        return $visits;
    }

    /**
     * Without some of the times that somebody comes in.
     *
     * @param list<float> $visits when each begins
     */
    public function awayOn(array $visits): self
    {
        $gone = [];
        $work = [];
        $begun = $left = -\INF;
        foreach ($this->work->spans as $span) {
            $begun = $span->from > $left + WorkingCalendar::BREAK_H ? $span->from : $begun;
            $left = $span->to;
            in_array($begun, $visits, true) ? ($gone[] = $span) : ($work[] = $span);
        }

        return new self($this->name, new WorkingCalendar($work), $this->loud->less(new WorkingCalendar($gone)));
    }
}
