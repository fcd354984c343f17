<?php

declare(strict_types=1);

namespace Hull\Climate;

use Hull\Quantity\Interval;

/**
 * Something the air drives, hour by hour: its progress per hour, added up, so that "when is it there" is one search.
 *
 * Hours are counted since 1970 UTC, or on any other common axis. Before the first hour its rate holds; after the last
 * one the mean of the last day does. An hour may void what was done until then: rain wets what was drying.
 */
final readonly class RateLine
{
    private const DAY = 24;

    /**
     * @param list<float> $rates progress per hour, 0 where it stands still
     * @param list<float> $sums progress from the beginning to each hour; one longer than the rates
     * @param list<int> $nextVoid index of the next hour that voids, at or after each; empty where none does
     */
    private function __construct(
        private float $from,
        private array $rates,
        private array $sums,
        private float $after,
        private array $nextVoid,
    ) {}

    /**
     * @param list<float> $rates progress per hour, from this hour on
     * @param list<bool> $voids hours after which everything begins anew
     */
    public static function of(float $from, array $rates, array $voids = []): self
    {
        $sum = 0.0;
        $sums = [0.0];
        foreach ($rates as $rate) {
            $sums[] = $sum += $rate;
        }
        $last = array_slice($rates, -self::DAY);

        return new self(
            $from,
            $rates,
            $sums,
            array_sum($last) / max(1, count($last)),
            in_array(true, $voids, true) ? Hours::next($voids) : [],
        );
    }

    /** Progress between two hours. */
    public function between(float $start, float $end): float
    {
        return $this->upTo($end) - $this->upTo($start);
    }

    /** The hour at which so much has been done since a start; null when it never comes to it. */
    public function reachedAt(float $start, float $amount = 1.0): ?float
    {
        while ([] !== $this->nextVoid) {
            $reached = $amount <= 0.0 ? $start : $this->steadily($start, $amount);
            $void = $this->voidFrom($start);
            if (null === $void || (null !== $reached && $void >= $reached - 1e-9)) {
                return $reached;
            }
            $start = $void + 1.0;
        }

        return $amount <= 0.0 ? $start : $this->steadily($start, $amount);
    }

    /** The beginning of the next hour that voids, or of the one that is running. */
    private function voidFrom(float $hour): ?float
    {
        $next = $this->nextVoid[max(0, (int) floor($hour - $this->from + Interval::SAME))] ?? null;

        return null === $next || $next >= count($this->nextVoid) ? null : $this->from + $next;
    }

    private function steadily(float $start, float $amount): ?float
    {
        $wanted = $this->upTo($start) + $amount;
        if ($wanted <= 0.0) {
            return $start + $amount / ($this->rates[0] ?? 1.0);
        }
        $last = count($this->rates);
        if ($wanted > $this->sums[$last]) {
            return $this->after > 0.0 ? $this->from + $last + ($wanted - $this->sums[$last]) / $this->after : null;
        }
        // Most of what is asked for is reached soon: the search begins at the start and reaches out ever further.
        $low = min($last - 1, max(0, (int) ($start - $this->from)));
        $low = $wanted > $this->sums[$low] ? $low : 0;
        $high = $low;
        for ($reach = 1; $high < $last - 1 && $this->sums[$high + 1] < $wanted; $reach *= 2) {
            $low = $high + 1;
            $high = min($last - 1, $high + $reach);
        }
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            $this->sums[$middle + 1] >= $wanted ? ($high = $middle) : ($low = $middle + 1);
        }

        return max($start, $this->from + $low + ($wanted - $this->sums[$low]) / $this->rates[$low]);
    }

    /** Progress since the beginning; negative before it. */
    private function upTo(float $hour): float
    {
        $at = $hour - $this->from;
        $last = count($this->rates);
        if ($at <= 0.0) {
            return $at * ($this->rates[0] ?? 0.0);
        }
        if ($at >= $last) {
            return $this->sums[$last] + ($at - $last) * $this->after;
        }
        $whole = (int) $at;

        return $this->sums[$whole] + ($at - $whole) * $this->rates[$whole];
    }
}
