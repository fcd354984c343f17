<?php

declare(strict_types=1);

namespace Hull\Schedule\Calendar;

use Hull\Quantity\Interval;

/** When work is done: stretches of time, ascending and apart. Hours since 1970 UTC. */
final readonly class WorkingCalendar
{
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
        return array_sum(
            array_map(static fn(Interval $i): float => max(0.0, min($to, $i->to) - max($from, $i->from)), $this->spans),
        );
    }

    /** The longest of its stretches, hours. */
    public function longest(): float
    {
        return max([0.0, ...array_map(static fn(Interval $i): float => $i->hours(), $this->spans)]);
    }

    /** The first hour of it from one on; null after its end. */
    public function next(float $from): ?float
    {
        foreach ($this->spans as $span) {
            if ($span->to > $from + Interval::SAME) {
                return max($from, $span->from);
            }
        }

        return null;
    }
}
