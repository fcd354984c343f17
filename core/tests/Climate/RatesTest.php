<?php

declare(strict_types=1);

namespace Hull\Tests\Climate;

use Hull\Climate\Air;
use Hull\Climate\Drying;
use Hull\Climate\Dwell;
use Hull\Climate\Forecast;
use Hull\Climate\PartWarmth;
use Hull\Climate\PlaceAir;
use Hull\Climate\Weather;
use Hull\Cure\CureClock;
use Hull\Cure\CureKind;
use Hull\Cure\CureRows;
use Hull\Cure\Rates;
use Hull\Quantity\Irradiance;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the air drives, by the hour, is what the formulas say for each hour. */
final class RatesTest extends TestCase
{
    /** @return iterable<string, array{CureKind}> */
    public static function kinds(): iterable
    {
        foreach (Yard::catalogue()->figures->cures as $kind) {
            yield $kind->id => [$kind];
        }
    }

    #[DataProvider('kinds')]
    public function testACureLineIsTheClockReadOffInAdvance(CureKind $kind): void
    {
        $place = self::place();
        $rows = CureRows::of([5 => 72, 10 => 48, 20 => 24, 30 => 12]);
        $line = Rates::cure($place, $rows, $kind);
        $series = $place->series();
        for ($i = 0; $i < 40; ++$i) {
            $laid = 0.37 + 5.3 * $i;
            $clock = CureClock::start($rows, $kind)->reachedAt($series, $laid);
            if (null !== $clock && $clock < 24.0 * 14) {
                self::assertEqualsWithDelta($clock, (float) $line->reachedAt($laid), 1e-6);
            }
        }
    }

    public function testDryingAndDwellInSteadyAirAreTheirFormulas(): void
    {
        $air = Air::of(Temperature::celsius(12.0), RelativeHumidity::percent(70));
        $place = PlaceAir::of(
            Yard::catalogue()->places['outdoors'],
            $air,
            Forecast::of(0, array_fill(0, 200, Weather::of($air)), 'made up'),
            [],
            0,
            200,
        );
        $drying = Drying::of(Yard::table('drying'));
        foreach (Yard::table('drying')->ids() as $exposure) {
            self::assertEqualsWithDelta(
                $drying->time($exposure, $air)->h(),
                (float) Rates::drying($place)->reachedAt(0.0, $drying->base($exposure)),
                1e-6,
                $exposure,
            );
        }
        self::assertEqualsWithDelta(
            4.0 * Dwell::factor($air->temperature),
            (float) Rates::dwell($place)->reachedAt(0.0, 4.0),
            1e-9,
        );
    }

    public function testChemistryOnAPartInTheSunWorksThoughTheAirIsTooCold(): void
    {
        $air = Air::of(Temperature::celsius(2.0), RelativeHumidity::percent(60));
        $sunny = Weather::of($air, sun: Irradiance::wattsPerM2(400.0));
        $place = PlaceAir::of(
            Yard::catalogue()->places['outdoors'],
            $air,
            Forecast::of(0, array_fill(0, 48, $sunny), 'made up'),
            [],
            0,
            48,
        );
        self::assertNull(Rates::dwell($place, 10.0)->reachedAt(0.0, 1.0), 'in the air it stands still');
        $warmth = new PartWarmth(0.0, 0.6);
        $c = 2.0 + 0.6 * PartWarmth::gain(400.0, 0.0);
        self::assertEqualsWithDelta(
            Dwell::factor(Temperature::celsius($c)),
            (float) Rates::dwell($place, 10.0, $warmth)->reachedAt(0.0, 1.0),
            1e-6,
        );
    }

    public function testInSaturatedAirNothingDriesAndInFrostNothingCures(): void
    {
        $air = Air::of(Temperature::celsius(-8.0), RelativeHumidity::percent(100));
        $place = PlaceAir::of(
            Yard::catalogue()->places['outdoors'],
            $air,
            Forecast::of(0, array_fill(0, 48, Weather::of($air)), 'made up'),
            [],
            0,
            48,
        );
        self::assertNull(Rates::drying($place)->reachedAt(0.0, 3.0));
        self::assertNull(
            Rates::cure($place, CureRows::of([10 => 8, 20 => 3]), Yard::cure('amine-epoxy'))->reachedAt(0.0),
        );
    }

    public function testASheetIsReadTheSameByTheHourAndByTheRow(): void
    {
        $rows = CureRows::of([10 => 16, 20 => 8]);
        self::assertEqualsWithDelta(1.0 / 12.06, $rows->perHour(14.0), 0.0001, '12.06 h at 14 C, as worked by hand');
        self::assertSame(0.0, $rows->perHour(4.0), 'more than 5 C outside');
        self::assertEqualsWithDelta(
            2.0 * (float) $rows->hoursAt(Temperature::celsius(17.0))?->h(),
            (float) $rows->times(2.0)->hoursAt(Temperature::celsius(17.0))?->h(),
            1e-9,
        );
    }

    private static function place(): PlaceAir
    {
        $hours = [];
        for ($h = 0; $h < 24 * 14; ++$h) {
            $hours[] = Weather::of(
                Air::of(
                    Temperature::celsius(15.0 + 9.0 * sin(($h / 24) * 2 * \M_PI)),
                    RelativeHumidity::percent(62.0 - 20.0 * sin(($h / 24) * 2 * \M_PI)),
                ),
            );
        }

        return PlaceAir::of(
            Yard::catalogue()->places['outdoors'],
            $hours[0]->air,
            Forecast::of(0, $hours, 'made up'),
            [],
            0,
            count($hours),
        );
    }
}
