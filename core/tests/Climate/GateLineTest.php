<?php

declare(strict_types=1);

namespace Hull\Tests\Climate;

use Hull\Climate\Air;
use Hull\Climate\Forecast;
use Hull\Climate\GateLine;
use Hull\Climate\GateReason;
use Hull\Climate\Limits;
use Hull\Climate\PartWarmth;
use Hull\Climate\PlaceAir;
use Hull\Climate\Weather;
use Hull\Quantity\Irradiance;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Speed;
use Hull\Quantity\Temperature;
use Hull\Tests\Yard;
use PHPUnit\Framework\TestCase;

final class GateLineTest extends TestCase
{
    public function testDewRainWindAndTheSheetCloseItEachByItsName(): void
    {
        $gate = self::gate([
            1 => [18.0, 95.0],
            2 => [18.0, 70.0, 0.0, 0.4],
            3 => [18.0, 60.0, 5.0],
            4 => [6.0, 50.0],
            5 => [40.0, 30.0],
            6 => [18.0, 83.0],
        ]);
        self::assertSame(
            [
                null,
                GateReason::Dew,
                GateReason::Rain,
                GateReason::Wind,
                GateReason::Cold,
                GateReason::Hot,
                GateReason::Dew,
                null,
            ],
            array_map($gate->reasonAt(...), [0.5, 1.0, 2.9, 3.0, 4.0, 5.0, 6.0, 7.0]),
        );
        self::assertNull(
            self::gate([3 => [18.0, 60.0, 5.0]], sprayed: false)->reasonAt(3.0),
            'a brush does not mind the wind',
        );
    }

    public function testACoatMustBeDryBeforeTheDew(): void
    {
        $gate = self::gate([9 => [18.0, 95.0], 10 => [18.0, 95.0]]);
        self::assertNull($gate->against(4.0, 6.0, 8.9, 8.9));
        self::assertSame(
            [GateReason::DewSoon, 10.0],
            $gate->against(4.0, 6.0, 9.4, 9.4),
            'still wet when the dew comes',
        );
        self::assertSame([GateReason::Dew, 10.0], $gate->against(8.0, 9.5, 12.0, 12.0));
        self::assertNull($gate->against(11.0, 12.0, 15.0, 15.0));
        self::assertSame(
            [GateReason::DewSoon, 10.0],
            $gate->against(4.0, 6.0, null, null),
            'a film that never dries meets every dew',
        );
        self::assertNull(
            self::gate([3 => [5.0, 40.0]])->against(0.0, 2.0, 8.0, 8.0),
            'cold later is no harm once it is on',
        );
    }

    public function testWhatIsWorkedWetMindsNoRain(): void
    {
        $gate = self::gate([9 => [18.0, 60.0, 0.0, 2.0]], weather: false);
        self::assertNull($gate->against(9.25, 9.5, 9.25, 9.25), 'nothing is left that has to bear it');
        self::assertSame([GateReason::RainSoon, 10.0], $gate->against(8.0, 8.5, 8.5, 9.4));
    }

    public function testACastingSweatsWhereAThinSheetIsDry(): void
    {
        $hours = array_fill(0, 6, [2.0, 80.0]);
        $warm = [...$hours, ...array_fill(6, 6, [12.0, 70.0])];
        self::assertSame(GateReason::Dew, self::gate($warm, tau: 2.0, least: 0.0)->reasonAt(6.0));
        self::assertNull(self::gate($warm, tau: 0.25, least: 0.0)->reasonAt(8.0));
    }

    public function testADarkPartIsTooHotInTheSunWhereALightOneIsNot(): void
    {
        $noon = [12 => [26.0, 50.0, 2.0, 0.0, 800.0]];
        self::assertSame(GateReason::Hot, self::gate($noon, absorbs: 0.9)->reasonAt(12.0), '26 + 0.9 x 800 / 20');
        self::assertNull(self::gate($noon, absorbs: 0.2)->reasonAt(12.0), '26 + 8');
        self::assertSame(8.0, round(self::gate($noon, absorbs: 0.2)->margins[12] - self::gate($noon)->margins[12], 6));
        self::assertNull(self::gate($noon, absorbs: 0.9)->reasonAt(13.0), 'a sheet cools as the sun goes');
    }

    /** @param array<int, array{0: float, 1: float, 2?: float, 3?: float, 4?: float}> $unlike C, %, m/s, mm, W */
    private static function gate(
        array $unlike,
        bool $sprayed = true,
        float $tau = 0.0,
        float $least = 10.0,
        float $absorbs = 0.0,
        bool $weather = true,
    ): GateLine {
        $hours = [];
        for ($i = 0; $i < 24; ++$i) {
            [$c, $rh, $wind, $rain, $sun] = ($unlike[$i] ?? [18.0, 60.0]) + [18.0, 60.0, 0.0, 0.0, 0.0];
            $hours[] = Weather::of(
                Air::of(Temperature::celsius($c), RelativeHumidity::percent($rh)),
                Speed::metresPerSecond($wind),
                $rain,
                Irradiance::wattsPerM2($sun),
            );
        }
        $air = PlaceAir::of(
            Yard::catalogue()->places['outdoors'],
            $hours[0]->air,
            Forecast::of(0, $hours, 'made up'),
            [],
            0,
            24,
        );

        $limits = Limits::of(
            Temperature::celsius($least),
            Temperature::celsius(35.0),
            RelativeHumidity::percent(0),
            RelativeHumidity::percent(80),
        );

        return GateLine::of(
            $air,
            $weather ? $limits : $limits->withoutWeather(),
            new PartWarmth($tau, $absorbs),
            $sprayed,
        );
    }
}
