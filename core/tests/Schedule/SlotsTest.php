<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Climate\Air;
use Hull\Climate\Forecast;
use Hull\Climate\PlaceAir;
use Hull\Climate\Weather;
use Hull\Quantity\Irradiance;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Speed;
use Hull\Quantity\Temperature;
use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Constraint\RainFree;
use Hull\Schedule\Constraint\Why;
use Hull\Schedule\Constraint\WhyKind;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\Busy;
use Hull\Schedule\Placing\Slots;
use Hull\Tests\Spans;
use Hull\Tests\Yard as Made;
use PHPUnit\Framework\TestCase;

/** Where the next activity has room, and what it waited for. */
final class SlotsTest extends TestCase
{
    public function testSpansAreFoundFromEitherSide(): void
    {
        $busy = new Busy();
        $busy->take(10.0, 12.0, 'b');
        $busy->take(5.0, 6.0, 'a');
        $busy->take(20.0, 21.0, 'c');
        self::assertSame([6.0, 'a'], $busy->over(5.5, 5.6));
        self::assertSame([12.0, 'b'], $busy->over(6.0, 30.0));
        self::assertNull($busy->over(6.0, 10.0), 'one may end when the next begins');
        self::assertNull($busy->over(12.0, 20.0));
        $busy->leave('b');
        self::assertSame([21.0, 'c'], $busy->over(6.0, 30.0));
    }

    public function testGapsThatAreTooShortAreSteppedOver(): void
    {
        // At work from 8 to 12 and from 32 to 36.
        $busy = new Busy(Person::of('one', Spans::of([8.0, 12.0], [32.0, 36.0]))->work);
        $busy->take(8.0, 9.0, 'a');
        $busy->take(9.5, 10.0, 'b');
        $busy->take(11.0, 12.0, 'c');
        $busy->take(32.5, 33.0, 'd');
        self::assertSame(0, $busy->beforeGap(0, 0.5), 'half an hour after the first');
        self::assertSame(1, $busy->beforeGap(0, 0.75));
        self::assertSame(3, $busy->beforeGap(2, 0.75), 'a night is no gap, and half an hour of the morning too little');
        self::assertSame(3, $busy->beforeGap(0, 4.0), 'the last, after which all is free');
        $busy->leave('b');
        self::assertSame(0, $busy->beforeGap(0, 2.0), 'what is taken out leaves a longer one');
        $busy->take(9.0, 10.5, 'e');
        self::assertSame(2, $busy->beforeGap(0, 0.6), 'and what is put in a shorter one: of half an hour');
    }

    public function testWhatMeetsIsTakenInOneGoAndPartedAgain(): void
    {
        $busy = new Busy();
        foreach (['a' => [1.0, 2.0], 'c' => [4.0, 5.0], 'b' => [2.0, 4.0], 'd' => [7.0, 8.0]] as $id => [$from, $to]) {
            $busy->take($from, $to, $id);
        }
        self::assertSame([[1.0, 7.0], [5.0, 8.0], 0], $busy->inOneGoFrom(0.0));
        self::assertSame(1, $busy->inOneGoFrom(5.0)[2], 'what is over by then is past');
        self::assertSame(['b', 'c', null], array_map($busy->overAt(...), [4.0, 5.0, 6.0]));
        $busy->leave('b');
        self::assertSame([[1.0, 4.0, 7.0], [2.0, 5.0, 8.0], 1], $busy->inOneGoFrom(3.0));
        $busy->leave('a');
        $busy->leave('d');
        self::assertSame([[4.0], [5.0], 0], $busy->inOneGoFrom(0.0));
    }

    public function testRainBetweenTwoEveningsIsNoneOnWhatShinesButOnWhatIsKeyedForACoat(): void
    {
        $air = PlaceAir::of(
            Made::catalogue()->places['outdoors'],
            Made::workpiece()->place->air,
            Forecast::of(0, array_map(self::weather(...), range(0, 47)), 'made up'),
            [],
            0,
            48,
        );
        $evenings = [Person::of('one', Spans::of([18.0, 21.0], [42.0, 46.0]))];
        $begun = static function (bool $forCoat) use ($air, $evenings): ?Placement {
            $work = new Activity(
                id: 'a',
                part: 'a',
                name: 'rub',
                whole: false,
                hours: 4.0,
                place: 'quay',
                dry: RainFree::in($air),
                forCoat: $forCoat,
            );

            return (new Slots(new Yard(0.0, 48.0, [$work], $evenings)))->room($work, 0.0, new Why(WhyKind::Nothing));
        };
        $polish = $begun(false);
        self::assertSame([18.0, 43.0], [$polish?->start, $polish?->end], 'it rains at three in the night');
        self::assertSame(42.0, $begun(true)?->start);
    }

    private static function weather(int $hour): Weather
    {
        $air = Air::of(Temperature::celsius(16.0), RelativeHumidity::percent(60.0));

        return Weather::of($air, Speed::metresPerSecond(1.0), 27 === $hour ? 2.0 : 0.0, Irradiance::wattsPerM2(0.0));
    }

    public function testItIsBegunRightAfterAlikeWorkWhereItIsTooLongBeforeSomethingElse(): void
    {
        $slots = new Slots(self::yard(2));
        $take = static fn(string $id, string $who, float $from, float $to, string $share = '') => $slots->take(
            new Activity($id, $id, $id, $to - $from, 'bay', share: $share, shareFor: 4.0),
            new Placement($id, $from, $to, [$who], new Why(WhyKind::Nothing), $to),
        );
        $take('red', 'person 1', 8.0, 10.0, 'red');
        $take('talk', 'person 1', 10.5, 12.0);
        $take('walk', 'person 2', 10.0, 12.0);
        $coat = new Activity('coat', 'p', 'coat', 1.0, 'bay', share: 'red', setupHours: 0.5, shareFor: 4.0);
        $room = self::room($slots, $coat, 9.25);
        self::assertSame(
            [10.0, 10.5, ['person 1'], true],
            [$room->start, $room->end, $room->who, $room->setUp],
            'person 2 has half an hour sooner, in which it is not set up',
        );
        $long = new Activity('long', 'p', 'long', 1.5, 'bay', share: 'red', setupHours: 0.5, shareFor: 4.0);
        self::assertSame(13.0, self::room($slots, $long, 9.25)->start);
    }

    public function testQuietHoursAreBlamedWhereThereAreSome(): void
    {
        $loud = new Activity('loud', 'p', 'loud', 1.0, 'bay', noisy: true);
        $why = static function (float $until) use ($loud): array {
            $person = Person::of('one', Spans::of([8.0, 12.0]), Spans::of([0.0, $until]));
            $room = self::room(new Slots(new Yard(6.0, 48.0, [$loud], [$person])), $loud, 6.0);

            return [$room->start, $room->why->kind];
        };
        self::assertSame([8.0, WhyKind::Hours], $why(7.0), 'nobody is there in them');
        self::assertSame([9.0, WhyKind::Quiet], $why(9.0));
    }

    public function testWhatTheRecordHasAtOneTimeMayOverlap(): void
    {
        $slots = new Slots(self::yard(1));
        foreach (['long' => [8.0, 11.0], 'short' => [9.0, 10.0]] as $id => [$from, $to]) {
            $running = new Activity($id, $id, $id, $to - $from, 'bay');
            $slots->take($running, new Placement($id, $from, $to, ['person 1'], new Why(WhyKind::Running), $to));
        }
        $next = self::room($slots, new Activity('next', 'q', 'next', 1.0, 'bay'), 8.0);
        self::assertSame([11.0, WhyKind::Person, 'long'], [$next->start, $next->why->kind, $next->why->other]);
    }

    public function testWhatIsWholeFitsIntoOneStretchAndSaysWhoIsBusy(): void
    {
        $slots = new Slots(($yard = self::yard(1)));
        $two = new Activity('two', 'p', 'two', 2.0, 'bay');
        $first = self::room($slots, $two, 8.0);
        self::assertSame([8.0, 10.0, WhyKind::Nothing], [$first->start, $first->end, $first->why->kind]);
        $slots->take($two, $first);
        $next = self::room($slots, new Activity('next', 'q', 'next', 3.0, 'bay'), 8.0);
        self::assertSame(
            [13.0, WhyKind::Hours],
            [$next->start, $next->why->kind],
            'two hours are left before noon, three are asked',
        );
        $short = self::room($slots, new Activity('short', 'q', 'short', 1.0, 'bay'), 8.0);
        self::assertSame([10.0, WhyKind::Person, 'two'], [$short->start, $short->why->kind, $short->why->other]);
        self::assertNull(
            $slots->room(new Activity('long', 'q', 'long', 5.0, 'bay'), 8.0, new Why(WhyKind::Nothing)),
            'no stretch is so long',
        );
        self::assertSame(240.0, $yard->end);
    }

    public function testWhatIsLaidBareIsDoneInOneDayWhereADayIsLongEnough(): void
    {
        $from = static fn(float $hours, bool $bares): float => self::room(
            new Slots(self::yard(1)),
            new Activity('a', 'p', 'a', $hours, 'bay', whole: false, bares: $bares),
            11.0,
        )->start;
        self::assertSame(11.0, $from(3.0, true), 'noon is no night');
        self::assertSame(11.0, $from(6.5, false));
        self::assertSame(32.0, $from(6.5, true), 'not begun for the evening to rust');
        self::assertSame(11.0, $from(20.0, true), 'what no day is long enough for has to lie');
    }

    public function testWhatIsSplitGoesOnAfterNoonAndOvernight(): void
    {
        $slots = new Slots(self::yard(1));
        $placed = self::room($slots, new Activity('a', 'p', 'a', 9.0, 'bay', whole: false), 8.0);
        self::assertSame([8.0, 33.0], [$placed->start, $placed->end], '4 + 4 hours, then one in the morning');
        $slots->take(new Activity('a', 'p', 'a', 9.0, 'bay', whole: false), $placed);
        self::assertSame(
            33.0,
            self::room($slots, new Activity('b', 'q', 'b', 0.5, 'bay'), 8.0)->start,
            'nobody turns to something else in between',
        );
        $late = self::room(new Slots(self::yard(1)), new Activity('c', 'q', 'c', 2.0, 'bay', whole: false), 11.9);
        self::assertSame(13.0, $late->start, 'six minutes are not worth setting up for');
    }

    public function testTwoAreThereTogetherOrNotAtAll(): void
    {
        $slots = new Slots(self::yard(2));
        $alone = new Activity('alone', 'p', 'alone', 1.0, 'bay');
        $slots->take($alone, new Placement('alone', 8.0, 9.0, ['person 2'], new Why(WhyKind::Nothing), 9.0));
        $lift = new Activity('lift', 'q', 'lift', 1.0, 'bay', people: 2);
        $placed = self::room($slots, $lift, 8.0);
        self::assertSame([9.0, 2], [$placed->start, count($placed->who)]);
        self::assertNull((new Slots(self::yard(1)))->room($lift, 8.0, new Why(WhyKind::Nothing)));
    }

    public function testNoiseKeepsOutOfQuietHours(): void
    {
        $grind = new Activity('g', 'p', 'g', 1.0, 'bay', noisy: true);
        self::assertSame(
            [9.0, WhyKind::Quiet],
            [
                self::room(new Slots(self::yard(1)), $grind, 8.0)->start,
                self::room(new Slots(self::yard(1)), $grind, 8.0)->why->kind,
            ],
        );
    }

    public function testAlikeWorkSoonAfterIsSetUpAlready(): void
    {
        $slots = new Slots(self::yard(1));
        $coat = static fn(string $id): Activity => new Activity(
            $id,
            $id,
            $id,
            1.0,
            'bay',
            share: 'paint',
            setupHours: 0.25,
            shareFor: 1.5,
        );
        $first = self::room($slots, $coat('a'), 8.0);
        self::assertFalse($first->setUp);
        $slots->take($coat('a'), $first);
        $second = self::room($slots, $coat('b'), 8.0);
        self::assertSame([9.0, 9.75, true], [$second->start, $second->end, $second->setUp]);
        $slots->take($coat('b'), $second);
        self::assertFalse(self::room($slots, $coat('c'), 11.0)->setUp, 'by then the pot is off');
    }

    public function testGearIsTakenOneByOneAndPreferredPeopleWhereItIsAllTheSame(): void
    {
        $slots = new Slots(self::yard(2));
        $spray = static fn(string $id): Activity => new Activity($id, $id, $id, 1.0, $id, gear: ['gun']);
        $slots->take($spray('a'), self::room($slots, $spray('a'), 8.0));
        $second = self::room($slots, $spray('b'), 8.0);
        self::assertSame(
            [9.0, WhyKind::Gear, 'gun', 'a'],
            [$second->start, $second->why->kind, $second->why->what, $second->why->other],
        );
        self::assertSame(
            ['person 2'],
            $slots->room(new Activity('x', 'x', 'x', 1.0, 'bay'), 10.0, new Why(WhyKind::Nothing), 0.0, ['person 2'])
                ->who ?? [],
        );
    }

    private static function room(Slots $slots, Activity $activity, float $from): Placement
    {
        return $slots->room($activity, $from, new Why(WhyKind::Nothing)) ?? self::fail('no room for ' . $activity->id);
    }

    private static function yard(int $people): Yard
    {
        $work = [];
        for ($d = 0; $d < 10; ++$d) {
            $day = [[24.0 * $d + 8.0, 24.0 * $d + 12.0], [24.0 * $d + 13.0, 24.0 * $d + 17.0]];
            $work = [...$work, ...Spans::of(...$day)];
        }

        return new Yard(
            8.0,
            240.0,
            [],
            array_map(
                static fn(int $n): Person => Person::of('person ' . $n, $work, Spans::of([0.0, 9.0])),
                range(1, $people),
            ),
        );
    }
}
