<?php

declare(strict_types=1);

namespace Hull\Schedule;

use Hull\Climate\PlaceAir;

/** The rain in a place, for work that wants none. */
final readonly class RainFree
{
    /** @param list<int> $next index of the next hour with rain, at or after each */
    private function __construct(private int $from, private array $next) {}

    /** Null where it never rains in. */
    public static function in(PlaceAir $air): ?self
    {
        $next = [];
        $wet = count($air->rain);
        for ($at = $wet - 1; $at >= 0; --$at) {
            $next[] = $wet = $air->rain[$at] > 0.0 ? $at : $wet;
        }

        return $wet >= count($air->rain) ? null : new self($air->from, array_reverse($next));
    }

    /** The end of the hour of rain that falls into the work; null when it stays dry. */
    public function against(float $start, float $end): ?float
    {
        $wet = $this->next[max(0, (int) floor($start + 1e-9) - $this->from)] ?? null;

        return null === $wet || $wet >= count($this->next) || $this->from + $wet >= $end - 1e-9
            ? null
            : (float) ($this->from + $wet + 1);
    }
}
