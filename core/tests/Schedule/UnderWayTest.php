<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Begun;
use Hull\Schedule\Reading\UnderWay;
use Hull\Tests\Spans;
use PHPUnit\Framework\TestCase;

/** Who sees through what the record has as begun, and until when. */
final class UnderWayTest extends TestCase
{
    public function testThoseWhoWereThereAreTakenToHaveBegunIt(): void
    {
        $begun = self::begun([self::of('a', 9.0), self::of('b', 9.5), self::of('c', 9.5)], 10.0);
        self::assertSame([['Ines'], ['Pell'], []], array_column($begun, 'who'), 'nobody is at two things');
        self::assertSame([['Odd']], array_column(self::begun([self::of('a', 18.5)], 19.0), 'who'));
        self::assertSame([['Ines']], array_column(self::begun([self::of('a', 6.0)], 7.0), 'who'), 'before hours');
    }

    public function testWhatTakesTwoIsSeenThroughByTwoOrByNobodyKnown(): void
    {
        self::assertSame([['Ines', 'Pell']], array_column(self::begun([self::of('a', 9.0, people: 2)], 10.0), 'who'));
        $both = self::begun([self::of('a', 9.0), self::of('b', 9.0, people: 2)], 10.0);
        self::assertSame([['Ines'], []], array_column($both, 'who'));
        self::assertSame([[]], array_column(self::begun([self::of('a', 9.0, people: 0)], 10.0), 'who'), 'a firm');
        self::assertSame([[]], array_column(self::begun([self::of('a', 9.0, people: 4)], 10.0), 'who'));
    }

    public function testWhatMayStopInTheEveningGoesOnInTheMorning(): void
    {
        $end = static fn(Activity $a, float $now): float => self::begun([$a], $now)[0]->end;
        self::assertEqualsWithDelta(12.0, $end(self::of('a', 9.0, 3.0), 10.0), 1e-9, 'the same day');
        self::assertEqualsWithDelta(14.0, $end(self::of('a', 9.0, 4.0), 10.0), 1e-9, 'over the break');
        self::assertEqualsWithDelta(34.0, $end(self::of('a', 15.0, 4.0), 16.0), 1e-9, 'two hours, and two next day');
        self::assertEqualsWithDelta(34.0, $end(self::of('a', 15.0, 4.0), 20.0), 1e-9, 'seen in the evening');
        self::assertEqualsWithDelta(33.5, $end(self::of('a', 15.0, 3.0), 33.5), 1e-9, 'longer than reckoned: now');
        self::assertEqualsWithDelta(19.0, $end(self::of('a', 15.0, 4.0, whole: true), 16.0), 1e-9, 'in one go');
        self::assertEqualsWithDelta(21.0, $end(self::of('a', 20.0, 1.0, people: 0), 20.5), 1e-9, 'after hours');
        self::assertEqualsWithDelta(115.0, $end(self::of('a', 15.0, 100.0), 16.0), 1e-9, 'nobody knows when');
    }

    public function testWithNobodyItTakesItsHours(): void
    {
        $of = new UnderWay([], 10.0);
        self::assertSame(12.0, $of->in([self::of('a', 9.0, 3.0)])[0]->fixed?->end);
        $plain = new Activity('b', 'b', 'b', 1.0, 'bay');
        self::assertSame([$plain], $of->in([$plain]), 'not begun');
    }

    /**
     * @param list<Activity> $work
     *
     * @return list<Begun>
     */
    private static function begun(array $work, float $now): array
    {
        $days = Spans::of([8.0, 12.0], [13.0, 17.0], [32.0, 36.0], [37.0, 41.0]);
        $people = [
            Person::of('Ines', $days),
            Person::of('Pell', $days),
            Person::of('Odd', Spans::of([18.0, 22.0], [42.0, 46.0])),
        ];

        return array_map(
            static fn(Activity $a): Begun => $a->fixed ?? self::fail('not begun'),
            (new UnderWay($people, $now))->in($work),
        );
    }

    private static function of(
        string $id,
        float $since,
        float $hours = 1.0,
        int $people = 1,
        bool $whole = false,
    ): Activity {
        return new Activity(
            id: $id,
            part: $id,
            name: $id,
            hours: $hours,
            place: 'bay',
            whole: $whole,
            people: $people,
            fixed: new Begun($since, $since + $hours),
        );
    }
}
