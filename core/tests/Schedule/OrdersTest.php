<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Schedule\Constraint\Blocks;
use Hull\Schedule\Placing\Decisions;
use Hull\Schedule\Search\Orders;
use Hull\Schedule\Search\PriorityList;
use Hull\Schedule\Search\Scheduler;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The orders in which parts get their turns. */
final class OrdersTest extends TestCase
{
    public function testEveryOrderOnceOrNoneAtAll(): void
    {
        $orders = Orders::all(['a' => 2, 'b' => 2], 6);
        self::assertNotNull($orders);
        self::assertCount(6, array_unique(array_map(static fn(array $o): string => implode('', $o), $orders)));
        self::assertNull(Orders::all(['a' => 2, 'b' => 2], 5));
        self::assertSame([[]], Orders::all([], 1));
        self::assertSame(['a', 'a', 'b'], Orders::plain(['a' => 2, 'b' => 1]));
    }

    public function testWhatIsChangedKeepsEveryTurn(): void
    {
        $random = new Randomizer(new Mt19937(4));
        $order = Orders::plain(['a' => 3, 'b' => 2, 'c' => 4]);
        $seen = [];
        for ($i = 0; $i < 300; ++$i) {
            $order = Orders::neighbour($order, $random);
            $counts = array_count_values($order);
            ksort($counts);
            self::assertSame(['a' => 3, 'b' => 2, 'c' => 4], $counts);
            $seen[implode('', $order)] = true;
        }
        self::assertGreaterThan(100, count($seen), 'it gets about');
        self::assertSame(['a'], Orders::neighbour(['a'], $random));
    }

    public function testSensibleOrdersAreWholeAndDifferent(): void
    {
        $yard = (new RandomYard(5, 4, 4))->yard();
        $blocks = Blocks::of($yard);
        $counts = array_map(count(...), $blocks);
        $random = new Randomizer(new Mt19937(1));
        foreach (
            [
                ...Orders::sensible($yard, $blocks, []),
                Orders::longestTail($blocks, Orders::around($blocks, [], $random)),
            ]
            as $order
        ) {
            $found = array_count_values($order);
            ksort($found);
            self::assertSame($counts, $found);
        }
    }

    public function testWhatIsDecidedIsLetGoAgain(): void
    {
        $schedule = (new Scheduler(4))->plan((new RandomYard(6, 3, 4, crew: 2))->yard());
        $names = array_column($schedule->yard->people, 'name');
        $random = new Randomizer(new Mt19937(2));
        $turns = new PriorityList(Orders::plain(array_map(count(...), Blocks::of($schedule->yard))));
        $most = 0;
        for ($i = 0; $i < 200; ++$i) {
            $turns = $turns->changed($schedule, $random);
            $decided = $turns->decided;
            $most = max($most, count($decided->held));
            foreach ($decided->held as $id => $hour) {
                self::assertArrayHasKey($id, $schedule->yard->activities);
                self::assertGreaterThan($schedule->yard->now, $hour);
            }
            foreach ($decided->late as $id => $_) {
                self::assertNotSame([], $schedule->yard->activity($id)->windows, 'only windows can be missed');
            }
            foreach ($decided->by as $name) {
                self::assertContains($name, $names);
            }
            self::assertSame([], array_diff(array_keys($decided->away), $names));
        }
        self::assertGreaterThan(0, $most);
        self::assertLessThanOrEqual(8, $most);
        self::assertEquals(new Decisions(), $turns->shuffled($random)->decided);
    }

    public function testBlocksAreWhatWindowsTieTogether(): void
    {
        for ($seed = 1; $seed < 60; ++$seed) {
            $yard = (new RandomYard($seed, 3, 5))->yard();
            $at = [];
            foreach (Blocks::of($yard) as $part => $blocks) {
                $ids = [];
                foreach ($blocks as $number => $block) {
                    foreach ($block as $activity) {
                        $at[$activity->id] = $part . $number;
                        $ids[] = $activity->id;
                    }
                }
                self::assertSame($yard->chains[$part], $ids, 'all of a part, in order');
            }
            foreach ($yard->activities as $activity) {
                foreach ($activity->windows as $window) {
                    self::assertSame($at[$window->from], $at[$activity->id], 'a window never reaches out of its block');
                }
            }
        }
    }
}
