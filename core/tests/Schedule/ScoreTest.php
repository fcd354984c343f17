<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Quantity\Interval;
use Hull\Schedule\Calendar\Objective;
use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Constraint\Why;
use Hull\Schedule\Constraint\WhyKind;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\Schedule;
use Hull\Schedule\Placing\Score;
use PHPUnit\Framework\TestCase;

/** What a schedule is worth, by figures worked out on paper. */
final class ScoreTest extends TestCase
{
    private const NOW = 8.0;

    public function testTheSumOnPaper(): void
    {
        $score = self::score();
        self::assertSame(0, $score->unplaced);
        self::assertSame(33.5, $score->finish);
        self::assertSame(1.0, $score->rework, 'half an hour of two people');
        self::assertSame(6.75, $score->handsOn, '2 + 1 + 0.75 set up already + 2 x 1 + 1 of making good');
        self::assertSame(3, $score->visits, 'Rowan twice, Wren once');
        self::assertSame(1, $score->setUps);
        self::assertSame(3, $score->turns, 'Rowan: p, q, p, q');
        self::assertSame(0.5, $score->late, 'q is due at 33:00');
        // 25.5 h of 6 a day, 5.75 h of hands, 1 h of making good at 2, 3 x 0.5, 0.25, 3 x 0.05
        self::assertSame(16.025, $score->cost);
    }

    public function testEachWeightCounts(): void
    {
        $zero = ['day' => 0.0, 'good' => 0.0, 'visit' => 0.0, 'setUp' => 0.0, 'turn' => 0.0];
        self::assertSame(5.75, self::score(new Objective(...$zero))->cost, 'hands alone');
        foreach (
            ['day' => 25.5 / 24.0, 'good' => 1.0, 'visit' => 3.0, 'setUp' => 1.0, 'turn' => 3.0]
            as $of => $times
        ) {
            $score = self::score(new Objective(...[...$zero, $of => 24.0]));
            self::assertSame(round(5.75 + 24.0 * $times, 6), $score->cost, $of);
        }
    }

    public function testRoomForAllComesFirstThenDates(): void
    {
        $all = self::score();
        $without = self::score(leftOut: ['d']);
        self::assertSame(1, $without->unplaced);
        self::assertTrue($all->isBetterThan($without), 'though it costs more and is late');
        self::assertFalse($without->isBetterThan($all));
        self::assertTrue($without->isWorseThan($all));
        self::assertTrue($all->costsLessThan($without));

        $onTime = self::score(due: 34.0);
        self::assertTrue($onTime->isBetterThan($all));
        self::assertFalse($all->isBetterThan($onTime));
        self::assertFalse($all->isWithin(0.5, $onTime), 'late by more than the best is not near it');
        self::assertFalse($without->isWithin(0.5, $all));
    }

    public function testWhatEndsLaterIsNotBetterWhateverItSaves(): void
    {
        $cheap = new Objective(day: 0.0);
        $sooner = self::score($cheap, due: 99.0);
        $later = self::score($cheap, due: 99.0, by: 1.0, turned: false);
        self::assertTrue($later->cost < $sooner->cost);
        self::assertTrue($later->costsLessThan($sooner), 'whenever it ends');
        self::assertFalse($later->isBetterThan($sooner));
        self::assertFalse($sooner->isBetterThan($later), 'nor is what costs more');
        self::assertTrue($sooner->isWorseThan($later));
    }

    public function testOfEqualCostWhatIsDoneSoonerIsBetterAndNotWorse(): void
    {
        $free = new Objective(day: 0.0);
        $sooner = self::score($free, due: 99.0);
        $later = self::score($free, due: 99.0, by: 0.25);
        self::assertSame($sooner->cost, $later->cost);
        self::assertTrue($sooner->isBetterThan($later));
        self::assertTrue($sooner->costsLessThan($later));
        self::assertFalse($later->isBetterThan($sooner));
        self::assertFalse($later->isWorseThan($sooner), 'how early the rest is does not count there');
        self::assertFalse($sooner->isBetterThan($sooner));
    }

    public function testNearTheBestIsWithinAShareOfItsCost(): void
    {
        $best = self::score(due: 99.0);
        $near = self::score(due: 99.0, by: 1.0);
        self::assertSame(16.275, $near->cost);
        self::assertTrue($near->isWithin(0.25 / 16.025 + 1e-9, $best));
        self::assertFalse($near->isWithin(0.0155, $best));
    }

    /**
     * @param list<string> $leftOut what finds no room
     * @param float $by hours by which the last is later
     * @param bool $turned Rowan goes to and fro between the parts
     */
    private static function score(
        Objective $objective = new Objective(),
        array $leftOut = [],
        float $due = 33.0,
        float $by = 0.0,
        bool $turned = true,
    ): Score {
        $paint = ['share' => 'paint', 'setupHours' => 0.25, 'shareFor' => 3.0];
        $yard = new Yard(
            self::NOW,
            240.0,
            [
                new Activity('a', 'p', 'wash', 2.0, 'bay'),
                new Activity('c', 'p', 'coat', 1.0, 'bay', ...$paint),
                new Activity('b', $turned ? 'q' : 'p', 'coat', 1.0, 'bay', ...$paint),
                new Activity('d', 'q', 'turn it over', 1.0, 'bay', people: 2),
            ],
            [self::person('Rowan', [8.0, 18.0]), self::person('Wren', [8.0, 12.0], [13.0, 17.0])],
            dues: ['q' => $due],
            objective: $objective,
        );
        $placed = [
            'a' => self::at('a', 8.0, 10.0),
            'b' => self::at('b', 10.0, 11.0),
            'c' => self::at('c', 11.0, 11.75, setUp: true),
            'd' => self::at('d', 32.0 + $by, 33.5 + $by, ['Rowan', 'Wren'], 0.5),
        ];
        $out = array_fill_keys($leftOut, 'no room');

        return (new Schedule($yard, array_diff_key($placed, $out), $out))->score;
    }

    /** @param list<string> $who */
    private static function at(
        string $id,
        float $start,
        float $end,
        array $who = ['Rowan'],
        float $rework = 0.0,
        bool $setUp = false,
    ): Placement {
        return new Placement(
            id: $id,
            start: $start,
            end: $end,
            who: $who,
            why: new Why(WhyKind::Nothing),
            dry: $end,
            rework: $rework,
            setUp: $setUp,
        );
    }

    /** @param array{float, float} ...$hours of each day */
    private static function person(string $name, array ...$hours): Person
    {
        $spans = [];
        foreach (range(0, 9) as $day) {
            foreach ($hours as [$from, $to]) {
                $spans[] = new Interval(24.0 * $day + $from, 24.0 * $day + $to);
            }
        }

        return Person::of($name, $spans);
    }
}
