<?php

declare(strict_types=1);

namespace Hull\Schedule\Placing;

use Hull\Quantity\Interval;
use Hull\Schedule\Constraint\Activity;

/**
 * One place: dust keeps apart from wet films and from what is wiped for one, one wet job at a time, no more parts on
 * the floor than it holds, what cures there among them.
 */
final class Floor
{
    private const DAY = 24.0;

    /**
     * @var array<int|string, array{float, float, float, float, bool, float, string}> id => start, end, dry, until when
     *      it raises dust, wet, m2, part
     */
    private array $taken = [];

    /** @var array<int, array<int|string, true>> day => ids */
    private array $days = [];

    public function __construct(private readonly ?float $m2) {}

    /** @param float $rework hours of making good before it */
    public function take(Activity $activity, float $start, float $end, float $dry, float $rework = 0.0): void
    {
        $wet = $activity->mindsDust();
        $dust = self::dustUntil($activity, $start, $end, $rework);
        if (-\INF === $dust && !$wet && null === $this->m2) {
            return;
        }
        $dry = self::sparedUntil($activity, $end, $dry);
        $this->taken[$activity->id] = [$start, $end, $dry, $dust, $wet, $activity->floorM2, $activity->part];
        for ($day = (int) floor($start / self::DAY); $day <= (int) floor($dry / self::DAY); ++$day) {
            $this->days[$day][$activity->id] = true;
        }
    }

    /** A coat that is late is abraded for first. */
    private static function dustUntil(Activity $activity, float $start, float $end, float $rework): float
    {
        return match (true) {
            $activity->dusty => $end,
            $activity->abradesFor($rework) => $start + $rework,
            default => -\INF,
        };
    }

    private static function sparedUntil(Activity $activity, float $end, float $dry): float
    {
        return $activity->opens ? max($dry, $end + Activity::OPEN_H) : $dry;
    }

    public function leave(string $id): void
    {
        if (isset($this->taken[$id])) {
            [$start, , $dry] = $this->taken[$id];
            for ($day = (int) floor($start / self::DAY); $day <= (int) floor($dry / self::DAY); ++$day) {
                unset($this->days[$day][$id]);
            }
            unset($this->taken[$id]);
        }
    }

    /**
     * @param float $rework hours of making good before it
     *
     * @return array{float, string, string}|null hour after which to try again, whose fault, why
     */
    public function against(Activity $activity, float $start, float $end, float $dry, float $rework = 0.0): ?array
    {
        $dust = self::dustUntil($activity, $start, $end, $rework);
        $coat = $activity->mindsDust();
        $dry = self::sparedUntil($activity, $end, $dry);
        $there = [];
        $seen = [];
        for ($day = (int) floor($start / self::DAY); $day <= (int) floor($dry / self::DAY); ++$day) {
            foreach ($this->days[$day] ?? [] as $id => $_) {
                $id = (string) $id;
                if (isset($seen[$id])) {
                    continue;
                }
                $seen[$id] = true;
                [$from, $to, $until, $dusts, $wet, $floor, $part] = $this->taken[$id];
                // What is abraded in a coat that is late is its own part.
                $beside = $activity->dusty || $part !== $activity->part;
                if ($wet && $beside && $start < $until - Interval::SAME && $dust > $from + Interval::SAME) {
                    return [$until, $id, 'no dust beside what is wiped or wet'];
                }
                if ($coat && $start < $dusts - Interval::SAME && $dry > $from + Interval::SAME) {
                    return [$dusts, $id, 'nothing wiped or wet beside dust'];
                }
                if ($coat && $wet && $start < $to - Interval::SAME && $end > $from + Interval::SAME) {
                    return [$to, $id, 'one wet job at a time'];
                }
                // What cures stays where it is, and the floor under it is not free.
                if ($part !== $activity->part && $start < $until - Interval::SAME && $dry > $from + Interval::SAME) {
                    $there[] = [$from, $until, $floor, $part, $id];
                }
            }
        }

        return null === $this->m2 ? null : self::crowded($this->m2 - $activity->floorM2, $there, $start);
    }

    /**
     * Whether the others ever take more than so much at one time; it is looked at whenever one of them comes.
     *
     * @param list<array{float, float, float, string, string}> $there from, until, m2, part, id
     *
     * @return array{float, string, string}|null
     */
    private static function crowded(float $left, array $there, float $start): ?array
    {
        foreach ($there as [$from]) {
            $at = max($from, $start);
            $m2 = [];
            $first = null;
            foreach ($there as [$comes, $until, $floor, $part, $id]) {
                if ($comes <= $at + Interval::SAME && $until > $at + Interval::SAME) {
                    $m2[$part] = max($m2[$part] ?? 0.0, $floor);
                    $first = null === $first || $until < $first[0] ? [$until, $id, 'no floor left'] : $first;
                }
            }
            if (null !== $first && array_sum($m2) > $left + Interval::SAME) {
                return $first;
            }
        }

        return null;
    }
}
