<?php

declare(strict_types=1);

namespace Hull\Tests\Area;

use Hull\Compute\Computation;
use Hull\Compute\Registry;
use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\Quantity\Area;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class AreaTest extends TestCase
{
    private const DIMENSIONS = [
        'plate' => [
            'length' => 0.8,
            'width' => 0.5,
            'thickness' => 0.006,
            'holes' => 3,
            'holeDiameter' => 0.03,
            'cutoutLength' => 0.1,
            'cutoutWidth' => 0.08,
        ],
        'tube' => ['diameter' => 0.05, 'wall' => 0.003, 'length' => 2.0, 'inside' => 'yes'],
        'box-section' => ['width' => 0.06, 'height' => 0.04, 'wall' => 0.003, 'length' => 2.0, 'inside' => 'yes'],
        'angle' => ['legA' => 0.05, 'legB' => 0.04, 'length' => 1.5],
        'channel' => ['web' => 0.1, 'flange' => 0.05, 'thickness' => 0.006, 'length' => 1.5],
        'i-section' => ['height' => 0.2, 'flange' => 0.1, 'thickness' => 0.006, 'length' => 1.5],
        'round-bar' => ['diameter' => 0.045, 'length' => 0.7],
        'cone-frustum' => ['large' => 1.2, 'small' => 0.7, 'height' => 0.4],
        'dome' => ['diameter' => 0.9, 'rise' => 0.2],
        'tank' => ['length' => 1.0, 'width' => 0.6, 'depth' => 0.5],
        'wheel' => ['diameter' => 0.4, 'width' => 0.12],
        'lattice' => ['diameter' => 0.006, 'length' => 30.0],
        'roof' => ['length' => 6.0, 'width' => 2.2, 'curb' => 0.05],
        'strip' => ['width' => 0.05, 'length' => 9.0],
        'topsides' => ['loa' => 7.0, 'beam' => 2.4, 'freeboard' => 0.9],
        'planing-bottom' => ['loa' => 7.0, 'beam' => 2.4],
        'wetted-hull' => ['lwl' => 6.0, 'beam' => 2.4, 'draught' => 1.1],
    ];

    /** @return iterable<string, array{string, array<int|string, float|int|string>}> */
    public static function shapes(): iterable
    {
        foreach (self::DIMENSIONS as $kind => $dimensions) {
            yield $kind => [$kind, $dimensions];
        }
    }

    /** @param array<int|string, float|int|string> $dimensions */
    #[DataProvider('shapes')]
    public function testTwiceTheSizeIsFourTimesTheArea(string $kind, array $dimensions): void
    {
        $doubled = [];
        foreach ($dimensions as $name => $value) {
            $doubled[$name] = is_float($value) ? 2 * $value : $value;
        }
        self::assertEqualsWithDelta(4 * self::area($kind, $dimensions), self::area($kind, $doubled), 1e-9);
        self::assertGreaterThan(0.0, self::area($kind, $dimensions));
    }

    /** @param array<int|string, float|int|string> $dimensions */
    #[DataProvider('shapes')]
    public function testCountAndComplexityMultiply(string $kind, array $dimensions): void
    {
        $one = self::area($kind, $dimensions);
        self::assertEqualsWithDelta(3 * $one, self::area($kind, [...$dimensions, 'count' => 3]), 1e-9);
        self::assertEqualsWithDelta(1.3 * $one, self::area($kind, [...$dimensions, 'complexity' => 'sections']), 1e-9);
        self::assertEqualsWithDelta(
            1.15 * 2 * $one,
            self::area($kind, [...$dimensions, 'complexity' => 'ribbed', 'count' => 2]),
            1e-9,
        );
    }

    public function testEveryShapeIsTried(): void
    {
        $kinds = array_map(
            static fn(Computation $c): string => substr($c->name, 5),
            array_values(
                array_filter(
                    Registry::standard()->all(),
                    static fn(Computation $c): bool => str_starts_with($c->name, 'area.'),
                ),
            ),
        );
        sort($kinds);
        $tried = array_keys(self::DIMENSIONS);
        sort($tried);
        self::assertSame($kinds, $tried);
    }

    public function testBoatShapesSayThatTheyAreEstimates(): void
    {
        foreach (['topsides', 'planing-bottom', 'wetted-hull'] as $kind) {
            self::assertSame(
                \Hull\Compute\Source::Estimate,
                Registry::standard()
                    ->find('area.' . $kind)
                    ?->fromNode(Node::root(self::DIMENSIONS[$kind]))->source,
            );
        }
    }

    /** @return iterable<string, array{string, array<int|string, float|int|string>}> */
    public static function impossible(): iterable
    {
        yield 'cut-outs larger than the plate' => [
            'plate',
            ['length' => 1.0, 'width' => 1.0, 'cutoutLength' => 2.0, 'cutoutWidth' => 1.0],
        ];
        yield 'a wall thicker than the section' => [
            'box-section',
            ['width' => 0.02, 'height' => 0.02, 'wall' => 0.02, 'length' => 1.0],
        ];
        yield 'fittings larger than the roof' => ['roof', ['length' => 1.0, 'width' => 1.0, 'fittings' => 3.0]];
        yield 'a negative length' => ['strip', ['width' => 1.0, 'length' => -1.0]];
    }

    /** @param array<int|string, float|int|string> $dimensions */
    #[DataProvider('impossible')]
    public function testImpossibleShapesAreRefused(string $kind, array $dimensions): void
    {
        $this->expectException(InvalidInput::class);
        self::area($kind, $dimensions);
    }

    /** @param array<int|string, float|int|string> $dimensions */
    private static function area(string $kind, array $dimensions): float
    {
        return Registry::standard()
            ->find('area.' . $kind)
            ?->fromNode(Node::root($dimensions))
            ->quantity('area', Area::class)
            ->m2() ?? self::fail('No ' . $kind);
    }
}
