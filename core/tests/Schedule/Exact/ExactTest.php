<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule\Exact;

use Hull\Schedule\Placing\Schedule;
use Hull\Schedule\Search\Scheduler;
use Hull\Tests\Schedule\Validator;
use Hull\Tests\Sweep;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/**
 * Small hard yards against an integer program that proves the best there is (see ExactModel): some of them, and sixty
 * when the sweeps run whole, searched as long as the worker goes on. What is asked: no schedule that is as punctual,
 * ends no later and costs less.
 */
final class ExactTest extends TestCase
{
    private const YARDS = 2;
    private const ALL = 60;
    private const TRIES = 12_000;
    private const SECONDS = 120;

    protected function setUp(): void
    {
        self::assertTrue(LinearProgram::isThere(), 'the solver is missing: bin/setup test installs coinor-cbc');
    }

    #[Group('slow')]
    public function testHardYardsAreNearlyAlwaysAsGoodAsTheyCanBe(): void
    {
        $wanted = Sweep::of(self::YARDS, self::ALL);
        $solved = $best = $phantom = $later = 0;
        $worse = [];
        for ($seed = 1; $solved < $wanted; ++$seed) {
            self::assertLessThan(2 * self::ALL, $seed);
            $yard = (new HardYard($seed))->yard;
            $schedule = (new Scheduler(self::TRIES, $seed))->plan($yard);
            self::assertSame([], Validator::faults($schedule), 'seed ' . $seed);
            $lost = [] !== $schedule->unplaced;
            $exact = (new ExactModel($yard, $lost ? $yard->end : floor($schedule->finish() + 1e-6)))->solve(
                $lost ? \INF : ExactModel::sum($schedule),
                self::SECONDS,
            );
            if (false === $exact || ($lost && null === $exact)) {
                continue;
            }
            ++$solved;
            if (null === $exact) {
                ++$best;
                continue;
            }
            self::assertSame([], Validator::faults($exact), 'the program is right, seed ' . $seed);
            self::assertFalse($lost, 'everything has room, seed ' . $seed);
            $phantom += $schedule->score->rework > $exact->score->rework + 1e-6 ? 1 : 0;
            $later += $schedule->score->late > $exact->score->late + 1e-6 ? 1 : 0;
            $worse[$seed] = self::gap($schedule, $exact);
        }
        $says = json_encode($worse, \JSON_THROW_ON_ERROR);
        self::assertSame(0, $phantom, 'nothing is made good that need not be: ' . $says);
        self::assertGreaterThanOrEqual((int) floor(0.95 * $wanted), $best, $says);
        self::assertLessThanOrEqual(intdiv($wanted, 30), $later, 'later for a date than it need be: ' . $says);
        self::assertLessThanOrEqual(0.05, max([0.0, ...array_values($worse)]), $says);
    }

    private static function gap(Schedule $schedule, Schedule $exact): float
    {
        return ($schedule->score->cost - $exact->score->cost) / $exact->score->cost;
    }

    /** What the program minimises is what the yard scores. */
    #[Group('slow')]
    public function testTheProgramCountsAsTheYardDoes(): void
    {
        $yard = (new HardYard(5))->yard;
        $own = (new Scheduler(400, 5))->plan($yard);
        $exact = (new ExactModel($yard, $own->finish()))->solve(ExactModel::sum($own) + 0.01, self::SECONDS);
        self::assertInstanceOf(Schedule::class, $exact);
        self::assertSame([], Validator::faults($exact));
        self::assertLessThanOrEqual(ExactModel::sum($own) + 1e-6, ExactModel::sum($exact));
    }
}
