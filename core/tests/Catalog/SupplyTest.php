<?php

declare(strict_types=1);

namespace Hull\Tests\Catalog;

use Hull\Catalog\Supply;
use Hull\Quantity\Mass;
use Hull\Quantity\Volume;
use Hull\Surface\Shelf;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a square metre takes is counted in the measure in which it is sold, over its density. */
final class SupplyTest extends TestCase
{
    /** @return iterable<string, array{string, string, float, float|null, float|null}> rate, pack, density, L, kg */
    public static function rates(): iterable
    {
        yield 'by volume, sold by volume' => ['0.2 L/m2', '1 L', 1.5, 0.2, null];
        yield 'by volume, sold by mass' => ['0.2 L/m2', '5 kg', 1.5, null, 0.3];
        yield 'by mass, sold by mass' => ['300 g/m2', '5 kg', 1.5, null, 0.3];
        yield 'by mass, sold by volume' => ['300 g/m2', '1 L', 1.5, 0.2, null];
        yield 'sold in nothing yet' => ['0.2 L/m2', '', 1.5, 0.2, null];
    }

    #[DataProvider('rates')]
    public function testASquareMetreInTheMeasureOfItsPack(
        string $rate,
        string $pack,
        float $density,
        ?float $litres,
        ?float $kilograms,
    ): void {
        $takes = self::supply($rate, $pack, $density)->perM2();
        if (null !== $litres) {
            self::assertInstanceOf(Volume::class, $takes);
            self::assertEqualsWithDelta($litres, $takes->litresValue(), 1e-9);
        } else {
            self::assertInstanceOf(Mass::class, $takes);
            self::assertEqualsWithDelta($kilograms, $takes->value(), 1e-9);
        }
    }

    public function testWhatIsNotByAreaIsNotCounted(): void
    {
        foreach (Supply::RATES as $rate) {
            self::assertNull(self::supply($rate, '1 L', 1.0)->perM2(), $rate);
        }
    }

    private static function supply(string $rate, string $pack, float $density): Supply
    {
        return new Supply(
            id: 'made-up',
            name: 'Made up',
            example: '',
            kind: 'cleaner',
            use: '',
            limits: '',
            chemicals: [],
            never: [],
            density: $density,
            shelf: new Shelf(),
            packs: '' === $pack ? [] : [$pack],
            price: 0,
            rate: $rate,
            cautions: [],
            source: 'typical',
        );
    }
}
