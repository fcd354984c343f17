<?php

declare(strict_types=1);

namespace Hull\Tests\Cure;

use Hull\Climate\Air;
use Hull\Climate\ClimateSeries;
use Hull\Cure\CureClock;
use Hull\Cure\CureFactor;
use Hull\Cure\CureRows;
use Hull\Cure\Zone;
use Hull\Cure\ZoneWindow;
use Hull\Quantity\Duration;
use Hull\Quantity\FilmThickness;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;
use Hull\Tests\Yard;
use PHPUnit\Framework\TestCase;

final class CureTest extends TestCase
{
    public function testTheRowsAreHitExactlyAndBetweenThemItFalls(): void
    {
        $rows = CureRows::of([30 => 12, 5 => 72, 20 => 24, 10 => 48]);
        foreach ([5 => 72.0, 10 => 48.0, 20 => 24.0, 30 => 12.0] as $celsius => $hours) {
            self::assertEqualsWithDelta($hours, $rows->hoursAt(Temperature::celsius($celsius))?->h(), 1e-9);
        }
        $last = \INF;
        for ($c = 0.0; $c <= 30.0; $c += 0.5) {
            $now = $rows->hoursAt(Temperature::celsius($c))?->h();
            self::assertNotNull($now);
            self::assertLessThan($last, $now);
            $last = $now;
        }
    }

    public function testFiveDegreesBelowIsTheEndAndHeatNeverSlowsACure(): void
    {
        $rows = CureRows::of([10 => 8, 20 => 3]);
        self::assertNotNull($rows->hoursAt(Temperature::celsius(5)));
        self::assertNull($rows->hoursAt(Temperature::celsius(4.9)));
        self::assertSame(3.0, $rows->hoursAt(Temperature::celsius(45))?->h(), 'held at the hottest row');
        self::assertEqualsWithDelta(
            3.0 ** 2 / 8.0,
            CureRows::of([10 => 8, 20 => 3], true)
                ->hoursAt(Temperature::celsius(30.73))
                ?->h(),
            0.01,
            'a window goes on closing sooner',
        );
        $one = CureRows::of([20 => 4], true);
        self::assertEqualsWithDelta(
            4.0 * 2.0 ** 0.5,
            $one->hoursAt(Temperature::celsius(15))?->h(),
            1e-9,
            'one row doubles by ten degrees',
        );
        self::assertEqualsWithDelta(2.0, $one->hoursAt(Temperature::celsius(30))?->h(), 1e-9);
        self::assertTrue($rows->isOutsideRows(Temperature::celsius(9)));
        self::assertFalse($rows->isOutsideRows(Temperature::celsius(10)));
    }

    public function testASheetNeedsRowsWithTimes(): void
    {
        foreach ([[], [20 => 0], [20 => -3], [10 => 3, 20 => 4], ['20' => 3, '20.0' => 3], ['warm' => 3]] as $rows) {
            try {
                CureRows::of($rows);
                self::fail('It was read.');
            } catch (InvalidQuantity $e) {
                self::assertNotSame('', $e->accepted);
            }
        }
    }

    public function testAClockThroughAClimateReadsAsTheSameClockStepByStep(): void
    {
        $rows = CureRows::of([10 => 8, 20 => 3, 30 => 1.5]);
        $series = ClimateSeries::of([[0.0, $this->air(20)], [2.0, $this->air(12)], [5.0, $this->air(25)]]);
        $byHand = CureClock::start($rows)
            ->run(Duration::hours(1.0), $this->air(20))
            ->run(Duration::hours(1.5), $this->air(12));
        $left = $byHand->remainingIn($this->air(12));
        self::assertNotNull($left);
        self::assertEqualsWithDelta(
            3.5 + $left->h(),
            (float) CureClock::start($rows)->reachedAt($series, 1.0),
            $left->h() > 1.5 ? 2.0 : 1e-9,
        );
        $reached = (float) CureClock::start($rows)->reachedAt($series, 1.0);
        $clock = CureClock::start($rows);
        foreach ($series->stretches(1.0) as $index => [$hours, $air]) {
            $span = min($hours, $reached - (0 === $index ? 1.0 : ($index > 1 ? 5.0 : 2.0)));
            $clock = $span > 0.0 ? $clock->run(Duration::hours($span), $air) : $clock;
        }
        self::assertEqualsWithDelta(1.0, $clock->reading, 1e-9);
    }

    public function testAClockStandsStillInTheColdAndGoesOnAfterwards(): void
    {
        $rows = CureRows::of([10 => 8, 20 => 3]);
        $series = ClimateSeries::of([[0.0, $this->air(20)], [1.0, $this->air(0)], [11.0, $this->air(20)]]);
        self::assertEqualsWithDelta(13.0, (float) CureClock::start($rows)->reachedAt($series, 0.0), 1e-9);
        self::assertNull(CureClock::start($rows)->reachedAt(ClimateSeries::constant($this->air(0)), 0.0));
        self::assertNull(CureClock::start($rows)->remainingIn($this->air(0)));
    }

    public function testThickFilmsAreSlowerThinOnesNotFaster(): void
    {
        $sheet = FilmThickness::micrometres(50);
        self::assertSame(4.0, CureFactor::thickness(FilmThickness::micrometres(100), $sheet));
        self::assertSame(1.0, CureFactor::thickness(FilmThickness::micrometres(30), $sheet));
        $slow = CureClock::start(CureRows::of([20 => 3]), null, 4.0)->remainingIn($this->air(20));
        self::assertEqualsWithDelta(12.0, $slow?->h(), 1e-9);
    }

    public function testHumidityHelpsOneFilmAndHindersAnother(): void
    {
        self::assertLessThan(1.0, Yard::cure('moisture-cure')->humidity($this->air(25, 70)));
        self::assertGreaterThan(1.0, Yard::cure('moisture-cure')->humidity($this->air(5, 50)));
        self::assertNull(Yard::cure('moisture-cure')->humidity($this->air(20, 29)));
        self::assertNull(Yard::cure('water-borne')->humidity($this->air(20, 90)));
        self::assertGreaterThan(
            Yard::cure('water-borne')->humidity($this->air(20, 60)),
            Yard::cure('water-borne')->humidity($this->air(20, 80)),
        );
        self::assertSame(1.0, Yard::cure('solvent')->humidity($this->air(20, 95)));
        self::assertTrue(Yard::cure('amine-epoxy')->blushes($this->air(9, 50)));
        self::assertTrue(Yard::cure('amine-epoxy')->blushes($this->air(20, 86)));
        self::assertFalse(Yard::cure('amine-epoxy')->blushes($this->air(20, 50)));
        self::assertFalse(Yard::cure('solvent')->blushes($this->air(5, 90)));
    }

    public function testDampOpensAWindowLaterAndKeepsItOpenNoLonger(): void
    {
        $hours = fn(CureRows $rows, string $kind, float $percent): ?float => CureClock::start($rows, Yard::cure($kind))
            ->remainingIn($this->air(20, $percent))
            ?->h();
        [$opens, $closes] = [CureRows::of([10 => 12, 20 => 6]), CureRows::of([10 => 168, 20 => 100], true)];
        self::assertEqualsWithDelta(12.0, $hours($opens, 'water-borne', 75), 1e-9);
        self::assertEqualsWithDelta(100.0, $hours($closes, 'water-borne', 75), 1e-9);
        self::assertNull($hours($opens, 'water-borne', 90));
        self::assertEqualsWithDelta(100.0, $hours($closes, 'water-borne', 90), 1e-9, 'it goes on closing');
        self::assertLessThan(100.0, $hours($closes, 'moisture-cure', 80), 'what damp speeds it closes sooner');
    }

    public function testTheLaterOfTwoSheets(): void
    {
        $touch = CureRows::of([10 => 8, 20 => 4]);
        $soon = CureRows::of([10 => 4, 20 => 2]);
        $late = CureRows::of([10 => 9, 20 => 5]);
        self::assertSame($touch, $soon->orLater($touch), 'rain does no harm before it is dry');
        self::assertSame($late, $late->orLater($touch));
        self::assertSame($touch, $touch->orLater($touch));
        $hot = CureRows::of([150 => 0.5]);
        self::assertSame($hot, $hot->orLater($touch), 'what never cures there is the later of the two');
    }

    public function testTheZoneWindowIsWhatTryingEveryStartFinds(): void
    {
        $seed = 11;
        $next = static function (float $most) use (&$seed): float {
            $seed = ($seed * 1103515245 + 12345) % 2147483648;

            return round(($most * intdiv($seed, 65536)) / 32768, 1);
        };
        for ($round = 0; $round < 60; ++$round) {
            $min = 1 + $next(3);
            $max = $min + $next(4);
            $zones = [new Zone(0.0, 0.0)];
            for ($i = 0; $i < 4; ++$i) {
                $last = $zones[count($zones) - 1];
                $zones[] = new Zone($last->laid + $next(2), $last->reached + $next(1));
            }
            $window = ZoneWindow::of(Duration::hours($min), Duration::hours($max), $zones);
            for ($tenths = 0; $tenths < 200; ++$tenths) {
                $s = $tenths / 10;
                $fits = true;
                foreach ($zones as $z) {
                    $lag = $s + $z->reached - $z->laid;
                    $fits = $fits && $lag >= $min - 1e-9 && $lag <= $max + 1e-9;
                }
                self::assertSame(
                    $fits,
                    $window->isOpen() && $s >= $window->earliest - 1e-9 && $s <= $window->latest + 1e-9,
                );
            }
            self::assertSame($window->isOpen(), 1 === $window->sections);
        }
    }

    private function air(float $celsius, float $percent = 50): Air
    {
        return Air::of(Temperature::celsius($celsius), RelativeHumidity::percent($percent));
    }
}
