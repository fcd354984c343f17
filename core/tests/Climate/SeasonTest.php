<?php

declare(strict_types=1);

namespace Hull\Tests\Climate;

use Hull\Climate\Air;
use Hull\Climate\Forecast;
use Hull\Climate\Season;
use Hull\Climate\Weather;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A usual year: months at their middle, half way between them, and a day from its coldest hour to its warmest. */
final class SeasonTest extends TestCase
{
    private const LOW = [1.0, -2.0, 3.0, 5.0, 9.0, 12.0, 14.0, 13.5, 10.0, 7.0, 4.0, 2.5];
    private const HIGH = [6.0, 7.0, 10.0, 14.0, 19.0, 22.0, 25.0, 24.0, 20.0, 15.0, 10.0, 7.5];

    public function testTheMiddleOfEachMonthIsAsItIsSaid(): void
    {
        foreach (self::LOW as $month => $low) {
            $day = self::day(sprintf('2026-%02d-15', $month + 1));
            self::assertEqualsWithDelta($low, self::celsius($day, 5), 1e-9, 'coldest at five');
            self::assertEqualsWithDelta(self::HIGH[$month], self::celsius($day, 17), 1e-9, 'warmest twelve hours on');
            self::assertEqualsWithDelta(($low + self::HIGH[$month]) / 2.0, self::celsius($day, 11), 1e-9);
            self::assertEqualsWithDelta(($low + self::HIGH[$month]) / 2.0, self::celsius($day, 23), 1e-9);
        }
    }

    #[TestWith(['2026-03-30', 3.0, 5.0, 0.5])]
    #[TestWith(['2026-12-30', 2.5, 1.0, 0.5])]
    #[TestWith(['2026-01-03', 1.0, 2.5, 0.4])]
    #[TestWith(['2026-07-06', 14.0, 12.0, 0.3])]
    public function testBetweenThemItGoesInAStraightLine(string $day, float $here, float $there, float $share): void
    {
        self::assertEqualsWithDelta($here + $share * ($there - $here), self::celsius(self::day($day), 5), 1e-9);
    }

    public function testTheClockOfThePlaceSaysWhenItIsColdest(): void
    {
        self::assertEqualsWithDelta(9.0, self::celsius(self::day('2026-05-15', 2), 3), 1e-9);
        self::assertEqualsWithDelta(19.0, self::celsius(self::day('2026-05-15', -3), 20), 1e-9);
    }

    public function testTheAirHoldsWhatItHeldAtItsColdest(): void
    {
        $may = self::day('2026-05-15');
        $vapour = Air::saturationHpa(Temperature::celsius(7.0));
        $of = static fn(int $hour): float => $may->hours[$hour]->air->humidity->value();
        self::assertEqualsWithDelta($vapour / Air::saturationHpa(Temperature::celsius(9.0)), $of(5), 1e-9);
        self::assertEqualsWithDelta($vapour / Air::saturationHpa(Temperature::celsius(19.0)), $of(17), 1e-9);
        $dry = new Season('dry', 'Desert', '', array_fill(0, 12, 5.0), array_fill(0, 12, 45.0), 8.0);
        self::assertEqualsWithDelta(0.2, $dry->forecast(0, 1)->hours[17]->air->humidity->value(), 1e-9, 'never drier');
        $fog = new Season('fog', 'Fog', '', array_fill(0, 12, 5.0), array_fill(0, 12, 9.0), -1.0);
        self::assertEqualsWithDelta(1.0, $fog->forecast(0, 1)->hours[5]->air->humidity->value(), 1e-9, 'never fuller');
    }

    public function testItsRainyDaysAreSpreadOverTheMonthAnAfternoonEach(): void
    {
        $wet = new Season(
            id: 'wet',
            name: 'Wet',
            hint: '',
            low: self::LOW,
            high: self::HIGH,
            dewBelow: 2.0,
            rainDays: array_fill(0, 12, 10.0),
            noonSun: array_fill(0, 12, 600.0),
        );
        $from = 24 * 20_574;
        $month = $wet->forecast($from, 30, 2)->hours;
        $rain = array_keys(array_filter($month, static fn(Weather $w): bool => $w->rainMm > 0.0));
        self::assertCount(40, $rain, 'ten afternoons of four hours');
        self::assertSame(
            [11, 12, 13, 14],
            array_values(array_unique(array_map(static fn(int $h): int => $h % 24, $rain))),
        );
        $days = array_values(array_unique(array_map(static fn(int $h): int => intdiv($h, 24), $rain)));
        self::assertSame(range($days[0], $days[9], 3), $days, 'every third day');
        $noon = static fn(int $day): Weather => $month[24 * $day + 10];
        self::assertEqualsWithDelta(600.0, $noon($days[0] + 1)->sun->wPerM2(), 1e-9, 'at noon of a dry day');
        self::assertEqualsWithDelta(150.0, $noon($days[0])->sun->wPerM2(), 1e-9, 'a quarter of it in clouds');
        self::assertSame(0.0, $month[24 * $days[0]]->sun->wPerM2(), 'two in the morning');
        self::assertGreaterThanOrEqual(0.9, $month[$rain[0]]->air->humidity->value());
        self::assertLessThan(0.9, $month[$rain[0] + 24]->air->humidity->value());
        foreach (self::season()->forecast($from, 30)->hours as $hour) {
            self::assertSame([0.0, 0.0], [$hour->rainMm, $hour->sun->wPerM2()], 'none where nobody said');
        }
    }

    public function testDaysAreShortInWinter(): void
    {
        $coast = Yard::catalogue()->climates['cool-coast'];
        $light = static fn(int $day): array => array_keys(
            array_filter($coast->forecast(24 * $day, 1)->hours, static fn(Weather $w): bool => $w->sun->wPerM2() > 0.0),
        );
        self::assertSame(range(8, 15), $light(20_804), '17 December');
        self::assertSame(range(4, 19), $light(20_620), '16 June');
    }

    public function testARunOfDaysHasAllItsHoursAndItsName(): void
    {
        $days = self::season()->forecast(24 * 20_000, 3);
        self::assertCount(72, $days->hours);
        self::assertSame('a usual year: made up', $days->source);
        $air = Air::of(Temperature::celsius(16.0), RelativeHumidity::percent(55));
        $place = self::season()->air(Yard::catalogue()->places['outdoors'], $air, 24 * 20_000, 5);
        self::assertSame(24 * 19_998, $place->from, 'two days to run in');
        self::assertCount(24 * 9, $place->celsius);
    }

    private static function season(): Season
    {
        return new Season('made', 'Made up', '', self::LOW, self::HIGH, 2.0);
    }

    private static function day(string $day, int $shift = 0): Forecast
    {
        $from = intdiv((int) strtotime($day . ' 00:00:00 UTC'), 3600);

        return self::season()->forecast($from, 1, $shift);
    }

    private static function celsius(Forecast $day, int $hour): float
    {
        return $day->hours[$hour]->air->temperature->c();
    }
}
