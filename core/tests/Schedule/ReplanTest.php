<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Schedule\Activity;
use Hull\Schedule\Kept;
use Hull\Schedule\Move;
use Hull\Schedule\Placed;
use Hull\Schedule\Replan;
use Hull\Schedule\Scheduler;
use Hull\Schedule\WhyKind;
use Hull\Schedule\Yard;
use PHPUnit\Framework\TestCase;

final class ReplanTest extends TestCase
{
    public function testNothingHappenedNothingMoves(): void
    {
        for ($seed = 1; $seed <= 40; ++$seed) {
            $yard = (new RandomYard($seed, 4, 4, 16))->yard();
            $plan = (new Scheduler(20, $seed))->plan($yard);
            $again = Replan::of($yard, self::starts($plan->placed), new Scheduler(1, $seed));
            $paid = array_filter($again->moves, static fn (Move $m): bool => null !== $m->to && 0.0 === $m->paid);
            self::assertSame([], $paid, 'seed '.$seed);
        }
    }

    public function testWhatIsDoneOrUnderWayStaysAndTheRestStillHolds(): void
    {
        $moved = $stayed = 0;
        for ($seed = 1; $seed <= 120; ++$seed) {
            $yard = (new RandomYard($seed, 4, 4, 16))->yard();
            $plan = (new Scheduler(10, $seed))->plan($yard);
            [$later, $late] = self::laterOn($yard, self::starts($plan->placed), $plan->placed);
            $again = Replan::of($later, self::starts($plan->placed), new Scheduler(5, $seed));
            self::assertSame([], Validator::faults($again->schedule), 'seed '.$seed);
            foreach ($again->schedule->placed as $id => $placed) {
                if (null !== $later->activity($id)->fixed || null === $late) {
                    continue;
                }
                abs($placed->start - $plan->placed[$id]->start) < 0.05 ? ++$stayed : ++$moved;
            }
            foreach ($again->moves as $move) {
                self::assertNotSame('', $move->why->words('it'));
                self::assertNull($later->activity($move->id)->fixed);
            }
        }
        self::assertGreaterThan($moved, $stayed, 'most of it does not move');
        self::assertGreaterThan(10, $moved);
    }

    public function testAHelperWhoStaysAwayMovesOnlyWhatHeWasToDo(): void
    {
        $yard = (new RandomYard(2, 4, 3, 16, 2))->yard();
        $plan = (new Scheduler(40, 2))->plan($yard);
        $gone = $yard->people[1]->name;
        $alone = new Yard($yard->now, $yard->end, array_values($yard->activities), [$yard->people[0]], $yard->floors, $yard->gear, $yard->dues);
        $again = Replan::of($alone, self::starts($plan->placed), new Scheduler(5, 2));
        self::assertSame([], Validator::faults($again->schedule));
        $first = $again->moves[0] ?? self::fail('somebody was to help');
        self::assertContains($first->why->kind, [WhyKind::Person, WhyKind::Hours, WhyKind::Before, WhyKind::Quiet, WhyKind::Air, WhyKind::Waits, WhyKind::Place, WhyKind::Window]);
        foreach ($plan->placed as $id => $placed) {
            if ($placed->end < ($first->from ?? $yard->end) && !in_array($gone, $placed->who, true)) {
                self::assertEqualsWithDelta($placed->start, $again->schedule->placed[$id]->start, 0.05, 'what came before and was not his stays');
            }
        }
    }

    /**
     * A day and a half later: what was to begin has begun, the last of it two hours late.
     *
     * @param array<string, Kept>   $starts
     * @param array<string, Placed> $placed
     *
     * @return array{Yard, string|null}
     */
    private static function laterOn(Yard $yard, array $starts, array $placed): array
    {
        $now = $yard->now + 36.0;
        $begun = array_filter($starts, static fn (Kept $k): bool => $k->start < $now - 2.0);
        uasort($begun, static fn (Kept $a, Kept $b): int => $a->start <=> $b->start);
        $late = array_key_last($begun);
        $work = array_map(static function (Activity $a) use ($begun, $placed, $late): Activity {
            $p = $placed[$a->id] ?? null;
            $by = $a->id === $late ? 2.0 : 0.0;

            return isset($begun[$a->id]) && null !== $p ? $a->fixedAt([$p->start, $p->end + $by, $p->who]) : $a;
        }, array_values($yard->activities));

        return [new Yard($now, $yard->end, $work, $yard->people, $yard->floors, $yard->gear, $yard->dues), $late];
    }

    /**
     * @param array<string, Placed> $placed
     *
     * @return array<string, Kept>
     */
    private static function starts(array $placed): array
    {
        return array_map(Kept::of(...), $placed);
    }
}
