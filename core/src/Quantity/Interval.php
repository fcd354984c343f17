<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** A stretch of time, from an hour up to another on any one axis; hours since 1970 UTC, where nothing else is said. */
final readonly class Interval
{
    /** Two hours that differ by less are the same hour: 4 µs. */
    public const SAME = 1e-9;

    /** A limit of time is passed when it is passed by more than this: 4 ms. */
    public const GRACE = 1e-6;

    public function __construct(public float $from, public float $to) {}

    /** How long it is, hours; 0 where it ends before it begins. */
    public function hours(): float
    {
        return max(0.0, $this->to - $this->from);
    }

    /** What two of them share; null where that is no more than a moment. */
    public function common(self $other): ?self
    {
        $from = max($this->from, $other->from);
        $to = min($this->to, $other->to);

        return $to > $from + self::SAME ? new self($from, $to) : null;
    }

    /**
     * Those that meet or overlap made one.
     *
     * @param list<self> $intervals in any order
     *
     * @return list<self> ascending, apart
     */
    public static function joined(array $intervals): array
    {
        usort($intervals, static fn(self $a, self $b): int => $a->from <=> $b->from);
        $joined = [];
        $open = null;
        foreach ($intervals as $interval) {
            if (null === $open || $interval->from > $open->to + self::SAME) {
                $joined = null === $open ? $joined : [...$joined, $open];
                $open = $interval;
            } else {
                $open = new self($open->from, max($open->to, $interval->to));
            }
        }

        return null === $open ? $joined : [...$joined, $open];
    }
}
