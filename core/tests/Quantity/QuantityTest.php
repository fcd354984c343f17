<?php

declare(strict_types=1);

namespace Hull\Tests\Quantity;

use Hull\Quantity\Duration;
use Hull\Quantity\FilmThickness;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\Length;
use Hull\Quantity\Mass;
use Hull\Quantity\MixRatio;
use Hull\Quantity\Quantity;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\SpreadingRate;
use Hull\Quantity\Temperature;
use Hull\Quantity\UnitSystem;
use Hull\Quantity\Volume;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class QuantityTest extends TestCase
{
    #[TestWith([1.2345, 0.0001, '1234.5 g'])]
    #[TestWith([1.2345, 0.0005, '1234.5 g'])]
    #[TestWith([1.2343, 0.0005, '1234.5 g'])]
    #[TestWith([1.2342, 0.001, '1234 g'])]
    #[TestWith([0.02, 0.00001, '20.00 g'])]
    #[TestWith([3.333, 0.005, '3335 g'])]
    #[TestWith([3.332, 0.005, '3330 g'])]
    #[TestWith([3.31, 0.02, '3320 g'])]
    public function testAScaleShowsItsOwnSteps(float $kg, float $step, string $shown): void
    {
        self::assertSame($shown, Mass::kilograms($kg)->onScale(Mass::kilograms($step)));
    }

    /** @return iterable<array{Quantity, string, string}> */
    public static function shown(): iterable
    {
        yield [FilmThickness::micrometres(60), '60 µm', '2.36 mil'];
        yield [Temperature::celsius(18.5), '18.5 °C', '65.3 °F'];
        yield [Volume::litres(0.25), '250 mL', '8.45 fl oz'];
        yield [Volume::litres(4.29), '4.29 L', '1.13 gal'];
        yield [Length::millimetres(40), '40 mm', '1.57 in'];
        yield [SpreadingRate::m2PerLitre(25 / 3), '8.33 m²/L', '340 ft²/gal'];
        yield [Duration::hours(0.333), '20 min', '20 min'];
        yield [Duration::hours(3.63), '3 h 38 min', '3 h 38 min'];
        yield [Duration::hours(84.9), '3 d 13 h', '3 d 13 h'];
        yield [RelativeHumidity::percent(65), '65 %', '65 %'];
    }

    #[DataProvider('shown')]
    public function testShowsInBothSystems(Quantity $quantity, string $metric, string $us): void
    {
        self::assertSame([$metric, $us], [$quantity->format(UnitSystem::Metric), $quantity->format(UnitSystem::Us)]);
    }

    public function testWhatIsShownReadsBackWithinItsPrecision(): void
    {
        foreach ([0.013, 0.4, 1.7, 12.9, 250.0] as $litres) {
            foreach (UnitSystem::cases() as $system) {
                self::assertEqualsWithDelta(
                    $litres,
                    Volume::parse(Volume::litres($litres)->format($system))->litresValue(),
                    $litres * 0.005,
                );
            }
        }
    }

    /** @return iterable<array{\Closure(): mixed}> */
    public static function impossible(): iterable
    {
        yield [static fn() => Temperature::celsius(-274)];
        yield [static fn() => Temperature::parse('-500 F')];
        yield [static fn() => RelativeHumidity::percent(101)];
        yield [static fn() => Length::metres(-1)];
        yield [static fn() => Volume::litres(\NAN)];
        yield [static fn() => MixRatio::parse('0:1')];
        yield [static fn() => MixRatio::parse('4:0')];
        yield [static fn() => MixRatio::parse('four to one')];
        yield [static fn() => MixRatio::of(4, 1, 1.5)];
    }

    /** @param \Closure(): mixed $make */
    #[DataProvider('impossible')]
    public function testRefusesTheImpossible(\Closure $make): void
    {
        $this->expectException(InvalidQuantity::class);
        $make();
    }

    public function testReadsRatios(): void
    {
        $ratio = MixRatio::parse('4:1+10 %');
        self::assertSame(
            [4.0, 1.0, 0.1, '4:1 + 10 %'],
            [$ratio->base, $ratio->hardener, $ratio->thinnerShare, $ratio->text()],
        );
        self::assertSame('100:2', MixRatio::parse('100 : 2')->text());
        self::assertSame('one part', MixRatio::onePart()->text());
    }
}
