<?php

declare(strict_types=1);

namespace Hull\Schedule\Constraint;

use Hull\Climate\GateReason;
use Hull\Climate\Hours;
use Hull\Climate\PlaceAir;
use Hull\Climate\RateLine;
use Hull\Quantity\Interval;

/** The rain in a place, for work that wants none and a surface that is dry. */
final readonly class RainFree
{
    /**
     * @param list<int> $next index of the next hour with rain, at or after each
     * @param list<int> $last index of the last hour with rain, at or before each
     */
    private function __construct(
        private int $from,
        private array $next,
        private array $last,
        private ?RateLine $drying,
        private float $amount,
    ) {}

    /**
     * Null where it never rains in.
     *
     * @param RateLine|null $drying of the place; without it what was rained on is dry at once
     * @param float $amount of it after which the part is dry again
     */
    public static function in(PlaceAir $air, ?RateLine $drying = null, float $amount = 0.0): ?self
    {
        $rains = array_map(static fn(float $mm): bool => $mm > 0.0, $air->rain);

        return in_array(true, $rains, true)
            ? new self($air->from, Hours::next($rains), Hours::last($rains), $drying, $amount)
            : null;
    }

    /**
     * What is against work between two hours, and the hour after which to try again; null when it stays dry.
     *
     * @return array{GateReason, float}|null
     */
    public function against(float $start, float $end): ?array
    {
        $dry = $this->dryFrom($start);
        if (null === $dry || $dry > $start + Interval::GRACE) {
            return [GateReason::Wet, $dry ?? \INF];
        }
        $rain = $this->rainAfter($start);

        return null === $rain || $rain >= $end - Interval::SAME ? null : [GateReason::Rain, $rain + 1.0];
    }

    /** The beginning of the next hour of rain, or of the one that is running; null when none comes. */
    public function rainAfter(float $hour): ?float
    {
        $wet = $this->next[$this->index($hour)] ?? null;

        return null === $wet || $wet >= count($this->next) ? null : (float) ($this->from + $wet);
    }

    /** From when on the part is dry from the rain before an hour; that hour itself where it is; null for never. */
    private function dryFrom(float $hour): ?float
    {
        $at = $this->index($hour);
        $wet = $this->last[min(count($this->last) - 1, $at)] ?? -1;
        // While it rains the rain itself is what is against it.
        if ($wet < 0 || $wet >= $at || null === $this->drying) {
            return $hour;
        }
        $dry = $this->drying->reachedAt((float) ($this->from + $wet + 1), $this->amount);

        return null === $dry ? null : max($hour, $dry);
    }

    private function index(float $hour): int
    {
        return max(0, (int) floor($hour + Interval::SAME) - $this->from);
    }
}
