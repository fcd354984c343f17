<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Quantity\Interval;
use Hull\Schedule\Calendar\Objective;
use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Begun;
use Hull\Schedule\Constraint\Lag;
use Hull\Schedule\Constraint\LagTime;
use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Constraint\PreviousPlacement;
use Hull\Schedule\Constraint\Why;
use Hull\Schedule\Constraint\WhyKind;
use Hull\Schedule\Constraint\Window;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\Aim;
use Hull\Schedule\Placing\Placer;
use Hull\Schedule\Placing\Schedule;
use Hull\Schedule\Replanning\Move;
use Hull\Schedule\Replanning\Replan;
use Hull\Schedule\Replanning\StabilityPass;
use Hull\Schedule\Replanning\StablePlans;
use Hull\Schedule\Search\Scheduler;
use Hull\Tests\Spans;
use Hull\Tests\Sweep;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

final class ReplanTest extends TestCase
{
    /** A plan from scratch is offered where it ends four hours earlier and makes nothing good; else it is not. */
    public function testADifferentPlanIsOfferedWhenItIsWorthAThought(): void
    {
        $yard = new Yard(
            8.0,
            72.0,
            [new Activity('a', 'p', 'a', 2.0, 'bay')],
            [Person::of('one', Spans::of([8.0, 16.0], [32.0, 40.0], [56.0, 64.0]))],
        );
        $at = static fn(float $start): ?float => Replan::of(
            $yard,
            ['a' => new PreviousPlacement($start, ['one'])],
            new Scheduler(1, 1),
        )->better?->finish();
        self::assertSame(10.0, $at(56.0));
        self::assertSame(10.0, $at(12.1), 'four hours and a little');
        self::assertNull($at(11.9), 'not quite four hours');
        self::assertNull($at(8.0), 'nothing is earlier');
    }

    /** What was to be done first day waits for somebody: left where it is the rest would make the whole end later. */
    public function testOneThingMoreIsMovedRatherThanADayLost(): void
    {
        $cures = new Lag('a.1', LagTime::hours(40.0), 'it cures', false);
        $days = array_map(static fn(int $d): array => [24.0 * $d + 8.0, 24.0 * $d + 16.0], range(0, 8));
        $work = [
            new Activity('a.1', 'a', 'coat', 8.0, 'bay'),
            new Activity('a.2', 'a', 'polish', 4.0, 'bay', lags: [$cures]),
            new Activity('b.1', 'b', 'other work', 8.0, 'bay'),
        ];
        $plan = static fn(float $now, float $day): Replan => Replan::of(
            new Yard(
                now: $now,
                end: 240.0,
                work: $work,
                people: [Person::of('one', Spans::of(...$days))],
                objective: new Objective(day: $day),
            ),
            [
                'a.1' => new PreviousPlacement(8.0, ['one'], end: 16.0),
                'b.1' => new PreviousPlacement(32.0, ['one'], end: 40.0),
                'a.2' => new PreviousPlacement(56.0, ['one'], end: 60.0),
            ],
            new Scheduler(6),
        );
        $starts = static fn(Replan $r): array => array_map(
            static fn(string $id): float => $r->schedule->placed[$id]->start,
            ['a.1', 'a.2', 'b.1'],
        );
        self::assertSame([8.0, 56.0, 32.0], $starts($plan(8.0, 6.0)), 'nothing happened');
        self::assertSame([32.0, 80.0, 56.0], $starts($plan(32.0, 6.0)), 'nobody came on the first day');
        self::assertSame([56.0, 104.0, 32.0], $starts($plan(32.0, 0.0)), 'where days are worth nothing');
    }

    /** Spared its set-up in the second round it would end an hour sooner, and what waits for it be late. */
    public function testWhatWasSetUpForItselfStaysAsLongAsItWas(): void
    {
        $b = ['share' => 'rinse', 'setupHours' => 1.0, 'shareFor' => 4.0];
        $window = new Window('b', LagTime::hours(1.0), 'the wipe', false, 0.5);
        $yard = new Yard(
            8.0,
            72.0,
            [
                new Activity('a', 'q', 'a', 2.0, 'bay', ...$b),
                new Activity('b', 'p', 'b', 2.0, 'bay', ...$b),
                new Activity('c', 'p', 'c', 1.0, 'bay', windows: [$window], notBefore: 13.0),
            ],
            [Person::of('one', Spans::of([8.0, 16.0], [32.0, 40.0]))],
        );
        $before = [];
        foreach (['a' => 8.0, 'b' => 10.0, 'c' => 13.0] as $id => $start) {
            $before[$id] = new PreviousPlacement($start, ['one'], 0.0, false);
        }
        self::assertSame([], Replan::of($yard, $before, new Scheduler(1, 1))->moves);
        $placer = new Placer($yard, $before);
        foreach ((new StablePlans($yard, $before, new Aim(13.0, [])))->singly() as $block) {
            $placer->add($block);
        }
        $again = $placer->schedule();
        self::assertSame([12.0, 0.0], [$again->placed['b']->end, $again->score->rework]);
    }

    /** It was taken out first, since its window is missed where it stands, and whatever stayed took its room. */
    public function testWhatIsMadeGoodStaysAndIsMadeGoodAgain(): void
    {
        $window = new Window('b', LagTime::hours(1.0), 'bare metal', false, 0.5);
        $work = [
            new Activity('a', 'q', 'a', 2.0, 'bay'),
            new Activity('b', 'p', 'b', 1.0, 'bay'),
            new Activity('c', 'p', 'c', 1.0, 'bay', windows: [$window], notBefore: 13.0),
            new Activity('d', 'q', 'd', 1.5, 'bay', notBefore: 13.0),
            new Activity('e', 'r', 'e', 1.5, 'bay', notBefore: 12.5),
        ];
        $yard = new Yard(8.0, 72.0, $work, [Person::of('one', Spans::of([8.0, 16.0], [32.0, 40.0]))]);
        $before = [
            'a' => new PreviousPlacement(9.0, ['one'], 0.0, false, 11.0),
            'b' => new PreviousPlacement(8.0, ['one'], 0.0, false, 9.0),
            'c' => new PreviousPlacement(13.0, ['one'], 0.5, false, 14.5),
            'd' => new PreviousPlacement(14.5, ['one'], 0.0, false, 16.0),
            'e' => new PreviousPlacement(11.0, ['one'], 0.0, false, 12.5),
        ];
        $kept = (new StablePlans($yard, $before, new Aim(16.0, [])))->hourByHour();
        self::assertSame(['e'], Move::moved($kept, $before));
        self::assertSame(0.5, $kept->score->rework);
    }

    /** Late for the metal in any case, the coat would be as late for a wipe of the week before. */
    public function testNothingIsWipedForACoatThatWentToAnotherDay(): void
    {
        $windows = [
            new Window('strip', LagTime::hours(8.0), 'bare metal', false, 0.5),
            new Window('wipe', LagTime::hours(1.0), 'the wipe', false, 0.25),
        ];
        $work = [
            new Activity('strip', 'p', 'strip', 1.0, 'bay'),
            new Activity('wipe', 'p', 'wipe', 0.5, 'bay', forCoat: true),
            new Activity('coat', 'p', 'coat', 2.0, 'bay', windows: $windows, notBefore: 58.0),
        ];
        $yard = new Yard(8.0, 96.0, $work, [Person::of('one', Spans::of([8.0, 16.0], [32.0, 40.0], [56.0, 64.0]))]);
        $at = static fn(string $id, float $from, float $to, float $good = 0.0): Placement => new Placement(
            id: $id,
            start: $from,
            end: $to,
            who: ['one'],
            why: new Why(WhyKind::Nothing),
            dry: $to,
            rework: $good,
            late: $good > 0.0,
        );
        $placed = [
            'strip' => $at('strip', 8.0, 9.0),
            'wipe' => $at('wipe', 57.5, 58.0),
            'coat' => $at('coat', 58.0, 60.5, 0.5),
        ];
        $before = [
            'strip' => new PreviousPlacement(8.0, ['one'], 0.0, false, 9.0),
            'wipe' => new PreviousPlacement(9.0, ['one'], 0.0, false, 9.5),
            'coat' => new PreviousPlacement(13.0, ['one'], 0.5, false, 15.5),
        ];
        $again = StabilityPass::in(new Schedule($yard, $placed, []), $before);
        self::assertSame(57.5, $again->placed['wipe']->start);
    }

    /** A helper whose work only went to an hour at which he is never there is not away. */
    public function testSomebodyIsAwayOnlyWhereHeWasToWork(): void
    {
        $people = [Person::of('one', Spans::of([8.0, 20.0])), Person::of('two', Spans::of([8.0, 12.0]))];
        $work = [
            new Activity('a', 'p', 'a', 2.0, 'bay', notBefore: 13.0),
            new Activity('b', 'q', 'b', 2.0, 'bay', notBefore: 14.0),
        ];
        $before = [
            'a' => new PreviousPlacement(9.0, ['two'], 0.0, false, 11.0),
            'b' => new PreviousPlacement(14.0, ['one'], 0.0, false, 16.0),
        ];
        $again = Replan::of(new Yard(8.0, 20.0, $work, $people), $before, new Scheduler(5));
        self::assertNotSame([], $again->moves);
        self::assertSame([[]], array_values(array_unique(array_column($again->moves, 'for'), \SORT_REGULAR)));
    }

    #[Group('slow')]
    public function testNothingHappenedNothingMoves(): void
    {
        for ($seed = 1; $seed <= 40; ++$seed) {
            $yard = (new RandomYard($seed, 4, 4, 16))->yard();
            $plan = (new Scheduler(20, $seed))->plan($yard);
            $again = Replan::of($yard, self::starts($plan->placed), new Scheduler(1, $seed));
            self::assertSame([], $again->moves, 'seed ' . $seed);
        }
    }

    #[Group('slow')]
    public function testWhatIsDoneOrUnderWayStaysAndTheRestStillHolds(): void
    {
        $moved = $stayed = 0;
        for ($seed = 1; $seed <= Sweep::of(60, 240); ++$seed) {
            $yard = (new RandomYard($seed, 4, 4, 16))->yard();
            $plan = (new Scheduler(10, $seed))->plan($yard);
            [$later, $late] = self::laterOn($yard, self::starts($plan->placed), $plan->placed);
            $again = Replan::of($later, self::starts($plan->placed), new Scheduler(5, $seed));
            self::assertSame([], Validator::faults($again->schedule), 'seed ' . $seed);
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

    /**
     * Three things happen to many yards; of what moved nothing could have stayed, neither by itself nor with what
     * follows it on its part: whoever puts it back breaks something, as the validator finds.
     */
    #[Group('slow')]
    public function testWhatMovedCouldNotHaveStayed(): void
    {
        $moves = 0;
        for ($seed = 1; $seed <= Sweep::of(30, 120); ++$seed) {
            $yard = (new RandomYard($seed, 4, 4, 16, 2))->yard();
            $plan = (new Scheduler(10, $seed))->plan($yard);
            $before = self::starts($plan->placed);
            foreach (
                [
                    'late' => self::laterOn($yard, $before, $plan->placed)[0],
                    'gone for two days' => self::without($yard, 1, 48.0),
                    'gone' => self::without($yard, 1, \INF),
                ]
                as $what => $then
            ) {
                $again = Replan::of($then, $before, new Scheduler(5, $seed));
                self::assertSame([], Validator::faults($again->schedule), "seed $seed, $what");
                foreach ($again->moves as $move) {
                    $part = $then->activity($move->id)->part;
                    if (
                        null === $move->from ||
                        null === $move->to ||
                        $move->rework > 0.0 ||
                        abs($move->to - $move->from) < 0.06 ||
                        // It was to be late, and is in time now: nobody wants that back.
                        (isset($plan->missed()[$part]) && !isset($again->schedule->missed()[$part]))
                    ) {
                        continue;
                    }
                    ++$moves;
                    self::assertNotNull($move->stays, "seed $seed, $what: $move->id has its reason");
                    self::assertNotSame('', $move->stays->words($then));
                    self::assertFalse(
                        self::couldStay($again->schedule, [$move->id => $move->from]),
                        "seed $seed, $what: $move->id could have stayed",
                    );
                    $tail = [];
                    foreach (
                        array_slice($then->chains[$part], (int) array_search($move->id, $then->chains[$part], true))
                        as $id
                    ) {
                        $tail += isset($before[$id], $again->schedule->placed[$id]) ? [$id => $before[$id]->start] : [];
                    }
                    self::assertFalse(
                        self::couldStay($again->schedule, $tail),
                        "seed $seed, $what: $move->id and what follows could have stayed",
                    );
                }
            }
        }
        self::assertGreaterThan(200, $moves);
    }

    public function testAHelperWhoIsAwayIsNamedAndWhatCameBeforeStays(): void
    {
        $yard = (new RandomYard(2, 4, 3, 16, 2))->yard();
        $plan = (new Scheduler(40, 2))->plan($yard);
        $gone = $yard->people[1]->name;
        $alone = self::without($yard, 1, \INF);
        $again = Replan::of($alone, self::starts($plan->placed), new Scheduler(5, 2));
        self::assertSame([], Validator::faults($again->schedule));
        $first = $again->moves[0] ?? self::fail('somebody was to help');
        self::assertSame(WhyKind::Absent, $first->stays?->why->kind);
        self::assertStringContainsString($gone . ' is not at work then', (string) $first->stays->words($alone));
        foreach ($plan->placed as $id => $placed) {
            if ($placed->end < ($first->from ?? $yard->end) && !in_array($gone, $placed->who, true)) {
                self::assertEqualsWithDelta(
                    $placed->start,
                    $again->schedule->placed[$id]->start,
                    0.05,
                    'what came before and was not his stays',
                );
            }
        }
    }

    #[Group('slow')]
    public function testAnHourThatHasPassedIsSaidAndAbradingPaidBeforeIsNoMove(): void
    {
        $yard = (new RandomYard(3, 1, 2, 16, 1))->yard();
        $plan = (new Scheduler(5, 3))->plan($yard);
        $later = $yard->with($yard->people, $yard->now + 30.0);
        $again = Replan::of($later, self::starts($plan->placed), new Scheduler(5, 3));
        $kinds = array_map(static fn(Move $m): ?WhyKind => $m->stays?->why->kind, $again->moves);
        self::assertSame(WhyKind::Past, $kinds[0] ?? null);

        $rework = 0;
        for ($seed = 1; $seed <= 60; ++$seed) {
            $yard = (new RandomYard($seed, 4, 4, 16))->yard();
            $plan = (new Scheduler(5, $seed))->plan($yard);
            $before = self::starts($plan->placed);
            $rework += count(array_filter($before, static fn(PreviousPlacement $k): bool => $k->rework > 0.0));
            self::assertSame([], Move::moved($plan, $before), 'seed ' . $seed);
        }
        self::assertGreaterThan(0, $rework);
    }

    /** Somebody does not work for so long. */
    private static function without(Yard $yard, int $who, float $hours): Yard
    {
        $people = $yard->people;
        $away = $people[$who];
        $people[$who] = Person::of(
            $away->name,
            array_values(
                array_filter($away->work->spans, static fn(Interval $w): bool => $w->from > $yard->now + $hours),
            ),
            [],
        );

        return $yard->with(is_finite($hours) ? array_values($people) : [$people[1 - $who]]);
    }

    /**
     * Whether the validator finds nothing wrong when some things stand where they were, whoever does them.
     *
     * @param array<int|string, float> $starts by activity
     */
    private static function couldStay(Schedule $schedule, array $starts): bool
    {
        $yard = $schedule->yard;
        $options = [$schedule->placed];
        foreach ($starts as $id => $start) {
            $id = (string) $id;
            $activity = $yard->activity($id);
            $more = [];
            foreach ($options as $placed) {
                foreach (self::ends($yard, $activity, $start) as [$end, $who]) {
                    $more[] = [
                        ...$placed,
                        $id => new Placement(
                            $id,
                            $start,
                            $end,
                            $who,
                            new Why(WhyKind::Kept),
                            null === $activity->wet ? $end : $activity->wet->dry->after($end) ?? $yard->end,
                        ),
                    ];
                }
            }
            $options = $more;
        }
        foreach ($options as $placed) {
            if ([] === Validator::faults(new Schedule($yard, $placed, $schedule->unplaced))) {
                return true;
            }
        }

        return false;
    }

    /** @return list<array{float, list<string>}> end and who, for everybody who could do it */
    private static function ends(Yard $yard, Activity $activity, float $start): array
    {
        $ends = [];
        foreach ($yard->people as $n => $person) {
            // A few minutes at the end of a day are not worth setting up for.
            $left =
                $person->work->hours($start, $start + 0.25) > 0.25 - 1e-6 || $activity->hours < 0.25
                    ? $activity->hours
                    : 0.0;
            foreach ($person->hours($activity->noisy)->spans as $span) {
                [$from, $to] = [$span->from, $span->to];
                $begin = max($from, $start);
                if ($left > 1e-9 && $to > $begin) {
                    $end = min($to, $begin + $left);
                    $left -= $end - $begin;
                    if ($left <= 1e-9) {
                        $names =
                            2 === $activity->people
                                ? [$person->name, $yard->people[1 - $n]->name ?? $person->name]
                                : [$person->name];
                        $ends[] = [$end, $names];
                    }
                }
            }
        }

        return $ends;
    }

    /**
     * A day and a half later: what was to begin has begun, the last of it two hours late.
     *
     * @param array<int|string, PreviousPlacement> $starts
     * @param array<int|string, Placement> $placed
     *
     * @return array{Yard, string|null}
     */
    private static function laterOn(Yard $yard, array $starts, array $placed): array
    {
        $now = $yard->now + 36.0;
        $begun = array_filter($starts, static fn(PreviousPlacement $k): bool => $k->start < $now - 2.0);
        uasort($begun, static fn(PreviousPlacement $a, PreviousPlacement $b): int => $a->start <=> $b->start);
        $late = [] === $begun ? null : (string) array_key_last($begun);
        $work = array_map(static function (Activity $a) use ($begun, $placed, $late): Activity {
            $p = $placed[$a->id] ?? null;
            $by = $a->id === $late ? 2.0 : 0.0;

            return isset($begun[$a->id]) && null !== $p
                ? $a->fixedAt(new Begun($p->start, $p->end + $by, $p->who))
                : $a;
        }, array_values($yard->activities));

        return [
            new Yard(
                now: $now,
                end: $yard->end,
                work: $work,
                people: $yard->people,
                floors: $yard->floors,
                gear: $yard->gear,
                dues: $yard->dues,
            ),
            $late,
        ];
    }

    /**
     * @param array<int|string, Placement> $placed
     *
     * @return array<int|string, PreviousPlacement>
     */
    private static function starts(array $placed): array
    {
        return array_map(PreviousPlacement::of(...), $placed);
    }
}
