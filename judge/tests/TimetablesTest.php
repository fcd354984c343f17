<?php

declare(strict_types=1);

namespace Judge\Tests;

use Hull\Tests\Yard;
use Judge\Breach;
use Judge\Judge;
use PHPUnit\Framework\TestCase;

/**
 * Made-up yards in frost, heat and rain, scheduled, held against laws 22 to 28. Thinned; HULL_FULL=1 judges two
 * thousand.
 */
final class TimetablesTest extends TestCase
{
    private const YARDS = 25;
    private const FULL = 2000;

    public function testNoTimetableBreaksALaw(): void
    {
        $yards = new MadeYards(Yard::catalogue());
        $said = [];
        for ($n = 0; $n < (false !== getenv('HULL_FULL') ? self::FULL : self::YARDS); ++$n) {
            $said = [
                ...$said,
                ...array_map(
                    static fn(Breach $b): string => sprintf('%d: %s (yard %d)', $b->law, $b->says, $n),
                    (new Judge())->inTime($yards->timed($n)[1]),
                ),
            ];
        }
        self::assertSame([], $said);
    }
}
