<?php

declare(strict_types=1);

namespace Hull\Tests;

use Hull\Quantity\Interval;

/** Intervals as a test writes them down: [8.0, 12.0], [13.0, 17.0]. */
final class Spans
{
    /**
     * @param array{float, float} ...$spans from and to of each
     *
     * @return list<Interval>
     */
    public static function of(array ...$spans): array
    {
        return array_map(static fn(array $s): Interval => new Interval(...$s), array_values($spans));
    }
}
