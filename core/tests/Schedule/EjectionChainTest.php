<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Quantity\Interval;
use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Blocks;
use Hull\Schedule\Constraint\Lag;
use Hull\Schedule\Constraint\LagTime;
use Hull\Schedule\Constraint\Window;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\Placer;
use Hull\Schedule\Placing\Schedule;
use Hull\Schedule\Search\EjectionChain;
use Hull\Tests\Spans;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** One activity pulled forward into hours that are taken, and what is done there put elsewhere. */
final class EjectionChainTest extends TestCase
{
    private const LAST = 100.0;

    public function testWhatIsInTheWayGoesWhereItHasSlack(): void
    {
        // Three hours and five, a day is eight: what has time until the end gives way.
        $yard = self::days(self::work('easy', 3.0), self::work('long', 5.0), self::work('late', 6.0));
        $placer = self::placed($yard, 'easy', 'long', 'late');
        self::assertSame(32.0, $placer->placed()['late.1']->start, 'on the second day, after the first two');
        self::assertTrue(self::pulled($yard, $placer, 'late.1'));
        self::assertLessThan(32.0, $placer->placed()['late.1']->start);
        self::assertCount(3, $placer->placed(), 'nothing is lost');
        self::assertSame([], Validator::faults(self::schedule($yard, $placer)));
    }

    public function testWhatHasNoSlackStays(): void
    {
        $yard = self::days(self::work('first', 8.0), self::work('then', 8.0));
        $placer = self::placed($yard, 'first', 'then');
        $was = $placer->placed();
        // All is to be over by the evening of the second day, and the first two hours of it are taken by both.
        for ($seed = 1; $seed <= 10; ++$seed) {
            if (self::pulled($yard, $placer, 'then.1', 40.0, $seed)) {
                self::assertSame(32.0, $placer->placed()['first.1']->start, 'they change places');
                self::assertSame(8.0, $placer->placed()['then.1']->start);

                return;
            }
            self::assertEquals($was, $placer->placed(), 'all is as it was');
        }
        self::fail('they never change places');
    }

    public function testItIsNotPutBeforeWhatItWaitsFor(): void
    {
        $coat = self::work('hull', 2.0);
        $next = new Activity(
            'hull.2',
            'hull',
            'second',
            6.0,
            'bay',
            lags: [new Lag('hull.1', LagTime::hours(20.0), 'the film below', false)],
        );
        $yard = self::days($coat, $next, self::work('other', 5.0));
        $placer = self::placed($yard, 'hull', 'other', 'hull');
        self::pulled($yard, $placer, 'hull.2');
        $placed = $placer->placed();
        self::assertGreaterThanOrEqual($placed['hull.1']->end + 20.0 - Interval::SAME, $placed['hull.2']->start);
    }

    public function testNoWindowIsMissedThatWasKept(): void
    {
        $wiped = self::work('hull', 1.0);
        $coat = new Activity(
            'hull.2',
            'hull',
            'coat',
            2.0,
            'bay',
            windows: [new Window('hull.1', LagTime::hours(1.0), 'what is wiped', false, 0.25)],
        );
        $yard = self::days(self::work('a', 5.0), self::work('b', 4.0), $wiped, $coat, self::work('c', 4.0));
        foreach (range(1, 20) as $seed) {
            $placer = self::placed($yard, 'a', 'b', 'c', 'hull', 'hull');
            self::pulled($yard, $placer, 0 === $seed % 2 ? 'hull.1' : 'hull.2', self::LAST, $seed);
            $placed = $placer->placed();
            self::assertLessThanOrEqual($placed['hull.1']->end + 1.0 + Interval::GRACE, $placed['hull.2']->start);
        }
    }

    public function testAnyYardKeepsItsRulesWhateverIsPulled(): void
    {
        $pulled = 0;
        foreach (range(1, 6) as $seed) {
            $yard = (new RandomYard($seed, 8, 5, 30, 2, 2))->yard();
            $placer = self::placed($yard);
            $chain = new EjectionChain($yard, $placer, $yard->end, new Randomizer(new Mt19937($seed)));
            for ($i = 0; $i < 5; ++$i) {
                foreach (array_keys($yard->activities) as $id) {
                    $was = $placer->placed();
                    if (!$chain->pull((string) $id)) {
                        self::assertEquals($was, $placer->placed(), "$seed $id is as it was");
                        continue;
                    }
                    ++$pulled;
                    self::assertLessThan($was[$id]->start, $placer->placed()[$id]->start);
                    self::assertSame(array_diff_key($was, $placer->placed()), [], 'nothing is lost');
                    self::assertGreaterThan(0, $chain->spent());
                    if ([] !== $placer->noLongerSetUp() || 0 === $i % 2) {
                        $chain->undo();
                        self::assertEquals($was, $placer->placed(), "$seed $id is as it was again");
                    }
                }
            }
            self::assertSame([], Validator::faults(self::schedule($yard, $placer)), "seed $seed");
        }
        self::assertGreaterThan(20, $pulled);
    }

    private static function pulled(
        Yard $yard,
        Placer $placer,
        string $id,
        float $last = self::LAST,
        int $seed = 1,
    ): bool {
        return (new EjectionChain($yard, $placer, $last, new Randomizer(new Mt19937($seed))))->pull($id);
    }

    private static function schedule(Yard $yard, Placer $placer): Schedule
    {
        return new Schedule($yard, $placer->placed(), []);
    }

    /** In these turns, and then all else. */
    private static function placed(Yard $yard, string ...$turns): Placer
    {
        $placer = new Placer($yard);
        $blocks = Blocks::of($yard);
        foreach ($turns as $part) {
            foreach (array_splice($blocks[$part], 0, 1) as $block) {
                $placer->add($block);
            }
        }
        foreach (array_merge([], ...array_values($blocks)) as $block) {
            $placer->add($block);
        }

        return $placer;
    }

    private static function work(string $part, float $hours): Activity
    {
        return new Activity($part . '.1', $part, $part, $hours, 'bay');
    }

    /** One who works from eight to four, on four days. */
    private static function days(Activity ...$work): Yard
    {
        $days = array_map(static fn(int $day): array => [8.0 + 24.0 * $day, 16.0 + 24.0 * $day], range(0, 3));

        return new Yard(8.0, 200.0, array_values($work), [Person::of('one', Spans::of(...$days))]);
    }
}
