<?php

declare(strict_types=1);

namespace Hull\Tests\Climate;

use Hull\Climate\Air;
use Hull\Climate\ClimateSeries;
use Hull\Climate\Drying;
use Hull\Climate\Forecast;
use Hull\Climate\PartLag;
use Hull\Climate\PartWarmth;
use Hull\Climate\Weather;
use Hull\Quantity\Duration;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\Irradiance;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Speed;
use Hull\Quantity\Temperature;
use Hull\Tests\Yard;
use PHPUnit\Framework\TestCase;

final class ClimateTest extends TestCase
{
    public function testTheDewPointIsWhereTheSameAirIsFull(): void
    {
        foreach ([-5, 5, 15, 30] as $celsius) {
            foreach ([20, 50, 80, 100] as $percent) {
                $air = $this->air($celsius, $percent);
                self::assertEqualsWithDelta($air->vapourHpa(), Air::saturationHpa($air->dewPoint()), 1e-9);
                self::assertLessThanOrEqual($celsius + 1e-9, $air->dewPoint()->c());
            }
        }
    }

    public function testTheMarginFallsWithDampAndRisesWithAWarmerPart(): void
    {
        $last = \INF;
        for ($percent = 10; $percent <= 100; $percent += 5) {
            $margin = $this->air(20, $percent)->dewMargin(Temperature::celsius(20))->c();
            self::assertLessThan($last, $margin);
            $last = $margin;
        }
        self::assertEqualsWithDelta(0.0, $last, 1e-9);
        self::assertLessThan(0.0, $this->air(20, 80)->dewMargin(Temperature::celsius(10))->c());
    }

    public function testHeatingKeepsTheVapourPressureAndTheDewPointAndLowersTheHumidity(): void
    {
        $cold = $this->air(8, 85);
        $warm = $cold->heatedTo(Temperature::celsius(20));
        self::assertEqualsWithDelta($cold->vapourHpa(), $warm->vapourHpa(), 1e-9);
        self::assertEqualsWithDelta($cold->dewPoint()->c(), $warm->dewPoint()->c(), 1e-9);
        self::assertGreaterThan(
            $warm->absoluteHumidity()->gPerM3(),
            $cold->absoluteHumidity()->gPerM3(),
            'the air has grown',
        );
        self::assertLessThan($cold->humidity->value(), $warm->humidity->value());
        self::assertSame(1.0, $this->air(20, 90)->heatedTo(Temperature::celsius(5))->humidity->value());
    }

    private static function drying(): Drying
    {
        return Drying::of(Yard::table('drying'));
    }

    public function testDryingIsSlowerInColdDampAirAndEndsInFullAir(): void
    {
        // A fiftieth of what the air takes at 20 C and 60 %: 0.8 % short of full.
        self::assertEqualsWithDelta(120.0, self::drying()->time('open', $this->air(20, 99))->h(), 1e-6);
        try {
            self::drying()->time('open', $this->air(20, 99.25));
            self::fail('Nothing dries in it.');
        } catch (InvalidQuantity $e) {
            self::assertStringContainsString('nothing dries', $e->getMessage());
        }
        $reference = self::drying()->time('open', $this->air(20, 60));
        self::assertEqualsWithDelta(3.0, $reference->h(), 1e-9);
        self::assertGreaterThan($reference->h(), self::drying()->time('open', $this->air(10, 80))->h());
        self::assertLessThan($reference->h(), self::drying()->time('open', $this->air(25, 40))->h());
        $this->expectException(InvalidQuantity::class);
        self::drying()->time('open', $this->air(20, 100));
    }

    public function testAPartFollowsTheAirAndTheTwoFormulasAgree(): void
    {
        $part = Temperature::celsius(4);
        $air = Temperature::celsius(20);
        $tau = Duration::hours(2.0);
        $after = PartLag::temperature($part, $air, Duration::hours(3), $tau);
        self::assertGreaterThan(4.0, $after->c());
        self::assertLessThan(20.0, $after->c());
        self::assertEqualsWithDelta(3.0, PartLag::timeTo($part, $air, $after, $tau)->h(), 1e-9);
        foreach ([Temperature::celsius(21), Temperature::celsius(3), $air] as $beyond) {
            try {
                PartLag::timeTo($part, $air, $beyond, $tau);
                self::fail('It got there.');
            } catch (InvalidQuantity $e) {
                self::assertStringContainsString('never reaches', $e->getMessage());
            }
        }
    }

    public function testASeriesHoldsEachReadingUntilTheNext(): void
    {
        $series = ClimateSeries::of([[10.0, $this->air(15, 60)], [4.0, $this->air(10, 70)]]);
        self::assertSame(10.0, $series->airAt(0.0)->temperature->c());
        self::assertSame(10.0, $series->airAt(9.9)->temperature->c());
        self::assertSame(15.0, $series->airAt(10.0)->temperature->c());
        $spans = [];
        foreach ($series->stretches(2.0) as [$hours, $air]) {
            $spans[] = [$hours, $air->temperature->c()];
        }
        self::assertSame([[2.0, 10.0], [6.0, 10.0]], array_slice($spans, 0, 2));
        self::assertSame(15.0, $spans[2][1]);
    }

    public function testAirFarOutsideTheFormulaIsRefused(): void
    {
        $this->expectException(InvalidQuantity::class);
        $this->air(-80, 50);
    }

    public function testASeriesSaysWhenRainCameAndWhenItWentAndNothingOfDryHours(): void
    {
        $series = ClimateSeries::of([[0.0, $this->air(15, 60)]], [10, 11, 20]);
        foreach (
            [
                [0.0, 10.0, null, null],
                [0.0, 10.5, 10.0, 10.5],
                [10.25, 10.75, 10.25, 10.75],
                [11.5, 30.0, 11.5, 21.0],
                [12.0, 20.0, null, null],
                [12.0, 20.1, 20.0, 20.1],
                [21.0, 40.0, null, null],
                [20.5, 20.5, null, 20.5],
                [20.6, 20.3, null, 20.3],
            ]
            as [$from, $to, $first, $last]
        ) {
            self::assertSame($first, $series->firstRain($from, $to), "$from $to");
            self::assertSame($last, $series->lastRain($from, $to), "$from $to");
        }
        self::assertNull(ClimateSeries::of([[0.0, $this->air(15, 60)]])->firstRain(0.0, 40.0), 'under a roof');
    }

    public function testAForecastKnowsNoRainAndNoSunBeforeItBegins(): void
    {
        $first = Weather::of($this->air(12, 70), Speed::metresPerSecond(3.0), 2.0, Irradiance::wattsPerM2(500.0));
        $forecast = Forecast::of(100, [$first], 'made up');
        $earlier = $forecast->at(99);
        self::assertSame([12.0, 3.0], [$earlier->air->temperature->c(), $earlier->wind->mPerS()]);
        self::assertSame([0.0, 0.0], [$earlier->rainMm, $earlier->sun->wPerM2()]);
        self::assertSame([2.0, 500.0], [$forecast->at(100)->rainMm, $forecast->at(100)->sun->wPerM2()]);
    }

    public function testDewLiesOnWhatIsColderThanTheDewPointOfItsAir(): void
    {
        $readings = [[0.0, $this->air(2, 80)], [8.0, $this->air(15, 90)], [14.0, $this->air(15, 40)]];
        $series = ClimateSeries::of($readings, []);
        $heavy = new PartWarmth(6.0);
        self::assertNull($series->firstDew($heavy, 0.0, 8.0), 'as cold as its air');
        self::assertSame(8.0, $series->firstDew($heavy, 0.0, 9.0));
        self::assertSame(9.5, $series->firstDew($heavy, 9.5, 20.0));
        self::assertNull($series->firstDew($heavy, 9.5, 9.5));
        self::assertNull($series->firstDew(new PartWarmth(), 0.0, 40.0), 'thin sheet follows at once');
        self::assertNull($series->firstDew($heavy, 40.0, 60.0), 'the air has dried');
    }

    private function air(float $celsius, float $percent): Air
    {
        return Air::of(Temperature::celsius($celsius), RelativeHumidity::percent($percent));
    }
}
