<?php

declare(strict_types=1);

namespace Hull\Tests\Pack;

use Hull\Pack\Pack;
use Hull\Pack\PackChoice;
use Hull\Quantity\Money;
use Hull\Quantity\Volume;
use PHPUnit\Framework\TestCase;

/** The cheapest packs, held against trying every number of every size. */
final class PackChoiceTest extends TestCase
{
    public function testEqualsBruteForceOnFiveHundredSmallInstances(): void
    {
        mt_srand(20261123);
        for ($i = 0; $i < 500; ++$i) {
            $some = static fn(): Pack => new Pack(
                Volume::litres([0.25, 0.4, 0.5, 0.75, 1.0, 2.5, 5.0][mt_rand(0, 6)]),
                Money::minor(mt_rand(5, 90) * 100),
            );
            $packs = [$some()];
            for ($k = mt_rand(0, 3); $k > 0; --$k) {
                $packs[] = $some();
            }
            $need = mt_rand(1, 900) / 100;
            $keeps = 0 === $i % 2;
            $purchase = PackChoice::cheapest(Volume::litres($need), $packs, $keeps);
            [$cost, $leftover, $tins] = self::brute($need, $packs, $keeps);
            $worth = $keeps
                ? min(array_map(static fn(Pack $p): float => $p->price->minor / $p->size->value(), $packs))
                : 0.0;
            self::assertEqualsWithDelta(
                $cost,
                $purchase->price->minor - $worth * $purchase->leftover->value(),
                1e-4,
                "cost of $i",
            );
            self::assertEqualsWithDelta($leftover, $purchase->leftover->value(), 1e-6, "leftover of $i");
            self::assertSame($tins, $purchase->tins, "tins of $i");
            self::assertEqualsWithDelta(
                $purchase->bought->value(),
                array_sum(array_map(static fn(array $p): float => $p[0]->size->value() * $p[1], $purchase->packs)),
                1e-9,
            );
        }
    }

    public function testSmallTinsWinWhereTheRestDoesNotKeep(): void
    {
        $packs = [new Pack(Volume::litres(1.0), Money::minor(2000)), new Pack(Volume::litres(5.0), Money::minor(6000))];
        self::assertSame(2, PackChoice::cheapest(Volume::litres(1.8), $packs, false)->tins);
        self::assertSame(
            1,
            PackChoice::cheapest(Volume::litres(1.8), $packs, true)->tins,
            'the rest of the large one is worth having',
        );
    }

    public function testARestThatNothingWantsIsWorthNothing(): void
    {
        $packs = [new Pack(Volume::litres(1.0), Money::minor(2000)), new Pack(Volume::litres(5.0), Money::minor(6000))];
        $tins = static fn(?float $useful): int => PackChoice::cheapest(
            Volume::litres(1.8),
            $packs,
            true,
            null === $useful ? null : Volume::litres($useful),
        )->tins;
        self::assertSame(2, $tins(0.0), 'nobody has a use for it');
        self::assertSame(2, $tins(1.8), 'the small tins are dearer by 20.00, what is of use is worth 2.40 to 19.20');
        self::assertSame(1, $tins(1.9), 'from 1.9 L of use on the large tin wins');
        self::assertSame(1, $tins(null));
    }

    public function testMoreNeverCostsLess(): void
    {
        $packs = [
            new Pack(Volume::litres(0.946), Money::minor(3100)),
            new Pack(Volume::litres(3.785), Money::minor(9900)),
        ];
        $before = 0;
        for ($need = 0.1; $need < 20.0; $need += 0.37) {
            $price = PackChoice::cheapest(Volume::litres($need), $packs, false)->price->minor;
            self::assertGreaterThanOrEqual($before, $price);
            $before = $price;
        }
    }

    public function testNothingNeededBuysNothing(): void
    {
        self::assertSame(
            0,
            PackChoice::cheapest(Volume::litres(0.0), [new Pack(Volume::litres(1.0), Money::minor(100))], false)->tins,
        );
    }

    /**
     * @param non-empty-list<Pack> $packs
     *
     * @return array{float, float, int} cost less worth, leftover, tins
     */
    private static function brute(float $need, array $packs, bool $keeps): array
    {
        $worth = $keeps
            ? min(array_map(static fn(Pack $p): float => $p->price->minor / $p->size->value(), $packs))
            : 0.0;
        $best = null;
        $try = static function (int $at, float $litres, int $minor, int $tins) use (
            &$try,
            &$best,
            $packs,
            $need,
            $worth,
        ): void {
            if ($litres + 0.003 * $tins >= $need - 1e-9) {
                $over = max(0.0, $litres - $need);
                $rank = [round($minor - $worth * $over, 4), round($over, 6), $tins];
                if (null === $best || $rank < $best) {
                    $best = $rank;
                }

                return;
            }
            for ($k = $at; $k < count($packs); ++$k) {
                $try($k, $litres + $packs[$k]->size->value(), $minor + $packs[$k]->price->minor, $tins + 1);
            }
        };
        $try(0, 0.0, 0, 0);

        return $best ?? self::fail('nothing covers it');
    }
}
