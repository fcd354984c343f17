<?php

declare(strict_types=1);

namespace Hull\Tests\Mix;

use Hull\Mix\Pour;
use Hull\Quantity\Mass;
use Hull\Quantity\Percentage;
use PHPUnit\Framework\TestCase;

/** Pouring to cumulative marks on one scale. */
final class PourTest extends TestCase
{
    public function testToGoInAndOver(): void
    {
        self::assertEqualsWithDelta(0.527, self::at(0, 1.0)->toGo->kg(), 1e-9);
        self::assertFalse(self::at(0, 1.0)->isIn);
        self::assertTrue(self::at(0, 1.5)->isIn, 'within 5 % of the part');
        self::assertSame(0.0, self::at(0, 1.55)->over->kg());
        self::assertEqualsWithDelta(0.173, self::at(0, 1.7)->over->kg(), 1e-9);
        self::assertFalse(self::at(1, 1.75)->isIn, 'the tolerance of a small part is small');
        self::assertTrue(self::at(1, 1.79)->isIn);
        self::assertEqualsWithDelta(
            1.913,
            self::at(9, 1.0)->target->kg(),
            1e-9,
            'after the last part nothing more is asked for',
        );
    }

    public function testTheLevelRisesWithTheMassAndKeepsToTheMarks(): void
    {
        $before = -1.0;
        for ($kg = 0.0; $kg < 2.2; $kg += 0.01) {
            $level = self::at(0, $kg)->level;
            self::assertGreaterThanOrEqual($before, $level);
            $before = $level;
        }
        self::assertEqualsWithDelta(0.7273, self::at(0, 1.527)->level, 1e-9);
        self::assertEqualsWithDelta(0.9091, self::at(0, 1.795)->level, 1e-9);
    }

    private static function at(int $poured, float $kg): Pour
    {
        $marks = [[Mass::kilograms(1.527), 0.7273], [Mass::kilograms(1.795), 0.9091], [Mass::kilograms(1.913), 1.0]];

        return Pour::at($marks, $poured, Mass::kilograms($kg), Percentage::percent(5), Mass::grams(1));
    }
}
