<?php

declare(strict_types=1);

namespace Hull\Tests\Compute;

use Hull\Input\Node;
use Hull\Quantity\Quantity;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** More of one thing never gives less, or never more, of another. */
final class MonotonyTest extends TestCase
{
    /**
     * @return iterable<string, array{string, array<int|string, mixed>, string, list<float>, string, int}> name, fixed
     *     inputs, what
     *     grows, its values, output, +1 rises or -1 falls
     */
    public static function laws(): iterable
    {
        yield 'more need costs more' => [
            'packs.choose',
            ['packs' => [['size' => 1, 'price' => 20], ['size' => 5, 'price' => 70]]],
            'need',
            [0.5, 1.5, 3.0, 4.9, 5.1, 9.0, 16.0],
            'price',
            1,
        ];
        yield 'heavier glass drinks more' => ['laminate.ply', [], 'glass', [200.0, 300.0, 450.0, 600.0], 'resin', 1];
        yield 'heavier glass is thicker' => ['laminate.ply', [], 'glass', [200.0, 300.0, 450.0, 600.0], 'thickness', 1];
        yield 'a deeper loss takes more plies' => [
            'laminate.stack',
            ['glass' => 450, 'length' => 0.2, 'width' => 0.1],
            'lost',
            [0.001, 0.002, 0.004, 0.009],
            'plies',
            1,
        ];
        yield 'and more resin' => [
            'laminate.stack',
            ['glass' => 450, 'length' => 0.2, 'width' => 0.1],
            'lost',
            [0.001, 0.002, 0.004, 0.009],
            'resinMass',
            1,
        ];
        yield 'a deeper low takes more compound' => [
            'fairing.volume',
            ['area' => 1],
            'depth',
            [0.001, 0.003, 0.006, 0.012],
            'volume',
            1,
        ];
        yield 'and more rounds' => [
            'fairing.volume',
            ['area' => 1],
            'depth',
            [0.001, 0.003, 0.006, 0.012],
            'rounds',
            1,
        ];
        yield 'a deeper hollow takes more' => [
            'pour.prism',
            ['length' => 1, 'width' => 0.3],
            'depth',
            [0.01, 0.02, 0.05, 0.1],
            'need',
            1,
        ];
        yield 'larger inserts take less' => [
            'pour.prism',
            ['length' => 1, 'width' => 0.3, 'depth' => 0.05],
            'inserts',
            [0.0, 1.0, 5.0, 15.0],
            'need',
            -1,
        ];
        yield 'a warmer bath is quicker' => [
            'bath.acid',
            ['volume' => 10, 'strength' => 0.05],
            'temperature',
            [10.0, 20.0, 30.0, 45.0],
            'time',
            -1,
        ];
        yield 'a fuller bath takes less iron' => [
            'bath.acid',
            ['volume' => 10, 'strength' => 0.05, 'temperature' => 20],
            'iron',
            [0.0, 0.05, 0.09, 0.2],
            'left',
            -1,
        ];
        yield 'a larger part draws more' => [
            'bath.electrolysis',
            ['volume' => 60],
            'area',
            [0.01, 0.1, 0.3, 1.0],
            'current',
            1,
        ];
        yield 'and gives more gas' => [
            'bath.electrolysis',
            ['volume' => 60],
            'area',
            [0.01, 0.1, 0.3, 1.0],
            'hydrogen',
            1,
        ];
        yield 'more shades take more gel' => [
            'bath.peroxide',
            ['area' => 0.3],
            'shades',
            [0.0, 1.0, 2.0, 5.0],
            'mass',
            1,
        ];
        yield 'warmth shortens the dwell' => [
            'bath.dwell',
            ['base' => 0.2],
            'temperature',
            [-5.0, 5.0, 20.0, 35.0],
            'time',
            -1,
        ];
    }

    /**
     * @param array<int|string, mixed> $fixed
     * @param list<float> $values rising, in the unit of record
     */
    #[DataProvider('laws')]
    public function testHolds(
        string $name,
        array $fixed,
        string $input,
        array $values,
        string $output,
        int $sense,
    ): void {
        $before = null;
        foreach ($values as $value) {
            $now =
                Yard::catalogue()->formulas()->find($name)?->fromNode(Node::root([...$fixed, $input => $value]))
                    ->outcome->values[$output] ?? null;
            self::assertInstanceOf(Quantity::class, $now);
            if (null !== $before) {
                self::assertGreaterThanOrEqual(-1e-9, $sense * ($now->value() - $before), "$input $value");
            }
            $before = $now->value();
        }
    }
}
