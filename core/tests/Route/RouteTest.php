<?php

declare(strict_types=1);

namespace Hull\Tests\Route;

use Hull\Job\Route;
use Hull\Job\RouteStep;
use PHPUnit\Framework\TestCase;

/** Keys: what a log line refers to must never come to mean another step. */
final class RouteTest extends TestCase
{
    public function testNewStepsGetPassingKeysOfTheirOwn(): void
    {
        $route = Route::of([
            new RouteStep('', 'photograph'),
            new RouteStep('new-1', 'rinse'),
            new RouteStep('', 'mask'),
        ]);
        $keys = $this->keys($route);
        self::assertSame('new-1', $keys[1]);
        self::assertCount(3, array_unique($keys));
    }

    public function testAKeyUsedTwiceIsGivenToTheFirst(): void
    {
        $route = Route::of([new RouteStep('s4', 'photograph'), new RouteStep('s4', 'rinse')]);
        self::assertSame('photograph', $route->find('s4')?->step);
        self::assertCount(2, array_unique($this->keys($route)));
    }

    public function testLastingKeysAreNeverUsedAgain(): void
    {
        $first = Route::of([
            new RouteStep('', 'photograph'),
            new RouteStep('', 'rinse'),
            new RouteStep('', 'mask'),
        ])->kept([]);
        self::assertSame(['s1', 's2', 's3'], $this->keys($first));
        $second = $first
            ->less(2)
            ->inserted(1, [new RouteStep('', 'air-dry')])
            ->kept($this->keys($first));
        self::assertSame(['s1', 's4', 's2'], $this->keys($second));
        $third = $second
            ->inserted(0, [new RouteStep('', 'mask')])
            ->kept([...$this->keys($first), ...$this->keys($second)]);
        self::assertSame(['s5', 's1', 's4', 's2'], $this->keys($third));
    }

    public function testAPassingKeyDoesNotBecomeALastingOne(): void
    {
        $kept = Route::of([new RouteStep('new-7', 'photograph'), new RouteStep('s2', 'rinse')])->kept(['s2', 's9']);
        self::assertSame(['s10', 's2'], $this->keys($kept));
    }

    public function testMovesAndTakesOut(): void
    {
        $route = Route::of([new RouteStep('a', 'photograph'), new RouteStep('b', 'rinse'), new RouteStep('c', 'mask')]);
        self::assertSame(['b', 'c', 'a'], $this->keys($route->moved(0, 2)));
        self::assertSame(['c', 'a', 'b'], $this->keys($route->moved(2, 0)));
        self::assertSame(['a', 'c'], $this->keys($route->less(1)));
        self::assertNull($route->find('z'));
        self::assertSame(['a', 'b', 'c'], $this->keys($route), 'the route itself never changes');
    }

    public function testAStepKeepsItsProductAndReason(): void
    {
        $step = (new RouteStep('s1', 'apply-coat', 'epoxy-primer-2k'))->because('late')->withKey('s2');
        self::assertSame(
            ['s2', 'apply-coat', 'epoxy-primer-2k', 'late'],
            [$step->key, $step->step, $step->product, $step->because],
        );
    }

    /** @return list<string> */
    private function keys(Route $route): array
    {
        return array_map(static fn(RouteStep $s): string => $s->key, $route->steps);
    }
}
