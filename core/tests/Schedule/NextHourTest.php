<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Quantity\Interval;
use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Lag;
use Hull\Schedule\Constraint\LagTime;
use Hull\Schedule\Constraint\Window;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Explaining\NextHour;
use Hull\Schedule\Placing\Placer;
use Hull\Schedule\Placing\Schedule;
use PHPUnit\Framework\TestCase;

/** What can be begun now, and what of it first. */
final class NextHourTest extends TestCase
{
    private const NOW = 8.0;

    public function testWhatIsPlannedForNowIsFirstHoweverMuchTimeTheRestHas(): void
    {
        $schedule = self::oneAfterTheOther('a', 'b', 'c');
        self::assertSame(['a', 'c', 'b'], self::ids($schedule, ['a' => 50.0, 'b' => 9.0, 'c' => 2.0]));
        self::assertSame(
            [true, false, false],
            array_map(static fn(NextHour $n): bool => $n->planned, NextHour::of($schedule, [])),
        );
    }

    public function testOfEqualSlackWhatStandsSoonerIsFirst(): void
    {
        self::assertSame(['c', 'a', 'b'], self::ids(self::oneAfterTheOther('c', 'a', 'b'), ['a' => 3.0, 'b' => 3.0]));
        self::assertSame(['b', 'c', 'a'], self::ids(self::oneAfterTheOther('b', 'c', 'a'), []));
    }

    public function testAQuarterOfAnHourFromNowIsNow(): void
    {
        foreach (['0.0' => true, '0.25' => true, '0.3' => false] as $later => $is) {
            $yard = self::yard([self::work('a', notBefore: self::NOW + (float) $later)]);
            self::assertSame($is ? ['a'] : [], self::ids(self::placed($yard), []), $later . ' h');
        }
    }

    public function testWhatIsDoneInOneGoFitsOrDoesNot(): void
    {
        foreach ([[1.0, true, true], [1.1, true, false], [5.0, false, true]] as [$hours, $whole, $fits]) {
            $schedule = self::placed(self::yard([self::work('a', $hours, $whole)]));
            self::assertSame($fits, NextHour::of($schedule, [])[0]->fits, $hours . ' h');
        }
        $schedule = self::placed(self::yard([self::work('a', 2.0)]));
        self::assertTrue(NextHour::of($schedule, [], 2.0)[0]->fits, 'two hours are given');
    }

    public function testWhatWouldOpenAWindowThatIsMissedIsNotOffered(): void
    {
        $wait = [new Lag('a', LagTime::hours(4.0), 'drying')];
        $late = static fn(float $closes): array => [new Window('a', LagTime::hours($closes), 'its window', false, 1.0)];
        $offered = static fn(float $closes): array => self::ids(
            self::placed(
                self::yard([self::work('a'), self::work('b', part: 'a', lags: $wait, windows: $late($closes))]),
            ),
            [],
        );
        self::assertSame(['a'], $offered(4.5));
        self::assertSame([], $offered(3.0), 'what follows would have to be made good');
    }

    /**
     * @param array<int|string, float> $slack by activity
     *
     * @return list<string>
     */
    private static function ids(Schedule $schedule, array $slack): array
    {
        return array_map(static fn(NextHour $n): string => $n->id, NextHour::of($schedule, $slack));
    }

    /** One person, in whose day they stand in this order; each could be begun now. */
    private static function oneAfterTheOther(string ...$ids): Schedule
    {
        return self::placed(
            self::yard(array_map(static fn(string $id): Activity => self::work($id), array_values($ids))),
        );
    }

    private static function placed(Yard $yard): Schedule
    {
        $placer = new Placer($yard);
        foreach (array_keys($yard->chains) as $part) {
            $placer->add(array_map($yard->activity(...), $yard->chains[$part]));
        }

        return $placer->schedule();
    }

    /**
     * @param list<Lag> $lags
     * @param list<Window> $windows
     */
    private static function work(
        string $id,
        float $hours = 1.0,
        bool $whole = true,
        ?string $part = null,
        array $lags = [],
        array $windows = [],
        float $notBefore = -\INF,
    ): Activity {
        return new Activity(
            id: $id,
            part: $part ?? $id,
            name: $id,
            hours: $hours,
            place: 'bay',
            whole: $whole,
            lags: $lags,
            windows: $windows,
            notBefore: $notBefore,
        );
    }

    /** @param list<Activity> $work */
    private static function yard(array $work): Yard
    {
        $day = static fn(int $d): Interval => new Interval(24.0 * $d + 8.0, 24.0 * $d + 18.0);

        return new Yard(self::NOW, 240.0, $work, [Person::of('Rowan', array_map($day, range(0, 9)))]);
    }
}
