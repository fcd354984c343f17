<?php

declare(strict_types=1);

namespace Hull\Cure;

/** One point of a coat with its own window: hours since 1970 UTC, null for never. */
final readonly class ZoneTimes
{
    /** @param float $reached where the next coat is begun, half way or ended */
    public function __construct(
        public float $laid,
        public ?float $opens,
        public ?float $closes,
        public ?float $reached = null,
    ) {}

    /**
     * The first, the middle and the last of the zones of a coat.
     *
     * @param non-empty-list<Zone> $zones
     * @param \Closure(float): ?float $opens see ZoneSpan
     * @param \Closure(float): ?float $closes see ZoneSpan
     * @param float|null $start of the next coat, where it has its hour
     *
     * @return list<self>
     */
    public static function of(array $zones, \Closure $opens, \Closure $closes, ?float $start = null): array
    {
        $last = count($zones) - 1;

        return array_map(
            static fn(Zone $z): self => new self(
                $z->laid,
                $opens($z->laid),
                $closes($z->laid),
                null === $start ? null : $start + $z->reached,
            ),
            [$zones[0], $zones[intdiv($last + 1, 2)] ?? $zones[0], $zones[$last]],
        );
    }
}
