<?php

declare(strict_types=1);

namespace Hull\Cure;

use Hull\Quantity\Duration;
use Hull\Quantity\Interval;

/**
 * When the second coat of a part may start, where each coat takes time: zone i is put on at a_i in the first coat
 * and at s + b_i in the second, and min <= s + b_i - a_i <= max must hold for every zone (constant climate).
 */
final readonly class ZoneWindow
{
    private function __construct(public float $earliest, public float $latest, public int $sections) {}

    /** @param non-empty-list<Zone> $zones hours on one axis */
    public static function of(Duration $min, Duration $max, array $zones): self
    {
        $bounds = self::bounds($min, $max, $zones);

        return new self($bounds->from, $bounds->to, self::sections($min, $max, $zones));
    }

    public function isOpen(): bool
    {
        return $this->earliest <= $this->latest + Interval::SAME;
    }

    public function slack(): float
    {
        return max(0.0, $this->latest - $this->earliest);
    }

    /** @param non-empty-list<Zone> $zones */
    private static function bounds(Duration $min, Duration $max, array $zones): Interval
    {
        $lag = array_map(static fn(Zone $z): float => $z->laid - $z->reached, $zones);

        return new Interval($min->h() + max($lag), $max->h() + min($lag));
    }

    /**
     * Fewest runs of neighbouring zones that can each be recoated in time, each run worked as its own part.
     *
     * @param non-empty-list<Zone> $zones
     */
    private static function sections(Duration $min, Duration $max, array $zones): int
    {
        $sections = 1;
        $run = [];
        foreach ($zones as $zone) {
            $longer = [...$run, $zone];
            $bounds = self::bounds($min, $max, $longer);
            if ([] !== $run && $bounds->from > $bounds->to + Interval::SAME) {
                ++$sections;
                $run = [$zone];
            } else {
                $run = $longer;
            }
        }

        return $sections;
    }
}
