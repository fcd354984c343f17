<?php

declare(strict_types=1);

namespace Hull\Schedule\Calendar;

use Hull\Quantity\Interval;

/** When work is done: stretches of time, ascending and apart. Hours since 1970 UTC. */
final readonly class WorkingCalendar
{
    /** A break of up to so many hours is no going home: work goes on the same day. */
    public const BREAK_H = 4.0;

    /** @param list<Interval> $spans ascending, apart */
    public function __construct(public array $spans) {}

    /** The time that two of them share. */
    public function common(self $other): self
    {
        $common = [];
        for ($i = $j = 0; isset($this->spans[$i], $other->spans[$j]); ) {
            $both = $this->spans[$i]->common($other->spans[$j]);
            $common = null === $both ? $common : [...$common, $both];
            $this->spans[$i]->to < $other->spans[$j]->to ? ++$i : ++$j;
        }

        return new self($common);
    }

    /** Less what another has. */
    public function less(self $other): self
    {
        $left = [];
        foreach ($this->spans as $span) {
            $from = $span->from;
            foreach ($other->spans as $gone) {
                if ($gone->from < $span->to && $gone->to > $from) {
                    $left[] = new Interval($from, $gone->from);
                    $from = max($from, $gone->to);
                }
            }
            $left[] = new Interval($from, $span->to);
        }

        return new self(
            array_values(array_filter($left, static fn(Interval $i): bool => $i->to > $i->from + Interval::SAME)),
        );
    }

    /** Hours of it between two hours. */
    public function hours(float $from, float $to): float
    {
        $hours = 0.0;
        for ($i = $this->firstEndingAfter($from); isset($this->spans[$i]) && $this->spans[$i]->from < $to; ++$i) {
            $hours += min($to, $this->spans[$i]->to) - max($from, $this->spans[$i]->from);
        }

        return $hours;
    }

    /** @return int the place of the first of its stretches that ends after an hour; past the last where none does */
    public function firstEndingAfter(float $hour): int
    {
        $low = 0;
        $high = count($this->spans);
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            $this->spans[$middle]->to <= $hour ? ($low = $middle + 1) : ($high = $middle);
        }

        return $low;
    }

    /** The longest of its stretches, hours. */
    public function longest(): float
    {
        return max([0.0, ...array_map(static fn(Interval $i): float => $i->hours(), $this->spans)]);
    }

    /** The most of it between two goings home, hours. */
    public function longestDay(): float
    {
        $longest = $day = 0.0;
        $gone = -\INF;
        foreach ($this->spans as $span) {
            $day = $span->from > $gone + self::BREAK_H ? $span->hours() : $day + $span->hours();
            $gone = $span->to;
            $longest = max($longest, $day);
        }

        return $longest;
    }

    /** Hours of it from one on, in one of its stretches, until somebody goes home. */
    public function leftOfDay(int $stretch, float $from): float
    {
        $left = $this->spans[$stretch]->to - $from;
        for ($next = $stretch + 1; isset($this->spans[$next]); ++$next) {
            if ($this->spans[$next]->from > $this->spans[$next - 1]->to + self::BREAK_H) {
                break;
            }
            $left += $this->spans[$next]->hours();
        }

        return $left;
    }

    /** The first hour of it from one on; null after its end. */
    public function next(float $from): ?float
    {
        $span = $this->spans[$this->firstEndingAfter($from + Interval::SAME)] ?? null;

        return null === $span ? null : max($from, $span->from);
    }
}
