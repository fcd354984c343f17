<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Schedule\Search\LowerBound;
use Hull\Schedule\Search\Scheduler;
use Hull\Tests\Sweep;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** Against a search from end to end, written apart from the scheduler. */
final class OptimumTest extends TestCase
{
    #[Group('slow')]
    public function testSmallYardsEndWhenTheyCanEnd(): void
    {
        [$solved, $equal] = [0, 0];
        $wanted = Sweep::of(16, 60);
        for ($seed = 1; $solved < $wanted; ++$seed) {
            self::assertLessThan(120, $seed);
            $small = new SmallYard($seed);
            $yard = $small->yard();
            $schedule = (new Scheduler(2000, $seed))->plan($yard);
            self::assertSame([], Validator::faults($schedule));
            $kept = 0 === $schedule->score->unplaced && 0.0 === $schedule->score->rework;
            $optimum = $small->optimum($kept ? (int) round($schedule->finish()) : SmallYard::END);
            if (null === $optimum) {
                continue;
            }
            if (!$kept) {
                self::assertSame(
                    SmallYard::END,
                    $optimum,
                    'abrading is paid for where no order keeps the windows, seed ' . $seed,
                );
                continue;
            }
            ++$solved;
            $equal += $schedule->finish() < $optimum + 1e-6 ? 1 : 0;
            self::assertLessThanOrEqual(
                1.05 * ($optimum - SmallYard::NOW),
                $schedule->finish() - SmallYard::NOW,
                'seed ' . $seed,
            );
            self::assertLessThanOrEqual(
                $optimum + 1e-6,
                LowerBound::of($yard),
                'no bound above what can be done, seed ' . $seed,
            );
        }
        self::assertGreaterThanOrEqual((int) floor(0.9 * $wanted), $equal);
    }
}
