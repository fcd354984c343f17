<?php

declare(strict_types=1);

namespace Hull\Schedule;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Looks for the best order in which the parts get their turns, within a number of tries. The same yard, seed and number
 * give the same schedule. Small yards are tried in every order first.
 */
final class Scheduler
{
    private const MOST_TRIES = 1000;
    /** Activities placed in all tries together. */
    private const WORK = 4000;
    /** So long without anything better, and the search begins again from the best it had or from anywhere. */
    private const PATIENCE = 100;
    /** One in so many worse ones is followed all the same. */
    private const WORSE_ONE_IN = 6;
    /** Yards with no more orders than that are tried in every one of them. */
    private const ALL = 120;
    private const SAMPLE = 0;
    private const CHANGE = 1;
    private const SAME = 3;

    /** Tries that a yard of so many activities is worth, so that it takes a second or two. */
    public static function triesFor(int $activities): int
    {
        return max(6, min(self::MOST_TRIES, intdiv(self::WORK, max(1, $activities))));
    }

    /**
     * @param int $tries schedules to work out, at least one
     * @param \Closure(int, int, Schedule): (bool|void)|null $progress after each better one and now and then: done, of
     *                                                                 how many, the best so far; false to stop
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
        $tails = self::alone($yard, $blocks);
        $turns = new PriorityList(Orders::plain($counts));
        $best = self::work($yard, $blocks, $turns);
        $done = 1;
        foreach (
            array_slice(
                [...$first, ...Orders::all($counts, self::ALL) ?? Orders::sensible($yard, $blocks, $tails)],
                0,
                max(0, $this->tries - 1),
            )
            as $order
        ) {
            $schedule = self::work($yard, $blocks, new PriorityList($order));
            ++$done;
            if ($schedule->score->isBetterThan($best->score)) {
                [$best, $turns] = [$schedule, new PriorityList($order)];
                $this->tell($done, $best);
            }
        }

        return count($yard->activities) < 2 ? $best : $this->search($yard, $blocks, $tails, $best, $turns, $done);
    }

    /**
     * @param array<int|string, list<non-empty-list<Activity>>> $blocks
     * @param array<int|string, float> $tails activity => hours from its beginning to the end of its part, alone
     */
    private function search(
        Yard $yard,
        array $blocks,
        array $tails,
        Schedule $best,
        PriorityList $turns,
        int $done,
    ): Schedule {
        $random = new Randomizer(new Mt19937($this->seed));
        $refill = new Refill($yard, $blocks);
        $here = $best;
        $top = $turns;
        for ($since = 0; $done < $this->tries; ++$done, ++$since) {
            if ($since > self::PATIENCE) {
                [$here, $turns, $since] = [$best, 0 === $random->getInt(0, 1) ? $top : $top->shuffled($random), 0];
            }
            // By turns: nearly by what has longest to go; a small change; some parts taken out and put back.
            $kind = 0 === $since ? self::SAME : $random->getInt(0, 2);
            $tried = match ($kind) {
                self::SAME => $turns,
                self::SAMPLE => new PriorityList(Orders::nearly($blocks, $tails, $random)),
                self::CHANGE => $turns->changed($here, $random),
                default => null,
            };
            $schedule = null === $tried ? $refill->of($here, $random) : self::work($yard, $blocks, $tried);
            $tried ??= PriorityList::in($schedule, $blocks);
            if (
                0 === $since ||
                !$schedule->score->isWorseThan($here->score) ||
                0 === $random->getInt(0, self::WORSE_ONE_IN)
            ) {
                [$here, $turns] = [$schedule, $tried];
            }
            if ($schedule->score->isBetterThan($best->score)) {
                [$best, $top, $since] = [$schedule, $tried, 0];
                $this->tell($done + 1, $best);
            } elseif (0 === $done % 20 && !$this->tell($done + 1, $best)) {
                break;
            }
        }

        return $best;
    }

    /**
     * How long each part would still take from each of its activities on, with the yard to itself.
     *
     * @param array<int|string, list<non-empty-list<Activity>>> $blocks
     *
     * @return array<int|string, float> activity => hours from its beginning to the end of its part
     */
    private static function alone(Yard $yard, array $blocks): array
    {
        $tails = [];
        foreach ($yard->chains as $part => $ids) {
            $placer = new Placer($yard);
            foreach ($blocks[$part] ?? [] as $block) {
                $placer->add($block);
            }
            $placed = $placer->schedule()->placed;
            $end = max($yard->now, ...array_map(static fn(string $id): float => $placed[$id]->end ?? $yard->now, $ids));
            foreach ($ids as $id) {
                $tails[$id] = $end - ($placed[$id]->start ?? $end);
            }
        }

        return $tails;
    }

    private function tell(int $done, Schedule $best): bool
    {
        return null === $this->progress || false !== ($this->progress)($done, $this->tries, $best);
    }

    /** @param array<int|string, list<non-empty-list<Activity>>> $blocks */
    private static function work(Yard $yard, array $blocks, PriorityList $turns): Schedule
    {
        $placer = new Placer($yard, [], $turns->held);
        $next = array_fill_keys(array_keys($blocks), 0);
        foreach ([...$turns->order, ...Orders::plain(array_map(count(...), $blocks))] as $part) {
            $block = $blocks[$part][$next[$part]] ?? null;
            if (null !== $block) {
                ++$next[$part];
                $placer->add($block);
            }
        }

        return $placer->schedule();
    }
}
