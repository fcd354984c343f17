<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Climate\Air;
use Hull\Climate\Forecast;
use Hull\Climate\GateLine;
use Hull\Climate\Limits;
use Hull\Climate\PartWarmth;
use Hull\Climate\PlaceAir;
use Hull\Climate\Weather;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\LagTime;
use Hull\Schedule\Constraint\WetFilm;
use Hull\Schedule\Constraint\Window;
use Hull\Schedule\Placing\Floor;
use Hull\Tests\Yard as Catalogue;
use PHPUnit\Framework\TestCase;

/** What may stand beside what in one place. */
final class FloorTest extends TestCase
{
    public function testDustAndWetFilmsKeepApartUntilTheFilmIsDry(): void
    {
        $floor = new Floor(null);
        $coat = self::coat('c');
        $sand = self::sand('s');
        $floor->take($coat, 10.0, 11.0, 14.0);
        self::assertSame([14.0, 'c', 'no dust beside what is wiped or wet'], $floor->against($sand, 12.0, 13.0, 13.0));
        self::assertSame([14.0, 'c', 'no dust beside what is wiped or wet'], $floor->against($sand, 9.5, 10.5, 10.5));
        self::assertNull($floor->against($sand, 14.0, 15.0, 15.0));
        self::assertNull($floor->against($sand, 8.0, 10.0, 10.0));
        $floor->leave('c');
        self::assertNull($floor->against($sand, 12.0, 13.0, 13.0));
        $floor->take($sand, 12.0, 13.0, 13.0);
        self::assertSame(
            [13.0, 's', 'nothing wiped or wet beside dust'],
            $floor->against($coat, 10.0, 11.0, 14.0),
            'it would still be wet when the dust comes',
        );
    }

    public function testOneWetJobAtATimeButFilmsMayDrySideBySide(): void
    {
        $floor = new Floor(null);
        $floor->take(self::coat('c'), 10.0, 11.0, 20.0);
        self::assertSame([11.0, 'c', 'one wet job at a time'], $floor->against(self::coat('d'), 10.5, 12.0, 22.0));
        self::assertNull($floor->against(self::coat('d'), 11.0, 12.0, 22.0));
    }

    public function testTheFloorHoldsNoMoreThanItHolds(): void
    {
        $floor = new Floor(5.0);
        $floor->take(self::plain('a', 3.0), 10.0, 12.0, 12.0);
        self::assertNull($floor->against(self::plain('b', 2.0), 10.0, 11.0, 11.0));
        self::assertSame([12.0, 'a', 'no floor left'], $floor->against(self::plain('b', 2.5), 11.0, 13.0, 13.0));
        self::assertNull($floor->against(self::plain('b', 2.5), 12.0, 13.0, 13.0));
        $floor->take(self::plain('b', 2.0), 10.0, 10.5, 10.5);
        self::assertSame(
            [10.5, 'b', 'no floor left'],
            $floor->against(self::plain('c', 1.0), 10.0, 13.0, 13.0),
            'the first to make room',
        );
    }

    public function testACoatThatIsAbradedForFirstRaisesDustUntilThat(): void
    {
        $late = static fn(bool $abrades): Activity => self::coat('late', [
            new Window('p/below', LagTime::hours(8.0), 'the window', true, 0.75, abrades: $abrades),
        ]);
        $floor = new Floor(null);
        $floor->take(self::coat('c'), 10.0, 11.0, 14.0);
        self::assertSame(
            [14.0, 'c', 'no dust beside what is wiped or wet'],
            $floor->against($late(true), 11.5, 13.0, 16.0, 0.75),
        );
        self::assertNull($floor->against($late(true), 11.5, 13.0, 16.0, 0.25), 'wiped again is not abraded');
        self::assertNull($floor->against($late(true), 11.5, 13.0, 16.0));
        self::assertNull($floor->against($late(false), 11.5, 13.0, 16.0, 0.75));
        $recorded = self::coat('late', [], 12.0);
        self::assertSame(14.0, $floor->against($recorded, 11.5, 13.0, 16.0, 0.5)[0] ?? null, 'the record opened it');
        $floor->leave('c');
        $floor->take($late(true), 11.5, 13.0, 16.0, 0.75);
        $wet = self::coat('d');
        self::assertSame(
            [12.25, 'late', 'nothing wiped or wet beside dust'],
            $floor->against($wet, 11.0, 11.25, 14.0),
            'it would be wet when that is abraded',
        );
        self::assertSame([13.0, 'late', 'one wet job at a time'], $floor->against($wet, 12.25, 12.5, 15.0));
    }

    public function testWhatIsWipedOnItsOwnPartMayBeAbradedAfterAll(): void
    {
        $floor = new Floor(null);
        $floor->take(new Activity('p/wipe', 'p', 'wipe', 0.5, 'bay', opens: true), 10.0, 10.5, 10.5);
        $late = self::coat('late', [
            new Window('p/below', LagTime::hours(8.0), 'the window', true, 0.75, abrades: true),
        ]);
        self::assertNotNull($floor->against($late, 10.75, 12.0, 15.0, 0.75), 'beside another');
        $floor->leave('p/wipe');
        $floor->take(new Activity('late/wipe', 'late', 'wipe', 0.5, 'bay', opens: true), 10.0, 10.5, 10.5);
        self::assertNull($floor->against($late, 10.75, 12.0, 15.0, 0.75));
    }

    public function testAnOilFilmMindsNoDust(): void
    {
        $floor = new Floor(null);
        $oil = self::coat('o', [], null, false);
        $floor->take($oil, 10.0, 11.0, 90.0);
        self::assertNull($floor->against(self::sand('s'), 10.5, 12.0, 12.0));
        $floor->take(self::sand('s'), 10.5, 12.0, 12.0);
        self::assertNull($floor->against(self::coat('p', [], null, false), 10.0, 11.0, 90.0));
        self::assertNotNull($floor->against(self::coat('c'), 10.0, 11.0, 14.0));
    }

    public function testOverMidnightAndOverDays(): void
    {
        $floor = new Floor(null);
        $floor->take(self::coat('c'), 22.0, 23.0, 75.0);
        foreach ([23.5, 30.0, 60.0, 74.9] as $start) {
            self::assertSame(75.0, $floor->against(self::sand('s'), $start, $start + 0.5, $start + 0.5)[0] ?? null);
        }
    }

    private static function plain(string $id, float $m2): Activity
    {
        return new Activity($id, $id, $id, 1.0, 'bay', floorM2: $m2);
    }

    private static function sand(string $id): Activity
    {
        return new Activity($id, $id, $id, 1.0, 'bay', dusty: true);
    }

    /** @param list<Window> $windows */
    private static function coat(
        string $id,
        array $windows = [],
        ?float $notAfter = null,
        bool $mindsDust = true,
    ): Activity {
        $air = PlaceAir::of(
            Catalogue::catalogue()->places['heated-bay'],
            Air::of(Temperature::celsius(18.0), RelativeHumidity::percent(50)),
            Forecast::of(
                0,
                [Weather::of(Air::of(Temperature::celsius(15.0), RelativeHumidity::percent(50)))],
                'made up',
            ),
            [],
            0,
            24,
        );

        return new Activity(
            $id,
            $id,
            $id,
            1.0,
            'bay',
            wet: new WetFilm(
                GateLine::of(
                    $air,
                    Limits::of(
                        Temperature::celsius(5.0),
                        Temperature::celsius(35.0),
                        RelativeHumidity::percent(0),
                        RelativeHumidity::percent(90),
                    ),
                    new PartWarmth(),
                    false,
                ),
                LagTime::hours(3.0),
                mindsDust: $mindsDust,
            ),
            windows: $windows,
            notAfter: $notAfter,
            lateHours: 0.5,
        );
    }
}
