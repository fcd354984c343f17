<?php

declare(strict_types=1);

namespace Hull\Tests\Route;

use Hull\Catalog\Traits;
use Hull\Climate\Air;
use Hull\Quantity\Area;
use Hull\Quantity\Percentage;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the arguments of the schools ask about a part, at the edge of each figure. */
final class TraitsTest extends TestCase
{
    /** @return iterable<string, array{array<string, float|string|list<string>>, bool}> of 12 m2, 18 C, 55 % */
    public static function asked(): iterable
    {
        yield 'area, at least' => [['area_min' => 12.0], true];
        yield 'area, more' => [['area_min' => 12.1], false];
        yield 'area, at most' => [['area_max' => 12.0], true];
        yield 'area, less' => [['area_max' => 11.9], false];
        yield 'warm enough' => [['temp_min' => 18.0], true];
        yield 'too cold' => [['temp_min' => 18.5], false];
        yield 'not too warm' => [['temp_max' => 18.0], true];
        yield 'too warm' => [['temp_max' => 17.5], false];
        yield 'damp enough' => [['rh_min' => 55.0], true];
        yield 'too dry' => [['rh_min' => 56.0], false];
        yield 'dry enough' => [['rh_max' => 55.0], true];
        yield 'too damp' => [['rh_max' => 54.0], false];
        yield 'without the gear' => [['lacks' => ['blasting']], true];
        yield 'with it' => [['has' => ['blasting']], false];
        yield 'with other gear' => [['has' => ['spray-gun']], true];
        yield 'a fact' => [['facts' => ['oil', 'wax']], true];
        yield 'no such fact' => [['facts' => ['wax']], false];
        yield 'none of these' => [['not_facts' => ['wax']], true];
        yield 'one of these' => [['not_facts' => ['oil', 'wax']], false];
        yield 'another material' => [['not_substrates' => ['wood']], true];
        yield 'that material' => [['not_substrates' => ['wood', 'metal']], false];
        yield 'little damage' => [['damage_max' => 12.0], true];
        yield 'too much damage' => [['damage_max' => 11.9], false];
        yield 'enough damage' => [['damage_min' => 12.0], true];
        yield 'hardly any damage' => [['damage_min' => 12.1], false];
        yield 'light or not there' => [['light' => ['oil', 'wax']], true];
        yield 'not light' => [['light' => ['oil', 'scratches']], false];
        yield 'all at once' => [['area_min' => 12.0, 'temp_max' => 17.5], false];
    }

    /** @param array<string, float|string|list<string>> $when */
    #[DataProvider('asked')]
    public function testHoldsOrNot(array $when, bool $holds): void
    {
        self::assertSame($holds, self::traits(12.0)->hold($when));
    }

    public function testASmallAreaIsSpokenOfInSquareCentimetres(): void
    {
        self::assertSame('99 cm²', self::traits(0.0099)->words('{area}'));
        self::assertSame('0.01 m²', self::traits(0.01)->words('{area}'));
    }

    private static function traits(float $m2): Traits
    {
        $catalogue = Yard::catalogue();

        return new Traits(
            catalogue: $catalogue,
            substrate: $catalogue->substrate('carbon-steel'),
            facts: ['oil' => 1.0, 'wax' => 0.0, 'scratches' => 2.0],
            services: ['exterior-sun'],
            finish: 'tidy',
            area: Area::squareMetres($m2),
            damaged: Percentage::percent(12.0),
            air: Air::of(Temperature::celsius(18.0), RelativeHumidity::percent(55)),
            placeKind: 'heated-bay',
            exposure: 'open',
            method: 'brush',
            lattice: false,
            lacks: ['blasting'],
        );
    }
}
