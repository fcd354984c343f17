<?php

declare(strict_types=1);

namespace Hull\Tests\Board;

use Hull\Schedule\Constraint\PreviousPlacement;
use Hull\Schedule\Explaining\NextHour;
use Hull\Schedule\Explaining\Slack;
use Hull\Schedule\Replanning\Replan;
use Hull\Schedule\Search\LowerBound;
use Hull\Schedule\Search\Scheduler;
use Hull\Tests\Kept;
use Hull\Tests\Yard;
use Judge\Tests\MadeYards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/**
 * Made-up pieces in frost, heat and rain, read, placed and placed anew as they were. Whether that is right the judge
 * says of the same yards; this says that nothing else has changed.
 */
final class SameYardsTest extends TestCase
{
    /** Those that take less than half a second. */
    private const SMALL = [3, 7, 10, 11, 16, 21, 23, 24];

    /** @return iterable<string, array{int}> */
    public static function yards(): iterable
    {
        foreach (self::SMALL as $number) {
            yield "yard $number" => [$number];
        }
    }

    /** @return iterable<string, array{int}> */
    public static function others(): iterable
    {
        foreach (array_diff(range(1, 24), self::SMALL) as $number) {
            yield "yard $number" => [$number];
        }
    }

    #[DataProvider('yards')]
    public function testIsAsItWas(int $number): void
    {
        self::same($number);
    }

    #[DataProvider('others')]
    #[Group('slow')]
    public function testALargerOneIsAsItWas(int $number): void
    {
        self::same($number);
    }

    private static function same(int $number): void
    {
        [$yard] = (new MadeYards(Yard::catalogue()))->yard($number);
        $schedule = (new Scheduler(4))->plan($yard);
        $slack = Slack::of($schedule);
        $replan = Replan::of(
            MadeYards::oneAway($yard),
            array_map(PreviousPlacement::of(...), $schedule->placed),
            new Scheduler(2),
        );
        $says = [
            'asks' => [],
            'bound' => round(LowerBound::of($yard), 6),
            'score' => Kept::digest($schedule->score),
            'placed' => Kept::digest([$schedule->placed, $schedule->lost(), $slack, NextHour::of($schedule, $slack)]),
            'unplaced' => Kept::digest($schedule->unplaced),
            'again' => Kept::digest([$replan->moves, $replan->schedule->placed, $replan->schedule->unplaced]),
        ];
        foreach ($yard->chains as $part => $ids) {
            $says['asks'][$part] = Kept::digest(array_map($yard->activity(...), $ids));
        }
        Kept::same(__DIR__ . '/same-yards.json', "yard $number", $says, 'a yard is read or placed otherwise');
    }
}
