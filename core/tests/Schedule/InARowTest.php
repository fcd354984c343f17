<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Schedule\Explaining\InARow;
use Hull\Schedule\Explaining\Stretch;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What one part after the other goes through is one line of the day. */
final class InARowTest extends TestCase
{
    private const WREN = ['Wren'];

    /** @return iterable<string, array{list<Stretch>, list<int>}> */
    public static function cases(): iterable
    {
        $handed = self::handed(...);
        $step = static fn(string $step, float $from, float $to): Stretch => new Stretch(
            $step,
            'bay',
            self::WREN,
            $from,
            $to,
        );
        yield 'three without a break' => [[$handed(8, 9), $handed(9, 9.5), $handed(9.5, 10)], [0, 0, 0]];
        yield 'a break' => [[$handed(8, 9), $handed(9.1, 10)], [0, 1]];
        yield 'another place' => [[$handed(8, 9), $handed(9, 10, self::WREN, 'slip')], [0, 1]];
        yield 'another hand' => [[$handed(8, 9), $handed(9, 10, ['Rowan'])], [0, 1]];
        yield 'somebody else in between' => [
            [$handed(8, 9), $handed(8.5, 9.5, ['Rowan']), $handed(9, 10), $handed(9.5, 10, ['Rowan'])],
            [0, 1, 0, 1],
        ];
        yield 'other work in between' => [[$handed(8, 9), $step('mask', 9, 10), $handed(10, 11)], [0, 1, 2]];
        yield 'each masked by itself' => [[$step('mask', 8, 9), $step('mask', 9, 10)], [0, 1]];
        yield 'coats go by their mix' => [[$step('apply-coat', 8, 9), $step('apply-coat', 9, 10)], [0, 1]];
        yield 'one photograph after the other' => [[$step('photograph', 8, 9), $step('photograph', 9, 10)], [0, 0]];
        yield 'a firm that nobody waits for' => [[$handed(8, 9, []), $handed(9, 10, [])], [0, 1]];
        yield 'nothing' => [[], []];
    }

    /** @param list<string> $who */
    private static function handed(float $from, float $to, array $who = self::WREN, string $place = 'bay'): Stretch
    {
        return new Stretch('hand-over', $place, $who, $from, $to);
    }

    /**
     * @param list<Stretch> $work
     * @param list<int> $heads
     */
    #[DataProvider('cases')]
    public function testItsRow(array $work, array $heads): void
    {
        self::assertSame($heads, InARow::heads(Yard::catalogue(), $work));
    }
}
