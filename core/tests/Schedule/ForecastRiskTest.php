<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Schedule\Explaining\ForecastRisk;
use Hull\Schedule\Placing\Schedule;
use Hull\Schedule\Replanning\TrialMove;
use Hull\Schedule\Search\Scheduler;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** What of a plan hangs on the forecast, against the validator that looks at the plan in the other air. */
final class ForecastRiskTest extends TestCase
{
    #[Group('slow')]
    public function testInTheAirItWasPlannedInNothingHangs(): void
    {
        for ($seed = 1; $seed <= 40; ++$seed) {
            $yard = (new RandomYard($seed, 4, 4, 16))->yard();
            self::assertSame(
                [],
                ForecastRisk::of((new Scheduler(5, $seed))->plan($yard), ['colder' => $yard, 'warmer' => $yard]),
                'seed ' . $seed,
            );
        }
    }

    #[Group('slow')]
    public function testWhatTheValidatorFindsInOtherAirHangsOnTheForecast(): void
    {
        $hanging = ['colder' => 0, 'warmer' => 0];
        for ($seed = 1; $seed <= 40; ++$seed) {
            $schedule = (new Scheduler(5, $seed))->plan((new RandomYard($seed, 4, 4, 16))->yard());
            foreach (['colder' => -4.0, 'warmer' => 4.0] as $edge => $by) {
                $yard = (new RandomYard($seed, 4, 4, 16, warmer: $by))->yard();
                $hangs = ForecastRisk::of($schedule, [$edge => $yard]);
                $hanging[$edge] += count($hangs);
                foreach (self::faulty(new Schedule($yard, $schedule->placed, $schedule->unplaced)) as $id) {
                    if ($schedule->placed[$id]->start <= $yard->now + ForecastRisk::AHEAD_H) {
                        self::assertArrayHasKey($id, $hangs, "seed $seed, $edge");
                    }
                }
                foreach ($hangs as $id => [$first]) {
                    self::assertTrue(
                        TrialMove::SOON !== $first->breaks->kind ||
                            $first->breaks->until > $schedule->placed[$id]->start + 1.0,
                        'a little longer is no harm',
                    );
                    self::assertStringStartsWith("if it comes $edge than forecast: ", (string) $first->words($yard));
                }
            }
        }
        self::assertGreaterThan(20, $hanging['colder']);
        self::assertGreaterThan(5, $hanging['warmer']);
    }

    public function testNobodyActsOnWhatMayComeMuchLater(): void
    {
        $schedule = (new Scheduler(5, 3))->plan((new RandomYard(3, 6, 6, 21))->yard());
        foreach (
            array_keys(ForecastRisk::of($schedule, ['colder' => (new RandomYard(3, 6, 6, 21, warmer: -9.0))->yard()]))
            as $id
        ) {
            self::assertLessThanOrEqual($schedule->yard->now + ForecastRisk::AHEAD_H, $schedule->placed[$id]->start);
        }
    }

    /**
     * @return list<string> activities with which something is wrong by themselves, but that they may only have to wait
     *                      a little longer
     */
    private static function faulty(Schedule $schedule): array
    {
        $ids = array_map(
            static fn(string $fault): string => 1 === preg_match('/^(p\d+\.\d+):? (?!and )/', $fault, $m) ? $m[1] : '',
            array_filter(
                Validator::faults($schedule),
                static fn(string $fault): bool => !str_contains($fault, 'does not wait'),
            ),
        );

        return array_values(array_unique(array_filter($ids, static fn(string $id): bool => '' !== $id)));
    }
}
