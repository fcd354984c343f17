<?php

declare(strict_types=1);

namespace Hull\Tests\Store;

use Hull\Catalog\Interlock;
use Hull\Input\Keys;
use Hull\Quantity\Volume;
use Hull\Store\Cabinets;
use Hull\Store\Movement;
use Hull\Store\MovementKind;
use Hull\Store\Tin;
use Hull\Store\TinState;
use Hull\Surface\Shelf;
use Hull\Tests\Yard;
use PHPUnit\Framework\TestCase;

final class CabinetsTest extends TestCase
{
    public function testWhatMustNotMeetMustNotStandTogether(): void
    {
        $conflicts = Cabinets::conflicts(Yard::catalogue(), [
            self::tin('bleach', 'wash shelf'),
            self::tin('phosphoric-prep', 'wash shelf'),
            self::tin('acetone', 'solvents'),
            self::tin('peroxide-gel', 'cold box'),
            self::tin('epoxy-primer-2k', 'solvents'),
        ]);
        self::assertSame(
            [['wash shelf', 'bleach-acid', 'bleach', 'phosphoric-prep']],
            array_map(static fn(array $c): array => [$c[0], $c[1]->id, $c[2], $c[3]], $conflicts),
        );
    }

    public function testAnEmptyTinAndOneWithoutACabinetDoNotCount(): void
    {
        self::assertSame(
            [],
            Cabinets::conflicts(Yard::catalogue(), [self::tin('bleach', 'a', true), self::tin('phosphoric-prep', 'a')]),
        );
        self::assertSame(
            [],
            Cabinets::conflicts(Yard::catalogue(), [self::tin('bleach', ''), self::tin('phosphoric-prep', '')]),
        );
    }

    public function testEveryInterlockOfChemicalsIsReachedByTwoSupplies(): void
    {
        $all = array_map(static fn(string $id): TinState => self::tin($id, 'one'), [
            ...Keys::of(Yard::catalogue()->supplies),
            ...Keys::of(Yard::catalogue()->products),
        ]);
        $met = array_unique(
            array_map(static fn(array $c): string => $c[1]->id, Cabinets::conflicts(Yard::catalogue(), $all)),
        );
        $known = array_map(
            static fn(Interlock $i): string => $i->id,
            array_filter(Yard::catalogue()->interlocks, static fn(Interlock $i): bool => !$i->ordered),
        );
        self::assertEqualsCanonicalizing($known, $met);
    }

    private static function tin(string $material, string $cabinet, bool $empty = false): TinState
    {
        $tin = new Tin(
            id: $material,
            material: $material,
            batch: '',
            size: Volume::litres(1.0),
            received: new \DateTimeImmutable('2026-01-01'),
            label: null,
            cabinet: $cabinet,
        );

        return TinState::of(
            $tin,
            $empty
                ? [new Movement(MovementKind::Binned, Volume::litres(1.0), new \DateTimeImmutable('2026-02-01'))]
                : [],
            new Shelf(),
        );
    }
}
