<?php

declare(strict_types=1);

namespace Hull\Schedule\Search;

use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\Aim;
use Hull\Schedule\Placing\Placer;
use Hull\Schedule\Placing\Schedule;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Searches from schedule to schedule, a number of tries long. A yard that is small for its tries is searched
 * thoroughly: everything one decision away, until nothing is better; then a few decisions are thrown, and again. A
 * large one is walked through: by turns orders nearly by what has longest to go, small changes, and parts taken out and
 * put back.
 */
final class LocalSearch
{
    /** So long without anything better, and the walk begins again from the best it had or from anywhere. */
    private const PATIENCE = 100;
    /** What is worse than the best by no more than this share is followed all the same. */
    private const GIVE = 0.02;
    /** Fewer activities with more tries than this are searched thoroughly. */
    private const SMALL = 30;
    private const THOROUGH = 500;
    private const SAMPLE = 0;
    private const CHANGE = 1;
    /** One in so many tries goes to which windows are given up. */
    private const FOR_WINDOWS = 8;
    /** Small changes between two thorough searches. */
    private const WALK = 60;

    private int $done = 0;
    private ?Schedule $best = null;
    private PriorityList $top;
    private bool $stopped = false;
    private readonly Randomizer $random;
    private readonly Neighbours $neighbours;

    /**
     * @param array<int|string, list<non-empty-list<Activity>>> $blocks by part
     * @param \Closure(int, int, Schedule): (bool|void)|null $progress see Scheduler
     * @param Aim|null $aim see Placer
     */
    public function __construct(
        private readonly Yard $yard,
        private readonly array $blocks,
        private readonly int $tries,
        int $seed,
        private readonly ?\Closure $progress,
        private readonly ?Aim $aim = null,
    ) {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->neighbours = new Neighbours($blocks);
        $this->top = new PriorityList([]);
    }

    public function isOver(): bool
    {
        return $this->stopped || $this->done >= $this->tries;
    }

    public function best(): Schedule
    {
        return $this->best ?? $this->tried($this->top);
    }

    /**
     * The schedule of these turns and decisions; kept if it is the best.
     *
     * @phpstan-impure
     */
    public function tried(PriorityList $list): Schedule
    {
        return $this->kept($this->work($list), $list);
    }

    /** @phpstan-impure */
    private function kept(Schedule $schedule, PriorityList $list): Schedule
    {
        ++$this->done;
        $better = null === $this->best || $schedule->score->isBetterThan($this->best->score);
        if ($better) {
            [$this->best, $this->top] = [$schedule, $list];
        }
        $best = $this->best ?? $schedule;
        if (($better || 0 === $this->done % 20) && null !== $this->progress) {
            $goesOn = ($this->progress)(min($this->done, $this->tries), $this->tries, $best);
            $this->stopped = $this->stopped || false === $goesOn;
        }

        return $schedule;
    }

    /**
     * @param array<int|string, float> $tails activity => hours from its beginning to the end of its part, alone
     * @param list<list<string>> $orders tried before
     */
    public function go(array $tails, array $orders): void
    {
        if (count($this->yard->activities) <= self::SMALL && $this->tries >= self::THOROUGH) {
            $this->thoroughly($orders);
        } else {
            $this->walk($tails);
        }
    }

    /**
     * Which windows are given up, one or two, is tried with each of some orders: it may be worth much, and changes all.
     *
     * @param list<list<string>> $orders
     */
    private function givingUpWindows(array $orders): void
    {
        $tried = [];
        foreach ($orders as $order) {
            foreach (Neighbours::windows(new PriorityList($order), $this->yard) as $list) {
                $tried[] = $list;
            }
        }
        $most = intdiv($this->tries, self::FOR_WINDOWS);
        foreach (array_slice($this->random->shuffleArray($tried), 0, $most) as $list) {
            $this->tried($list);
        }
    }

    /** @param list<list<string>> $orders */
    private function thoroughly(array $orders): void
    {
        $this->givingUpWindows($orders);
        $list = $this->top;
        $schedule = $this->best();
        while (!$this->isOver()) {
            [$list, $schedule] = $this->descended($list, $schedule);
            for ($i = 0; $i < self::WALK && !$this->isOver(); ++$i) {
                $tried = $list->changed($schedule, $this->random);
                $there = $this->tried($tried);
                if (!$there->score->isWorseThan($schedule->score)) {
                    [$list, $schedule] = [$tried, $there];
                }
            }
            $list = 0 === $this->random->getInt(0, 3) ? $list->shuffled($this->random) : $this->top;
            $schedule = $this->best();
            for ($thrown = $this->random->getInt(2, 5); $thrown > 0; --$thrown) {
                $list = $list->changed($schedule, $this->random);
            }
            $schedule = $this->isOver() ? $schedule : $this->tried($list);
        }
    }

    /**
     * Everything that is one decision away is tried, and again from what is better, until nothing is.
     *
     * @return array{PriorityList, Schedule}
     */
    private function descended(PriorityList $list, Schedule $schedule): array
    {
        do {
            $better = false;
            $neighbours = $this->random->shuffleArray([...$this->neighbours->of($list, $schedule)]);
            foreach ($neighbours as $tried) {
                if ($this->isOver()) {
                    break;
                }
                $there = $this->tried($tried);
                if ($there->score->costsLessThan($schedule->score)) {
                    [$list, $schedule, $better] = [$tried, $there, true];
                    break;
                }
            }
        } while ($better && !$this->isOver());

        return [$list, $schedule];
    }

    /** @param array<int|string, float> $tails */
    private function walk(array $tails): void
    {
        $refill = new Refill($this->yard, $this->blocks);
        $tails = Orders::byPlace($this->yard, $tails);
        $list = $this->top;
        $here = $this->best();
        for ($since = 0; !$this->isOver(); ++$since) {
            $best = $this->best();
            if ($since > self::PATIENCE) {
                [$list, $since] = [0 === $this->random->getInt(0, 1) ? $this->top : $list->shuffled($this->random), 0];
                $here = $this->tried($list);
            }
            $kind = $this->random->getInt(0, 2);
            $tried = match ($kind) {
                self::SAMPLE => new PriorityList(Orders::nearly($this->blocks, $tails, $this->random)),
                self::CHANGE => $list->changed($here, $this->random),
                default => null,
            };
            $schedule = null === $tried ? $refill->of($here, $this->random) : $this->work($tried);
            $tried ??= PriorityList::in($schedule, $this->blocks);
            if ($this->kept($schedule, $tried)->score->isBetterThan($best->score)) {
                $since = 0;
            }
            if (
                !$schedule->score->isWorseThan($here->score) ||
                $schedule->score->isWithin(self::GIVE, $this->best()->score)
            ) {
                [$here, $list] = [$schedule, $tried];
            }
        }
    }

    private function work(PriorityList $turns, bool $paysForTime = true): Schedule
    {
        $placer = new Placer($this->yard, [], $turns->decided, $paysForTime ? $this->aim : null);
        $next = array_fill_keys(array_keys($this->blocks), 0);
        foreach ([...$turns->order, ...Orders::plain(array_map(count(...), $this->blocks))] as $part) {
            $block = $this->blocks[$part][$next[$part]] ?? null;
            if (null !== $block) {
                ++$next[$part];
                $placer->add($block);
            }
        }

        if (!$placer->isAsTaken()) {
            return $this->work(new PriorityList($turns->order, $turns->decided->asFound()), $paysForTime);
        }
        $schedule = $placer->schedule();
        // What looked worth it for one block may not be for the whole.
        if ($placer->hasPaidForTime() && count($this->yard->activities) <= self::SMALL) {
            $unpaid = $this->work($turns, false);

            return $unpaid->score->costsLessThan($schedule->score) ? $unpaid : $schedule;
        }

        return $schedule;
    }
}
