<?php

declare(strict_types=1);

namespace Hull\Tests\Cure;

use Hull\Cure\Zone;
use Hull\Cure\ZoneAdvice;
use Hull\Cure\ZoneSpan;
use PHPUnit\Framework\TestCase;

final class ZoneSpanTest extends TestCase
{
    public function testSplittingACoatIntoSectionsNeverNarrowsItsWindow(): void
    {
        mt_srand(5);
        for ($i = 0; $i < 400; ++$i) {
            $min = mt_rand(5, 60) / 10.0;
            $max = $min + mt_rand(1, 120) / 10.0;
            // Clocks that run at one pace by day and another by night, so that later is never earlier.
            $pace = mt_rand(2, 10) / 10.0;
            $after = static fn(float $laid, float $need): float => $laid + $need < 8.0
                ? $laid + $need
                : 8.0 + max(0.0, $need - max(0.0, 8.0 - $laid)) / $pace + max(0.0, $laid - 8.0);
            $opens = static fn(float $laid): float => $after($laid, $min);
            $closes = static fn(float $laid): float => $after($laid, $max);
            [$first, $second] = [mt_rand(1, 60) / 10.0, mt_rand(1, 60) / 10.0];
            $whole = ZoneSpan::of(ZoneSpan::along(0.0, $first, $second), $opens, $closes);
            foreach (ZoneSpan::SECTIONS as $n) {
                for ($k = 0; $k < $n; ++$k) {
                    $section = ZoneSpan::of(
                        ZoneSpan::section(ZoneSpan::along(0.0, $first, $second), $n, $k),
                        $opens,
                        $closes,
                    );
                    self::assertGreaterThanOrEqual(
                        ($whole->isOpen() ? $whole->slack() ?? \INF : 0.0) - 1e-9,
                        $section->slack() ?? \INF,
                        "section $k of $n",
                    );
                }
            }
        }
    }

    public function testWhatOpensAnEmptyWindowAgain(): void
    {
        $opens = static fn(float $laid): float => $laid + 2.0;
        $closes = static fn(float $laid): float => $laid + 5.0;
        $others = [
            'slow' => [$opens, static fn(float $laid): float => $laid + 9.0],
            'quick' => [$opens, static fn(float $laid): float => $laid + 3.0],
        ];
        $advice = ZoneAdvice::of(0.0, 6.0, 2.0, $opens, $closes, $others);
        self::assertSame(
            [2, 1, null, ['slow']],
            [$advice->sections, $advice->helpers, $advice->later, array_keys($advice->films)],
        );
        self::assertCount(3, $advice->words());
        $evening = static fn(float $laid): float => $laid + ($laid < 20.0 ? 5.0 : 12.0);
        self::assertSame(
            20.0,
            ZoneAdvice::of(0.0, 6.0, 2.0, $opens, $evening)->later,
            'from the evening on it stays open through the night',
        );
    }

    public function testAFilmThatNeverOpensHasNoWindowAndOneThatNeverClosesNoEnd(): void
    {
        $never = static fn(float $laid): ?float => null;
        $soon = static fn(float $laid): float => $laid + 1.0;
        self::assertFalse(ZoneSpan::of([new Zone(0.0, 0.0)], $never, $never)->isOpen());
        $span = ZoneSpan::of([new Zone(0.0, 0.0), new Zone(2.0, 1.0)], $soon, $never);
        self::assertSame(
            [2.0, null, null, true, 1],
            [$span->earliest, $span->latest, $span->slack(), $span->isOpen(), $span->opening],
        );
    }
}
