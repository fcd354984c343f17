<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Lag;
use Hull\Schedule\Constraint\LagTime;
use Hull\Schedule\Constraint\PreviousPlacement;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\Schedule;
use Hull\Schedule\Replanning\Replan;
use Hull\Schedule\Replanning\TrialMove;
use Hull\Schedule\Search\Scheduler;
use Hull\Tests\Sweep;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Activities that wait for activities of other parts. */
final class CrossLagsTest extends TestCase
{
    private const YARDS = 120;

    #[Group('slow')]
    public function testNoScheduleBreaksWhatOnePartWaitsForOnAnother(): void
    {
        $crossed = 0;
        for ($seed = 1; $seed <= self::YARDS; ++$seed) {
            $yard = self::crossed($seed);
            $schedule = (new Scheduler(4, $seed))->plan($yard);
            self::assertSame([], Validator::faults($schedule), 'seed ' . $seed);
            $crossed += $this->keptIn($schedule, 'seed ' . $seed);
        }
        self::assertGreaterThan(2 * self::YARDS, $crossed);
    }

    #[Group('slow')]
    public function testAYardPlannedAgainKeepsThemToo(): void
    {
        for ($seed = 1; $seed <= Sweep::of(12, 60); ++$seed) {
            $yard = self::crossed($seed);
            $first = (new Scheduler(4, $seed))->plan($yard);
            $before = array_map(PreviousPlacement::of(...), $first->placed);
            $later = self::rebuilt($yard, array_values($yard->activities), 5.0);
            $again = Replan::of($later, $before, new Scheduler(4, $seed))->schedule;
            self::assertSame([], Validator::faults($again), 'seed ' . $seed);
            $this->keptIn($again, 'seed ' . $seed);
        }
    }

    public function testBlocksThatWaitForEachOtherArePlacedTogether(): void
    {
        $yard = self::crossed(3);
        foreach ($yard->needs as $id => $needs) {
            foreach ($needs as $need) {
                self::assertContains((string) $id, $yard->neededBy[$need]);
                self::assertContains((string) $id, $yard->followers($need));
            }
        }
        self::assertNotSame([], $yard->blockOf);
    }

    public function testWhatWaitsForSomethingWithoutRoomHasNone(): void
    {
        $yard = self::crossed(1);
        $first = array_key_first($yard->needs);
        self::assertNotNull($first);
        $need = $yard->needs[$first][0];
        $work = array_map(
            static fn(Activity $a): Activity => $a->id === $need ? $a->from($yard->end + 1.0, 'never') : $a,
            array_values($yard->activities),
        );
        $schedule = (new Scheduler(2))->plan(new Yard($yard->now, $yard->end, $work, $yard->people));
        self::assertArrayHasKey($first, $schedule->unplaced);
        self::assertArrayNotHasKey($first, $schedule->placed);
    }

    public function testAMoveSaysWhatItBreaksOnAnotherPart(): void
    {
        $yard = self::crossed(2);
        $schedule = (new Scheduler(4))->plan($yard);
        foreach ($yard->neededBy as $id => $others) {
            $other = $schedule->placed[$others[0]] ?? null;
            if (null === $other || !isset($schedule->placed[$id]) || null !== $yard->activity($id)->fixed) {
                continue;
            }
            $broken = array_map(
                static fn(TrialMove $m): string => $m->id,
                TrialMove::of($schedule, (string) $id, $other->start + 1.0),
            );
            self::assertContains($other->id, $broken);

            return;
        }
        self::fail('nothing waits for another part');
    }

    private function keptIn(Schedule $schedule, string $where): int
    {
        $kept = 0;
        foreach ($schedule->yard->needs as $id => $needs) {
            foreach (isset($schedule->placed[$id]) ? $needs : [] as $need) {
                self::assertArrayHasKey($need, $schedule->placed, "$where: $id stands without $need");
                self::assertGreaterThanOrEqual(
                    $schedule->placed[$need]->end - 1e-6,
                    $schedule->placed[$id]->start,
                    "$where: $id before $need",
                );
                ++$kept;
            }
        }

        return $kept;
    }

    /** A random yard in which some activities wait for some of other parts, never in a circle. */
    private static function crossed(int $seed): Yard
    {
        $yard = (new RandomYard($seed, 3 + ($seed % 3), 4, 20))->yard();
        $random = new Randomizer(new Mt19937($seed));
        $rank = [];
        foreach ($yard->chains as $ids) {
            $at = 0.0;
            foreach ($ids as $id) {
                $rank[$id] = $at += $random->getInt(1, 100);
            }
        }
        $work = [];
        foreach ($yard->activities as $id => $activity) {
            $earlier = array_keys(
                array_filter(
                    $yard->activities,
                    static fn(Activity $a): bool => $a->part !== $activity->part && $rank[$a->id] < $rank[$id],
                ),
            );
            $work[] =
                [] === $earlier || null !== $activity->fixed || 0 !== $random->getInt(0, 2)
                    ? $activity
                    : $activity->after(
                        new Lag(
                            (string) $earlier[$random->getInt(0, count($earlier) - 1)],
                            LagTime::hours($random->getInt(0, 3)),
                            'the other part',
                        ),
                    );
        }

        return self::rebuilt($yard, $work);
    }

    /** @param list<Activity> $work */
    private static function rebuilt(Yard $yard, array $work, float $later = 0.0): Yard
    {
        return new Yard(
            now: $yard->now + $later,
            end: $yard->end,
            work: $work,
            people: $yard->people,
            floors: $yard->floors,
            gear: $yard->gear,
            dues: $yard->dues,
        );
    }
}
