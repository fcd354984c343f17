<?php

declare(strict_types=1);

namespace Hull\Schedule\Search;

use Hull\Schedule\Constraint\Blocks;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\Aim;
use Hull\Schedule\Placing\Schedule;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Looks for the best order in which the parts get their turns, within a number of tries. The same yard, seed and number
 * give the same schedule. Small yards are tried in every order first.
 */
final class Scheduler
{
    private const MOST_TRIES = 4000;
    /** An activity is placed in so long where there are few, and twice that for so many others, seconds. */
    private const PLACED_S = 35e-6;
    private const AS_LONG_AGAIN = 30;
    private const SEARCH_S = 0.4;
    /** Activities placed in all tries together, at the least. */
    private const WORK = 8000;
    /** Fewer activities with more tries than this are searched thoroughly. */
    private const SMALL = 25;
    private const THOROUGH = 500;
    /** Yards with no more orders than that are tried in every one of them. */
    private const ALL = 120;

    /**
     * Tries that a yard of so many activities is worth while somebody waits: about half a second for a small one, two
     * for a large one. The worker goes on.
     */
    public static function triesFor(int $activities): int
    {
        $n = max(1, $activities);
        $once = self::PLACED_S * $n * (1.0 + $n / self::AS_LONG_AGAIN);

        return max(6, intdiv(self::WORK, $n), min(self::MOST_TRIES, (int) round(self::SEARCH_S / $once)));
    }

    /**
     * @param int $tries schedules to work out, at least one
     * @param \Closure(int, int, Schedule): (bool|void)|null $progress after each better one and now and then: done, of
     *     how many, the best so far, at first a draft of it; false to stop
     */
    public function __construct(
        private readonly int $tries = 200,
        private readonly int $seed = 1,
        private readonly ?\Closure $progress = null,
    ) {}

    /** @param list<list<string>> $first orders of parts to begin from, an earlier schedule's for instance */
    public function plan(Yard $yard, array $first = []): Schedule
    {
        $blocks = Blocks::of($yard);
        $counts = array_filter(array_map(count(...), $blocks), static fn(int $n): bool => $n > 0);
        $heads = Heads::of($yard);
        $bound = LowerBound::of($yard, $heads);
        $tails = Tails::of($yard, $bound);
        $trials = new Trials(
            yard: $yard,
            blocks: $blocks,
            tries: $this->tries,
            progress: $this->progress,
            aim: new Aim($bound, $tails),
            heads: $heads,
        );
        $random = new Randomizer(new Mt19937($this->seed));
        $orders = Orders::all($counts, self::ALL) ?? Orders::sensible($yard, $blocks, $tails);
        $count = count($yard->activities);
        if ($count > 1 && $count <= self::SMALL && $this->tries >= self::THOROUGH) {
            (new ThoroughSearch($trials, $random))->go([Orders::plain($counts), ...$first, ...$orders]);
        } elseif ($count > 1) {
            (new WideSearch($trials, $random))->go(Orders::byPlace($yard, $tails), $first, $orders);
        }

        return $trials->closedUp();
    }
}
