<?php

declare(strict_types=1);

namespace Hull\Tests\Store;

use Hull\Quantity\Duration;
use Hull\Quantity\Volume;
use Hull\Store\Movement;
use Hull\Store\MovementKind;
use Hull\Store\Tin;
use Hull\Store\TinState;
use Hull\Surface\Shelf;
use PHPUnit\Framework\TestCase;

/** What a ledger leaves in a tin, and how long it keeps. */
final class TinStateTest extends TestCase
{
    public function testTheLedgerAddsUp(): void
    {
        $state = self::state([
            [MovementKind::Used, 0.4, '2026-03-01'],
            [MovementKind::Used, 0.3, '2026-03-02'],
            [MovementKind::Back, 0.3, '2026-03-02'],
            [MovementKind::Binned, 0.1, '2026-03-03'],
        ]);
        self::assertEqualsWithDelta(2.0, $state->left->value(), 1e-9);
        self::assertSame('2026-03-01', $state->opened?->format('Y-m-d'), 'what is used was opened');
        self::assertEqualsWithDelta(
            1.7,
            self::state([
                [MovementKind::Used, 0.4, '2026-03-01'],
                [MovementKind::Counted, 1.7, '2026-03-05'],
            ])->left->value(),
            1e-9,
        );
        self::assertTrue(self::state([[MovementKind::Used, 9.0, '2026-03-01']])->isEmpty(), 'never less than nothing');
    }

    public function testTheEarliestEndCounts(): void
    {
        $shelf = new Shelf(24, 6);
        self::assertSame('2028-01-10', self::state([], $shelf)->expires?->format('Y-m-d'));
        $opened = self::state([[MovementKind::Opened, null, '2026-03-01']], $shelf);
        self::assertSame(
            ['2026-09-01', '6 months after opening'],
            [$opened->expires?->format('Y-m-d'), (string) $opened->because],
        );
        $labelled = self::state([], $shelf, '2026-05-31');
        self::assertSame(['2026-05-31', 'by its label'], [$labelled->expires?->format('Y-m-d'), $labelled->because]);
        self::assertTrue($labelled->isExpired(new \DateTimeImmutable('2026-06-01')));
        self::assertNull(self::state([], new Shelf())->expires);
    }

    public function testAnActivatedCanHasItsOwnClock(): void
    {
        $state = self::state(
            [[MovementKind::Activated, null, '2026-03-01 08:00']],
            new Shelf(24, null, Duration::hours(36.0)),
        );
        self::assertSame('2026-03-02 20:00', $state->expires?->format('Y-m-d H:i'));
        self::assertSame('36 h after activation', (string) $state->because);
        self::assertFalse((new Shelf(24, null, Duration::hours(36.0)))->keepsOpened());
        self::assertTrue((new Shelf(24, 12))->keepsOpened());
        self::assertFalse((new Shelf(12, 3))->keepsOpened());
    }

    /** @param list<array{MovementKind, float|null, string}> $moves */
    private static function state(array $moves, Shelf $shelf = new Shelf(), ?string $label = null): TinState
    {
        $tin = new Tin(
            id: 't',
            material: 'epoxy',
            batch: 'B1',
            size: Volume::litres(2.5),
            received: new \DateTimeImmutable('2026-01-10'),
            label: null === $label ? null : new \DateTimeImmutable($label),
            cabinet: '',
        );

        return TinState::of(
            $tin,
            array_map(
                static fn(array $m): Movement => new Movement(
                    $m[0],
                    null === $m[1] ? null : Volume::litres($m[1]),
                    new \DateTimeImmutable($m[2]),
                ),
                $moves,
            ),
            $shelf,
        );
    }
}
