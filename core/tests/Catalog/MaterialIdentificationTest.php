<?php

declare(strict_types=1);

namespace Hull\Tests\Catalog;

use Hull\Catalog\MaterialIdentification;
use Hull\Catalog\Substrate;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MaterialIdentificationTest extends TestCase
{
    /** @return iterable<string, array{array<int|string, string>, string}> */
    public static function signs(): iterable
    {
        yield 'a magnet holds and the file draws grey powder' => [
            ['magnet' => 'holds', 'scratch' => 'grey-powder'],
            'cast-iron',
        ];
        yield 'a magnet holds and a scratch is white' => [
            ['magnet' => 'holds', 'scratch' => 'white', 'weight' => 'heavy'],
            'galvanised-steel',
        ];
        yield 'light passes and solvent softens it' => [['light' => 'clear', 'solvent' => 'softens'], 'clear-plastic'];
        yield 'soft and sticky with grain' => [
            [
                'bends' => 'soft',
                'solvent' => 'sticky',
                'weight' => 'light',
                'sound' => 'silent',
                'scratch' => 'coloured',
            ],
            'flexible-vinyl',
        ];
        yield 'fibres in the scratch, stiff, light shines through' => [
            ['scratch' => 'fibres', 'light' => 'clear'],
            'laminate',
        ];
    }

    /** @param array<int|string, string> $signs */
    #[DataProvider('signs')]
    public function testTheSurestGuessComesFirst(array $signs, string $substrate): void
    {
        self::assertSame($substrate, MaterialIdentification::fitting(Yard::catalogue(), $signs)[0]->id);
    }

    public function testEachMaterialFitsItsOwnSignsAndNothingSaidExcludesNothing(): void
    {
        $catalogue = Yard::catalogue();
        self::assertCount(count($catalogue->substrates), MaterialIdentification::fitting($catalogue, []));
        foreach ($catalogue->substrates as $substrate) {
            $own = array_map(static fn(array $a): string => $a[0], $substrate->signs);
            self::assertContains(
                $substrate->id,
                array_map(static fn(Substrate $s): string => $s->id, MaterialIdentification::fitting($catalogue, $own)),
            );
            self::assertSame(
                [],
                array_diff(array_keys($catalogue->signs), array_keys($substrate->signs)),
                $substrate->id,
            );
        }
    }

    public function testSignsThatContradictEachOtherFitNothing(): void
    {
        self::assertSame(
            [],
            MaterialIdentification::fitting(Yard::catalogue(), ['magnet' => 'holds', 'bends' => 'soft']),
        );
    }
}
