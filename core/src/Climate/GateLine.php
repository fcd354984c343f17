<?php

declare(strict_types=1);

namespace Hull\Climate;

use Hull\Quantity\Interval;

/**
 * For one film on one part in one place: hour by hour, whether it may be put on and whether a wet film comes to harm.
 */
final readonly class GateLine
{
    /**
     * @param list<GateReason|null> $apply
     * @param list<int> $nextApply index of the next closed hour, at or after each
     * @param list<int> $nextRain
     * @param list<int> $nextDew
     * @param list<float> $margins dew margin of the part, degrees C
     */
    private function __construct(
        private int $from,
        private array $apply,
        private array $nextApply,
        private array $nextRain,
        private array $nextDew,
        public array $margins,
    ) {}

    /**
     * @param bool $sprayed outdoors the wind carries it off
     */
    public static function of(PlaceAir $air, Limits $limits, PartWarmth $warmth, bool $sprayed): self
    {
        $part = $air->part($warmth);
        [$apply, $rain, $dew, $margins] = [[], [], [], []];
        foreach ($air->celsius as $at => $c) {
            $margin = $part[$at] - Air::dewPointC($c, $air->humidity[$at]);
            $margins[] = $margin;
            $apply[] =
                $limits->closed(
                    $part[$at],
                    $margin,
                    $air->humidity[$at],
                    $sprayed ? $air->wind[$at] : 0.0,
                    $air->rain[$at],
                )[0] ?? null;
            $rain[] = $air->rain[$at] > 0.0;
            $dew[] = $limits->isDewy($margin);
        }

        return new self(
            $air->from,
            $apply,
            Hours::next(array_map(static fn(?GateReason $r): bool => null !== $r, $apply)),
            Hours::next($rain),
            Hours::next($dew),
            $margins,
        );
    }

    /**
     * What stands against a coat put on from start to finish that bears rain and dew from some hour on, and the hour
     * after which to try again; null when nothing does. A film laid later dries later, so no start before that hour is
     * any better.
     *
     * @param float|null $dewFree hour from which on dew does no harm; null when that never comes in this air
     * @param float|null $rainSafe the same of rain
     *
     * @return array{GateReason, float}|null
     */
    public function against(float $start, float $finish, ?float $dewFree, ?float $rainSafe): ?array
    {
        $closed = self::firstIn($this->nextApply, $start - $this->from, $finish - $this->from);
        if (null !== $closed) {
            return [$this->apply[$closed] ?? GateReason::Cold, (float) ($this->from + $closed + 1)];
        }
        $spoilt = [];
        foreach (
            [[GateReason::DewSoon, $this->nextDew, $dewFree], [GateReason::RainSoon, $this->nextRain, $rainSafe]]
            as [$reason, $next, $until]
        ) {
            $closed =
                null === $until || $until > $finish + Interval::SAME
                    ? self::firstIn($next, $finish - $this->from, null === $until ? \INF : $until - $this->from)
                    : null;
            if (null !== $closed) {
                $spoilt[] = [$reason, max($start + 0.25, (float) ($this->from + $closed + 1))];
            }
        }
        usort($spoilt, static fn(array $a, array $b): int => $a[1] <=> $b[1]);

        return $spoilt[0] ?? null;
    }

    public function reasonAt(float $hour): ?GateReason
    {
        return $this->apply[(int) floor($hour) - $this->from] ?? null;
    }

    /** @param list<int> $next */
    private static function firstIn(array $next, float $start, float $end): ?int
    {
        $first = (int) floor($start + Interval::SAME);
        $closed = $next[max(0, $first)] ?? null;

        return null === $closed || $closed >= count($next) || $closed >= $end - Interval::SAME ? null : $closed;
    }
}
