<?php

declare(strict_types=1);

namespace Hull\Schedule\Placing;

use Hull\Quantity\Interval;

/** What one thing or person is taken for: spans that do not overlap, in order of time. */
final class Busy
{
    /** @var list<float> */
    private array $starts = [];

    /** @var list<float> */
    private array $ends = [];

    /** @var list<string> */
    private array $ids = [];

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
    }

    public function leave(string $id): void
    {
        $at = array_search($id, $this->ids, true);
        if (false !== $at) {
            array_splice($this->starts, $at, 1);
            array_splice($this->ends, $at, 1);
            array_splice($this->ids, $at, 1);
        }
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

    /** @return array{list<float>, list<float>, list<string>} starts, ends and ids, ascending */
    public function spans(): array
    {
        return [$this->starts, $this->ends, $this->ids];
    }

    /** The place in the list of the first span that ends after an hour. */
    public function firstEndingAfter(float $hour): int
    {
        $low = 0;
        $high = count($this->ends);
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $this->ends[$middle] <= $hour ? ($low = $middle + 1) : ($high = $middle);
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
