<?php

declare(strict_types=1);

namespace Hull\Schedule\Placing;

use Hull\Catalog\Interlock;
use Hull\Quantity\Interval;
use Hull\Schedule\Constraint\Activity;

/**
 * What is about in one place: vapour that a spark would light, bleach that an acid would turn to gas. Between the zones
 * of one part its own route sees to it; this is between parts.
 */
final class ChemicalsAbout
{
    /** @var array<int|string, array<int|string, array{Activity, float, float}>> interlock => id => who, start, end */
    private array $first = [];

    /** @var array<int|string, array<int|string, array{Activity, float, float}>> */
    private array $second = [];

    /** @var array<int|string, array<int|string, array<int|string, Interval>>> interlock => part => id => when */
    private array $parted = [];

    public function take(Activity $activity, float $start, float $end): void
    {
        foreach ($activity->brought->first ?? [] as $lock => $_) {
            $this->first[$lock][$activity->id] = [$activity, $start, $end];
        }
        foreach ($activity->brought->second ?? [] as $lock => $_) {
            $this->second[$lock][$activity->id] = [$activity, $start, $end];
        }
        foreach ($activity->brought->parts ?? [] as $lock => $_) {
            $this->parted[$lock][$activity->part][$activity->id] = new Interval($start, $end);
        }
    }

    public function leave(Activity $activity): void
    {
        foreach ($activity->brought->first ?? [] as $lock => $_) {
            unset($this->first[$lock][$activity->id]);
        }
        foreach ($activity->brought->second ?? [] as $lock => $_) {
            unset($this->second[$lock][$activity->id]);
        }
        foreach ($activity->brought->parts ?? [] as $lock => $_) {
            unset($this->parted[$lock][$activity->part][$activity->id]);
        }
    }

    /** @return array{float, string, string}|null hour after which to try again, whose fault, why */
    public function against(Activity $activity, float $start, float $end): ?array
    {
        foreach ($activity->brought->first ?? [] as $id => $lock) {
            foreach ($this->second[$id] ?? [] as [$other, $from, $to]) {
                $until = $lock->ordered ? $to : $this->until($lock, $other, $to, $lock->secondHours);
                $mine = $this->until($lock, $activity, $end, $lock->hours);
                if ($this->meet($activity, $other, $start, $mine, $from, $until)) {
                    return [$until, $other->id, $lock->says];
                }
            }
        }
        foreach ($activity->brought->second ?? [] as $id => $lock) {
            foreach ($this->first[$id] ?? [] as [$other, $from, $to]) {
                $until = $this->until($lock, $other, $to, $lock->hours);
                $mine = $lock->ordered ? $end : $this->until($lock, $activity, $end, $lock->secondHours);
                if ($this->meet($activity, $other, $start, $mine, $from, $until)) {
                    return [$until, $other->id, $lock->says];
                }
            }
        }

        return null;
    }

    private function meet(Activity $one, Activity $other, float $start, float $until, float $from, float $to): bool
    {
        return $one->part !== $other->part && $start < $to - Interval::SAME && $until > $from + Interval::SAME;
    }

    /**
     * Until what parts it on the same part is over; while nobody knows when that is, as long as the interlock says.
     */
    private function until(Interlock $lock, Activity $activity, float $end, float $hours): float
    {
        $until = null;
        foreach ($this->parted[$lock->id][$activity->part] ?? [] as $parted) {
            $until = $parted->from >= $end - Interval::SAME ? min($until ?? \INF, $parted->to) : $until;
        }

        // What evaporates is gone by then, rinsed or not.
        return null === $until || $hours < $lock->hours ? min($until ?? \INF, $end + $hours) : $until;
    }
}
