<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Quantity\Interval;
use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Constraint\PreviousPlacement;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\Schedule;
use Hull\Schedule\Replanning\Move;
use Hull\Schedule\Replanning\Replan;
use Hull\Schedule\Search\Scheduler;
use Hull\Tests\Kept;
use Hull\Tests\Schedule\Exact\HardYard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/**
 * The same yard, seed and number of tries give the same schedule, found on the same way: each better one that was met
 * and after how many tries. Whoever changes the search on purpose makes the file anew (HULL_RENEW=1) and says what
 * became better; the laws, the exact judge and the bound say whether a schedule is right and good.
 */
final class SameSearchTest extends TestCase
{
    /** @return iterable<string, array{string, int}> */
    public static function searches(): iterable
    {
        foreach (['hard' => range(4, 12), 'again' => range(1, 8)] as $kind => $seeds) {
            foreach ($seeds as $seed) {
                yield "$kind $seed" => [$kind, $seed];
            }
        }
    }

    /** @return iterable<string, array{string, int}> */
    public static function longSearches(): iterable
    {
        foreach (['hard' => range(1, 3), 'made' => range(1, 6)] as $kind => $seeds) {
            foreach ($seeds as $seed) {
                yield "$kind $seed" => [$kind, $seed];
            }
        }
    }

    #[DataProvider('searches')]
    public function testIsFoundOnTheSameWay(string $kind, int $seed): void
    {
        self::same($kind, $seed);
    }

    #[DataProvider('longSearches')]
    #[Group('slow')]
    public function testALongSearchIsFoundOnTheSameWay(string $kind, int $seed): void
    {
        self::same($kind, $seed);
    }

    private static function same(string $kind, int $seed): void
    {
        $way = match ($kind) {
            'hard' => self::way((new HardYard($seed))->yard, $seed > 3 ? 250 : 900, $seed),
            'made' => self::way((new RandomYard($seed, 6, 5))->yard(), $seed > 3 ? 60 : 150, $seed),
            default => self::again((new RandomYard($seed, 4, 4, 16, 2))->yard(), $seed),
        };
        Kept::same(
            __DIR__ . '/same-search.json',
            "$kind $seed",
            $way,
            'the search goes another way: say what became better',
        );
    }

    /** @return array<string, mixed> */
    private static function way(Yard $yard, int $tries, int $seed): array
    {
        $met = [];
        $search = new Scheduler($tries, $seed, static function (int $done, int $of, Schedule $best) use (&$met): void {
            $cost = round($best->score->cost, 4);
            if (end($met) !== $cost) {
                $met["after $done"] = $cost;
            }
        });

        $found = self::told($search->plan($yard));

        return ['met' => $met, 'found' => $found];
    }

    /**
     * Somebody is away for two days, two hours after it began.
     *
     * @return array<string, mixed>
     */
    private static function again(Yard $yard, int $seed): array
    {
        $plan = (new Scheduler(10, $seed))->plan($yard);
        $people = $yard->people;
        $people[1] = Person::of(
            $people[1]->name,
            array_values(
                array_filter($people[1]->work->spans, static fn(Interval $w): bool => $w->from > $yard->now + 48.0),
            ),
        );
        $later = new Yard($yard->now + 2.0, $yard->end, array_values($yard->activities), array_values($people));
        $replan = Replan::of($later, array_map(PreviousPlacement::of(...), $plan->placed), new Scheduler(5, $seed));

        return [
            'moves' => array_map(
                static fn(Move $m): string => sprintf(
                    '%s %s -> %s, %s%s',
                    $m->id,
                    null === $m->from ? 'new' : round($m->from, 3),
                    null === $m->to ? 'no room' : round($m->to, 3),
                    $m->why->words('it'),
                    $m->rework > 0.0 ? ', made good' : '',
                ),
                $replan->moves,
            ),
            'found' => self::told($replan->schedule),
        ];
    }

    /** @return array<string, mixed> */
    private static function told(Schedule $schedule): array
    {
        $placed = $schedule->placed;
        ksort($placed);
        $lines = array_map(
            static fn(Placement $p): string => sprintf(
                '%s %.4f-%.4f %s %.3f %.3f',
                $p->id,
                $p->start,
                $p->end,
                implode('+', $p->who),
                $p->rework,
                $p->setUp,
            ),
            $placed,
        );

        return [
            'finish' => round($schedule->finish(), 4),
            'cost' => round($schedule->score->cost, 4),
            'without' => count($schedule->unplaced),
            'work' => substr(hash('sha256', implode("\n", $lines)), 0, 16),
        ];
    }
}
