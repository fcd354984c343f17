<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Climate\Air;
use Hull\Climate\Forecast;
use Hull\Climate\GateReason;
use Hull\Climate\PlaceAir;
use Hull\Climate\Weather;
use Hull\Quantity\Irradiance;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;
use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Airs;
use Hull\Schedule\Constraint\WhyKind;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\Closed;
use Hull\Schedule\Placing\Schedule;
use Hull\Schedule\Search\Scheduler;
use Hull\Tests\Spans;
use Hull\Tests\Yard as Made;
use PHPUnit\Framework\TestCase;

/** Outdoors, what goes by the eye is done while it is light; under a roof there are lamps. */
final class DaylightTest extends TestCase
{
    /** Light from 9 to 16 of each of three days. */
    private const FROM = 9;
    private const TO = 16;

    public function testItIsDarkOutdoorsWhereTheSunIsDownAndNotUnderARoofOrLamps(): void
    {
        $dark = self::air('outdoors')->dark;
        self::assertSame([true, false, false, true], [$dark[8], $dark[9], $dark[15], $dark[16]]);
        self::assertNotContains(true, self::air('unheated-shed')->dark);
        self::assertNotContains(true, self::air('floodlit')->dark);
        self::assertNull((new Airs(['yard' => self::air('tent')]))->daylight('yard'));
        $light = (new Airs(['yard' => self::air('outdoors')]))->daylight('yard') ?? self::fail('it is never dark');
        self::assertEquals(Spans::of([9.0, 16.0], [33.0, 40.0], [57.0, 64.0]), $light->spans);
    }

    public function testWhereNobodySaysWhenTheSunShinesItIsNeverDark(): void
    {
        self::assertNotContains(true, self::air('outdoors', sunny: false)->dark);
        $later = PlaceAir::of(Made::catalogue()->places['outdoors'], self::mild(), self::weather(true), [], -6, 30);
        self::assertSame([false, true], [$later->dark[5], $later->dark[6]], 'before the first hour nobody says');
    }

    public function testPaintWaitsForTheLightAndSaysSo(): void
    {
        $coat = self::work('coat', 2.0, true);
        $plan = self::plan([self::work('first', 7.5, false), $coat]);
        self::assertSame([33.0, WhyKind::Dark], [$plan->placed['coat']->start, $plan->placed['coat']->why->kind]);
        self::assertSame('when it is light outdoors', (string) $plan->placed['coat']->why->words());
        $soon = self::plan([self::work('first', 5.0, false), $coat]);
        self::assertSame(13.0, $soon->placed['coat']->start);
    }

    public function testWhatMayStopGoesOnInTheMorning(): void
    {
        $plan = self::plan([self::work('sand', 10.0, true, whole: false)]);
        self::assertSame([9.0, 36.0], [$plan->placed['sand']->start, $plan->placed['sand']->end]);
    }

    public function testWhatTakesLongerThanADayIsLightFindsNoHour(): void
    {
        $long = self::work('hull', 8.0, true);
        $plan = self::plan([$long]);
        self::assertStringContainsString(
            'the longest stretch of working hours is 7.0 h',
            (string) ($plan->unplaced['hull'] ?? ''),
        );
        $closed = Closed::of($plan->yard, $long) ?? self::fail('it is dark in some of the hours');
        self::assertSame([GateReason::Dark], $closed->reasons);
        self::assertSame('in 22 % of the working hours it is dark outdoors', (string) $closed->words());
    }

    private static function work(string $id, float $hours, bool $byEye, bool $whole = true): Activity
    {
        return new Activity(
            $id,
            'part',
            $id,
            $hours,
            'yard',
            $whole,
            light: $byEye ? (new Airs(['yard' => self::air('outdoors')]))->daylight('yard') : null,
        );
    }

    /** @param list<Activity> $work */
    private static function plan(array $work): Schedule
    {
        $person = Person::of('one', Spans::of([8.0, 17.0], [32.0, 41.0], [56.0, 65.0]));

        return (new Scheduler(1))->plan(new Yard(8.0, 72.0, $work, [$person]));
    }

    private static function air(string $kind, bool $sunny = true): PlaceAir
    {
        return PlaceAir::of(Made::catalogue()->places[$kind], self::mild(), self::weather($sunny), [], 0, 72);
    }

    private static function mild(): Air
    {
        return Air::of(Temperature::celsius(15.0), RelativeHumidity::percent(50));
    }

    private static function weather(bool $sunny): Forecast
    {
        $hours = [];
        for ($h = 0; $h < 72; ++$h) {
            $up = $sunny && $h % 24 >= self::FROM && $h % 24 < self::TO;
            $hours[] = Weather::of(self::mild(), sun: Irradiance::wattsPerM2($up ? 80.0 : 0.0));
        }

        return Forecast::of(0, $hours, 'made up');
    }
}
