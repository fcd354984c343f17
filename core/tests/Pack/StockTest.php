<?php

declare(strict_types=1);

namespace Hull\Tests\Pack;

use Hull\Pack\Lot;
use Hull\Pack\Stock;
use Hull\Quantity\Volume;
use PHPUnit\Framework\TestCase;

final class StockTest extends TestCase
{
    public function testWhatExpiresFirstGoesFirstAndTheOpenedBeforeTheSealed(): void
    {
        $stock = new Stock([
            self::lot('late', 2.0, '2027-05-01'),
            self::lot('sealed', 1.0, '2026-12-24'),
            self::lot('opened', 0.3, '2026-12-24', true),
            self::lot('gone', 9.0, '2026-11-01'),
            self::lot('empty', 0.0, '2026-12-01'),
            self::lot('lasting', 1.0, null),
        ]);
        $day = new \DateTimeImmutable('2026-11-23');
        self::assertSame(['opened 0.3', 'sealed 1', 'late 0.2'], self::words($stock->draw(Volume::litres(1.5), $day)));
        self::assertEqualsWithDelta(0.0, $stock->missing(Volume::litres(1.5), $day)->value(), 1e-9);
        self::assertEqualsWithDelta(0.7, $stock->missing(Volume::litres(5.0), $day)->value(), 1e-9);
        self::assertSame('lasting', $stock->draw(Volume::litres(5.0), $day)[3][0]->id, 'what never expires goes last');
        self::assertSame([], $stock->draw(Volume::litres(0.0), $day));
    }

    public function testItNeverDrawsMoreThanThereIs(): void
    {
        mt_srand(5);
        for ($i = 0; $i < 200; ++$i) {
            $lots = array_map(
                static fn(int $k): Lot => self::lot(
                    'l' . $k,
                    mt_rand(0, 400) / 100,
                    '2026-1' . mt_rand(1, 2) . '-2' . mt_rand(0, 8),
                    0 === $k % 2,
                ),
                range(1, mt_rand(1, 5)),
            );
            $need = Volume::litres(mt_rand(0, 900) / 100);
            $day = new \DateTimeImmutable('2026-11-24');
            $drawn = (new Stock($lots))->draw($need, $day);
            foreach ($drawn as [$lot, $taken]) {
                self::assertLessThanOrEqual($lot->left->value() + 1e-9, $taken->value());
                self::assertTrue($lot->isGoodOn($day));
            }
            self::assertEqualsWithDelta(
                $need->value(),
                array_sum(array_map(static fn(array $d): float => $d[1]->value(), $drawn)) +
                    (new Stock($lots))->missing($need, $day)->value(),
                1e-9,
            );
        }
    }

    private static function lot(string $id, float $litres, ?string $expires, bool $opened = false): Lot
    {
        return new Lot(
            $id,
            Volume::litres($litres),
            null === $expires ? null : new \DateTimeImmutable($expires),
            $opened,
        );
    }

    /**
     * @param list<array{Lot, \Hull\Quantity\Quantity}> $drawn
     *
     * @return list<string>
     */
    private static function words(array $drawn): array
    {
        return array_map(static fn(array $d): string => $d[0]->id . ' ' . round($d[1]->value(), 6), $drawn);
    }
}
