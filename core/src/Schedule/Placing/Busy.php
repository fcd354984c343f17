<?php

declare(strict_types=1);

namespace Hull\Schedule\Placing;

use Hull\Quantity\Interval;
use Hull\Schedule\Calendar\WorkingCalendar;

/** What one thing or person is taken for: spans that do not overlap, in order of time. */
final class Busy
{
    /** @var list<float> */
    private array $starts = [];

    /** @var list<float> */
    private array $ends = [];

    /** @var list<string> */
    private array $ids = [];

    /** @var array<int|string, float> id => start */
    private array $startOf = [];

    /** @var list<float> from when it is taken without a gap */
    private array $from = [];

    /** @var list<float> until when */
    private array $to = [];

    /** @var array<int, float|null> hours of work between that and the next; null where nobody asked yet */
    private array $gaps = [];

    /** @param WorkingCalendar|null $work the hours of whom it is taken for; null where all count */
    public function __construct(private readonly ?WorkingCalendar $work = null) {}

    public function take(float $start, float $end, string $id): void
    {
        // What takes no time takes nobody.
        if ($end - $start < Interval::SAME) {
            return;
        }
        $at = $this->firstStartingAfter($start);
        array_splice($this->starts, $at, 0, [$start]);
        array_splice($this->ends, $at, 0, [$end]);
        array_splice($this->ids, $at, 0, [$id]);
        $this->startOf[$id] = $start;
        $this->join($start, $end);
    }

    public function leave(string $id): void
    {
        if (!isset($this->startOf[$id])) {
            return;
        }
        $at = $this->firstStartingAfter($this->startOf[$id]);
        while ($this->ids[$at] !== $id) {
            ++$at;
        }
        $this->part($this->starts[$at], $this->ends[$at]);
        array_splice($this->starts, $at, 1);
        array_splice($this->ends, $at, 1);
        array_splice($this->ids, $at, 1);
        unset($this->startOf[$id]);
    }

    /** @return array{float, string}|null end and id of the first span that overlaps */
    public function over(float $start, float $end): ?array
    {
        $at = $this->firstStartingAfter($start + Interval::SAME) - 1;
        if ($at >= 0 && $this->ends[$at] > $start + Interval::SAME) {
            return [$this->ends[$at], $this->ids[$at]];
        }
        ++$at;

        return isset($this->starts[$at]) && $this->starts[$at] < $end - Interval::SAME
            ? [$this->ends[$at], $this->ids[$at]]
            : null;
    }

    /** @return list<string> ids of what it is taken for between two hours, in order of time */
    public function between(float $start, float $end): array
    {
        $ids = [];
        $at = max(0, $this->firstStartingAfter($start + Interval::SAME) - 1);
        for (; isset($this->starts[$at]) && $this->starts[$at] < $end - Interval::SAME; ++$at) {
            if ($this->ends[$at] > $start + Interval::SAME) {
                $ids[] = $this->ids[$at];
            }
        }

        return $ids;
    }

    /**
     * From when to when it is taken in one go.
     *
     * @return array{list<float>, list<float>, int} starts and ends, ascending; the place of the first that ends after
     *                                              an hour
     */
    public function inOneGoFrom(float $hour): array
    {
        return [$this->from, $this->to, self::firstAbove($this->to, $hour)];
    }

    /**
     * The next of the stretches in which it is taken that is followed by so many hours of work, or is the last.
     *
     * @param int $at place of a stretch
     */
    public function beforeGap(int $at, float $hours): int
    {
        while (isset($this->from[$at + 1])) {
            $gap = $this->gaps[$at] ??= $this->worked($this->to[$at], $this->from[$at + 1]);
            if ($gap >= $hours) {
                break;
            }
            ++$at;
        }

        return $at;
    }

    private function worked(float $from, float $to): float
    {
        return null === $this->work ? $to - $from : $this->work->hours($from, $to);
    }

    /** What is over at an hour. */
    public function overAt(float $hour): ?string
    {
        $at = self::firstAbove($this->ends, $hour - Interval::SAME);
        if (isset($this->ends[$at]) && $this->ends[$at] <= $hour + Interval::SAME) {
            return $this->ids[$at];
        }
        // What the record has under way at one time may overlap, and its ends are in no order then.
        foreach ($this->ends as $n => $end) {
            if (abs($end - $hour) <= Interval::SAME) {
                return $this->ids[$n];
            }
        }

        return null;
    }

    /** From so long to so long it is not free any more. */
    private function join(float $start, float $end): void
    {
        $at = self::firstAbove($this->to, $start - Interval::SAME);
        $count = 0;
        while (isset($this->from[$at + $count]) && $this->from[$at + $count] <= $end + Interval::SAME) {
            $start = min($start, $this->from[$at + $count]);
            $end = max($end, $this->to[$at + $count]);
            ++$count;
        }
        $this->replace($at, $count, [$start], [$end]);
    }

    /**
     * @param list<float> $from
     * @param list<float> $to
     */
    private function replace(int $at, int $count, array $from, array $to): void
    {
        array_splice($this->from, $at, $count, $from);
        array_splice($this->to, $at, $count, $to);
        array_splice($this->gaps, $at, $count, array_fill(0, count($from), null));
        if ($at > 0) {
            $this->gaps[$at - 1] = null;
        }
    }

    /** Of what does not overlap with anything else. */
    private function part(float $start, float $end): void
    {
        $at = self::firstAbove($this->to, $start + Interval::SAME);
        $left = [];
        foreach ([[$this->from[$at], $start], [$end, $this->to[$at]]] as [$from, $to]) {
            $left = $to > $from + Interval::SAME ? [...$left, [$from, $to]] : $left;
        }
        $this->replace($at, 1, array_column($left, 0), array_column($left, 1));
    }

    /**
     * @param list<float> $ascending
     *
     * @return int the place of the first above a limit
     */
    private static function firstAbove(array $ascending, float $limit): int
    {
        $low = 0;
        $high = count($ascending);
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            $ascending[$middle] <= $limit ? ($low = $middle + 1) : ($high = $middle);
        }

        return $low;
    }

    private function firstStartingAfter(float $hour): int
    {
        $low = 0;
        $high = count($this->starts);
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $this->starts[$middle] < $hour ? ($low = $middle + 1) : ($high = $middle);
        }

        return $low;
    }
}
