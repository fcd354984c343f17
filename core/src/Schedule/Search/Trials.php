<?php

declare(strict_types=1);

namespace Hull\Schedule\Search;

use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\Aim;
use Hull\Schedule\Placing\Placer;
use Hull\Schedule\Placing\Schedule;

/** What a search has tried: it places turns and decisions, counts them, and keeps the best. */
final class Trials
{
    /** Yards of no more activities are tried without paying for time, too: there that is decided one by one. */
    private const SMALL = 30;
    /** How often it is told how far it is, where nothing better is found. */
    private const TELL = 20;

    private int $done = 0;
    /** Activities put in one by one since the last that counted as a schedule. */
    private int $pieces = 0;
    private ?Schedule $best = null;
    /** A draft that is better than the best, and not made whole yet; and its turns. */
    private ?Schedule $sketch = null;
    private PriorityList $sketched;
    private PriorityList $top;
    private bool $stopped = false;

    /**
     * @param array<int|string, list<non-empty-list<Activity>>> $blocks by part
     * @param \Closure(int, int, Schedule): (bool|void)|null $progress see Scheduler
     * @param Aim|null $aim see Placer
     * @param Heads|null $heads of the yard, where they are known
     */
    public function __construct(
        public readonly Yard $yard,
        public readonly array $blocks,
        public readonly int $tries,
        private readonly ?\Closure $progress = null,
        public readonly ?Aim $aim = null,
        public readonly ?Heads $heads = null,
    ) {
        $this->top = $this->sketched = new PriorityList([]);
    }

    public function isOver(): bool
    {
        return $this->stopped || $this->done >= $this->tries;
    }

    public function best(): Schedule
    {
        return $this->best ?? $this->tried($this->top);
    }

    /** The best, without the gaps in which stood what was taken out again in the end for want of an hour. */
    public function closedUp(): Schedule
    {
        $best = $this->best();
        $again = [] === $best->unplaced ? $best : $this->work($this->top, without: $best);

        // Set up by what is not done after all was no saving: that it costs more is no reason.
        return $again->score->keepsWhatHas($best->score) ? $again : $best;
    }

    /** The turns and decisions of the best. */
    public function top(): PriorityList
    {
        return $this->top;
    }

    /** @param list<list<string>> $orders tried one after the other, as long as there are tries */
    public function begin(array $orders): void
    {
        foreach ($orders as $order) {
            if ($this->isOver()) {
                break;
            }
            $this->tried(new PriorityList($order));
        }
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

    /**
     * A draft of these turns and decisions (see Placer); if it is the best the whole of it is worked out.
     *
     * @phpstan-impure
     */
    public function drafted(PriorityList $list): Schedule
    {
        $draft = $this->work($list, draft: true);
        if ($this->isBest($draft)) {
            return $this->tried($list);
        }
        $this->count(false);

        return $draft;
    }

    /**
     * A draft of these turns and decisions; if it is the best it stays a draft until whole() is asked for.
     *
     * @phpstan-impure
     */
    public function sketched(PriorityList $list): Schedule
    {
        $draft = $this->work($list, draft: true);
        $isBetter = $this->isBest($draft);
        if ($isBetter) {
            [$this->sketch, $this->sketched] = [$draft, $list];
        }
        $this->count($isBetter);

        return $draft;
    }

    /**
     * What was sketched and is still the best is made whole and kept.
     *
     * @phpstan-impure
     */
    public function whole(Settling $settling): void
    {
        [$sketch, $this->sketch] = [$this->sketch, null];
        if (null !== $sketch && [] !== $sketch->unplaced) {
            $this->tried($this->sketched);
        } elseif (null !== $sketch) {
            $whole = $settling->of($sketch);
            $this->kept($whole, PriorityList::in($whole, $this->blocks));
        }
    }

    /** What was tried and kept so far; null where nothing was. */
    public function known(): ?Schedule
    {
        return $this->best;
    }

    /**
     * A schedule that was made otherwise; kept if it is the best.
     *
     * @phpstan-impure
     */
    public function kept(Schedule $schedule, PriorityList $list): Schedule
    {
        $better = $this->isBest($schedule);
        if ($better) {
            [$this->best, $this->top, $this->sketch] = [$schedule, $list, null];
        }
        $this->count($better);

        return $schedule;
    }

    /** Some activities were put in again: as many as a yard has count as a schedule. */
    public function spend(int $activities): void
    {
        $this->pieces += $activities;
        while ($this->pieces >= count($this->yard->activities)) {
            $this->pieces -= count($this->yard->activities);
            $this->count(false);
        }
    }

    public function isBest(Schedule $schedule): bool
    {
        $best = $this->sketch ?? $this->best;

        return null === $best || $schedule->score->isBetterThan($best->score);
    }

    private function count(bool $better): void
    {
        ++$this->done;
        $best = $this->sketch ?? $this->best;
        if (null !== $this->progress && null !== $best && ($better || 0 === $this->done % self::TELL)) {
            $goesOn = ($this->progress)(min($this->done, $this->tries), $this->tries, $best);
            $this->stopped = $this->stopped || false === $goesOn;
        }
    }

    /** @param Schedule|null $without what found no room in it is left out from the beginning */
    private function work(
        PriorityList $turns,
        bool $paysForTime = true,
        bool $draft = false,
        ?Schedule $without = null,
    ): Schedule {
        $placer = new Placer(
            yard: $this->yard,
            decided: $turns->decided,
            aim: $paysForTime ? $this->aim : null,
            draft: $draft,
            without: $without,
        );
        $next = array_fill_keys(array_keys($this->blocks), 0);
        foreach ([...$turns->order, ...Orders::plain(array_map(count(...), $this->blocks))] as $part) {
            $block = $this->blocks[$part][$next[$part]] ?? null;
            if (null !== $block) {
                ++$next[$part];
                $placer->add($block);
            }
        }

        if (!$placer->isAsTaken()) {
            $turns = new PriorityList($turns->order, $turns->decided->asFound());

            return $this->work($turns, $paysForTime, $draft, $without);
        }
        $schedule = $placer->schedule();
        // What looked worth it for one block may not be for the whole.
        if ($placer->hasPaidForTime() && count($this->yard->activities) <= self::SMALL) {
            $unpaid = $this->work($turns, false, $draft, $without);

            return $unpaid->score->costsLessThan($schedule->score) ? $unpaid : $schedule;
        }

        return $schedule;
    }
}
