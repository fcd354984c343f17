<?php

declare(strict_types=1);

namespace Hull\Tests\Bench;

use Hull\Bench\SideBySide;
use Hull\Job\Route;
use Hull\Job\RouteStep;
use PHPUnit\Framework\TestCase;

final class SideBySideTest extends TestCase
{
    public function testSharedStepsStandOnOneLine(): void
    {
        self::assertSame(['a|a', 'b|', '|x', 'c|c', '|d'], self::rows(['a', 'b', 'c'], ['a', 'x', 'c', 'd']));
        self::assertSame(['a|', 'b|'], self::rows(['a', 'b'], []));
        self::assertSame([], self::rows([], []));
    }

    public function testBothRoutesComeOutWholeAndInTheirOrder(): void
    {
        mt_srand(7);
        for ($i = 0; $i < 50; ++$i) {
            $left = array_map(static fn(): string => chr(97 + mt_rand(0, 4)), array_fill(0, mt_rand(0, 9), 0));
            $right = array_map(static fn(): string => chr(97 + mt_rand(0, 4)), array_fill(0, mt_rand(0, 9), 0));
            $rows = self::rows($left, $right);
            self::assertSame(
                implode('', $left),
                implode('', array_map(static fn(string $r): string => explode('|', $r)[0], $rows)),
            );
            self::assertSame(
                implode('', $right),
                implode('', array_map(static fn(string $r): string => explode('|', $r)[1], $rows)),
            );
        }
    }

    /**
     * @param array<string> $left
     * @param array<string> $right
     *
     * @return list<string>
     */
    private static function rows(array $left, array $right): array
    {
        return array_map(
            static fn(array $r): string => ($r[0]->step ?? '') . '|' . ($r[1]->step ?? ''),
            SideBySide::rows(self::route($left), self::route($right)),
        );
    }

    /** @param array<string> $steps */
    private static function route(array $steps): Route
    {
        return Route::of(array_map(static fn(string $s): RouteStep => new RouteStep('', $s), array_values($steps)));
    }
}
