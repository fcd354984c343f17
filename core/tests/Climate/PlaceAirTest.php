<?php

declare(strict_types=1);

namespace Hull\Tests\Climate;

use Hull\Climate\Air;
use Hull\Climate\Forecast;
use Hull\Climate\PartWarmth;
use Hull\Climate\PlaceAir;
use Hull\Climate\Weather;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Speed;
use Hull\Quantity\Temperature;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a place makes of the weather, and what a reading makes of that. */
final class PlaceAirTest extends TestCase
{
    private const FROM = 480_000;

    public function testOutdoorsIsTheWeatherAsItIs(): void
    {
        $place = self::place('outdoors');
        self::assertSame([10.0, 10.0], [$place->celsius[0], $place->celsius[30]]);
        self::assertEqualsWithDelta(0.8, $place->humidity[5], 1e-9);
        self::assertSame([5.0, 0.5], [$place->wind[3], $place->rain[3]]);
    }

    public function testTheAirOfAMomentIsThatOfItsHour(): void
    {
        $read = Air::of(Temperature::celsius(14.0), RelativeHumidity::percent(60));
        $place = self::place('outdoors', readings: [[self::FROM + 10.0, $read]]);
        self::assertSame($place->celsius[9], $place->airAt(self::FROM + 9.99)->temperature->c());
        self::assertSame($place->celsius[10], $place->airAt(self::FROM + 10.0)->temperature->c());
        self::assertSame($place->celsius[10], $place->airAt(self::FROM + 10.99)->temperature->c());
        self::assertSame($place->celsius[0], $place->airAt(self::FROM - 5.0)->temperature->c(), 'before it the first');
        self::assertSame($place->celsius[71], $place->airAt(self::FROM + 900.0)->temperature->c(), 'after it the last');
    }

    #[TestWith(['unheated-shed'])]
    #[TestWith(['tent'])]
    public function testAShelterKeepsWindAndRainOutAndFollowsBehind(string $kind): void
    {
        $place = self::place($kind, set: 20.0);
        self::assertSame([0.0, 0.0], [$place->wind[3], $place->rain[3]]);
        self::assertGreaterThan(10.0, $place->celsius[0]);
        self::assertLessThan($place->celsius[0], $place->celsius[3]);
        self::assertEqualsWithDelta('tent' === $kind ? 11.0 : 10.0, $place->celsius[71], 0.01);
    }

    public function testHeatingLowersTheRelativeHumidityAtTheSameVapourPressure(): void
    {
        $place = self::place('heated-bay', set: 18.0);
        self::assertEqualsWithDelta(18.0, $place->celsius[40], 1e-9);
        // 10 C 80 %: 0.8 x 12.28 hPa; 18 C takes 20.62 hPa when full.
        self::assertEqualsWithDelta(0.4763, $place->humidity[40], 0.002);
        self::assertEqualsWithDelta(0.4, self::place('heated-bay', set: 18.0, dryTo: 40.0)->humidity[40], 1e-9);
        self::assertEqualsWithDelta(150.0, self::place('oven', set: 150.0)->celsius[0], 1e-9);
    }

    public function testAReadingCountsFromTheMomentItExistsAndFades(): void
    {
        $read = Air::of(Temperature::celsius(14.0), RelativeHumidity::percent(60));
        $place = self::place('outdoors', readings: [[self::FROM + 10.5, $read]]);
        self::assertSame(10.0, $place->celsius[9], 'before it the model stands');
        self::assertEqualsWithDelta(14.0, $place->celsius[10], 1e-9);
        self::assertEqualsWithDelta(10.0 + 4.0 * exp(-5.5 / 6.0), $place->celsius[16], 1e-9);
        self::assertEqualsWithDelta(10.0, $place->celsius[70], 0.01);
        $later = Air::of(Temperature::celsius(6.0), RelativeHumidity::percent(90));
        $two = self::place('outdoors', readings: [[self::FROM + 20.0, $later], [self::FROM + 10.0, $read]]);
        self::assertSame(
            [14.0, 14.0, 6.0],
            [$two->celsius[10], $two->celsius[19], $two->celsius[20]],
            'between readings the earlier one holds',
        );
    }

    public function testAPartFollowsTheAirByItsMass(): void
    {
        $place = self::place(
            'outdoors',
            readings: [
                [self::FROM + 5.0, Air::of(Temperature::celsius(20.0), RelativeHumidity::percent(60))],
                [self::FROM + 60.0, Air::of(Temperature::celsius(20.0), RelativeHumidity::percent(60))],
            ],
        );
        $casting = $place->part(new PartWarmth(2.0));
        self::assertEqualsWithDelta(20.0 - 10.0 * exp(-0.5), $casting[5], 1e-9);
        self::assertGreaterThan($casting[6], $place->part(new PartWarmth(0.25))[6]);
    }

    public function testPastItsEndTheLastDayIsTakenAgain(): void
    {
        $hours = [];
        for ($i = 0; $i < 30; ++$i) {
            $hours[] = Weather::of(Air::of(Temperature::celsius((float) $i), RelativeHumidity::percent(50)));
        }
        $forecast = Forecast::of(100, $hours, 'made up');
        self::assertSame(
            [29.0, 6.0, 29.0, 0.0],
            array_map(static fn(int $h): float => $forecast->at($h)->air->temperature->c(), [129, 130, 153, 3]),
        );
        self::assertSame(130, $forecast->end());
        self::assertEqualsWithDelta(
            [0.5, 1.0, 4.0],
            [
                Forecast::spreadOfTemperature(-3.0)->c(),
                Forecast::spreadOfTemperature(24.0)->c(),
                Forecast::spreadOfTemperature(1000.0)->c(),
            ],
            1e-9,
            'half a degree and half a degree a day, four at most',
        );
    }

    public function testTheEdgesOfAForecastOpenFromNowOnAndKeepTheWaterInTheAir(): void
    {
        $hours = array_fill(
            0,
            96,
            Weather::of(
                Air::of(Temperature::celsius(12.0), RelativeHumidity::percent(70)),
                Speed::metresPerSecond(2.0),
                0.2,
            ),
        );
        $forecast = Forecast::of(100, $hours, 'made up');
        $colder = $forecast->edge(-1, 110);
        $warmer = $forecast->edge(1, 110);
        self::assertEqualsWithDelta(
            [12.0, 11.5, 11.0, 9.75],
            array_map(static fn(int $h): float => $colder->at($h)->air->temperature->c(), [109, 110, 134, 194]),
            1e-9,
        );
        self::assertEqualsWithDelta(
            [12.0, 12.5, 13.0],
            array_map(static fn(int $h): float => $warmer->at($h)->air->temperature->c(), [109, 110, 134]),
            1e-9,
        );
        self::assertEqualsWithDelta($hours[0]->air->vapourHpa(), $warmer->at(134)->air->vapourHpa(), 1e-9);
        self::assertGreaterThan($hours[0]->air->humidity->value(), $colder->at(134)->air->humidity->value());
        self::assertSame(
            [2.0, 0.2],
            [$colder->at(134)->wind->mPerS(), $colder->at(134)->rainMm],
            'wind and rain are as forecast',
        );
        self::assertEquals($forecast, $forecast->edge(0, 110));
    }

    /** @param list<array{float, Air}> $readings */
    private static function place(string $kind, float $set = 15.0, array $readings = [], ?float $dryTo = null): PlaceAir
    {
        $weather = Weather::of(
            Air::of(Temperature::celsius(10.0), RelativeHumidity::percent(80)),
            Speed::metresPerSecond(5.0),
            0.5,
        );

        return PlaceAir::of(
            place: Yard::catalogue()->places[$kind],
            set: Air::of(Temperature::celsius($set), RelativeHumidity::percent(50)),
            outside: Forecast::of(self::FROM, array_fill(0, 72, $weather), 'made up'),
            readings: $readings,
            from: self::FROM,
            hours: 72,
            dryTo: null === $dryTo ? null : RelativeHumidity::percent($dryTo),
        );
    }
}
