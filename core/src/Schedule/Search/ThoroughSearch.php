<?php

declare(strict_types=1);

namespace Hull\Schedule\Search;

use Hull\Schedule\Placing\Schedule;
use Hull\Schedule\Placing\Score;
use Random\Randomizer;

/**
 * Searches a yard that is small for its tries: everything one decision away, until nothing is better; then a few
 * decisions are thrown, and again; after a while all of it from another order.
 */
final class ThoroughSearch
{
    /** One in so many tries goes to which windows are given up. */
    private const FOR_WINDOWS = 8;
    /** So often nothing better is found from the best, and all is begun anew. */
    private const DIGS = 4;
    /** Small changes between two thorough searches. */
    private const WALK = 60;

    /** @var array<string, Score> what was one decision away once, and what became of it */
    private array $known = [];
    private readonly Neighbours $neighbours;

    public function __construct(private readonly Trials $trials, private readonly Randomizer $random)
    {
        $this->neighbours = new Neighbours($trials->blocks);
    }

    /** @param list<list<string>> $orders of parts to begin from */
    public function go(array $orders): void
    {
        $this->trials->begin($orders);
        $this->givingUpWindows($orders);
        [$list, $schedule] = [$this->trials->top(), $this->trials->best()];
        while (!$this->trials->isOver()) {
            [$list, $schedule] = $this->dug($list, $schedule);
            // The bottom of one pit is not that of all.
            $list = $list->shuffled($this->random);
            $schedule = $this->trials->tried($list);
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
            foreach (Neighbours::windows(new PriorityList($order), $this->trials->yard) as $list) {
                $tried[] = $list;
            }
        }
        $most = intdiv($this->trials->tries, self::FOR_WINDOWS);
        foreach (array_slice($this->random->shuffleArray($tried), 0, $most) as $list) {
            $this->trials->tried($list);
        }
    }

    /**
     * Down to where no decision makes it better, some thrown, and down again, until that is of no use.
     *
     * @return array{PriorityList, Schedule} the best of it
     */
    private function dug(PriorityList $list, Schedule $schedule): array
    {
        [$top, $best] = [$list, $schedule];
        for ($since = 0; $since < self::DIGS && !$this->trials->isOver(); ++$since) {
            [$list, $schedule] = $this->descended($list, $schedule);
            for ($i = 0; $i < self::WALK && !$this->trials->isOver(); ++$i) {
                $tried = $list->changed($schedule, $this->random);
                $there = $this->trials->tried($tried);
                if (!$there->score->isWorseThan($schedule->score)) {
                    [$list, $schedule] = [$tried, $there];
                }
            }
            if ($schedule->score->costsLessThan($best->score)) {
                [$top, $best, $since] = [$list, $schedule, 0];
            }
            [$list, $schedule] = [$top, $best];
            for ($thrown = $this->random->getInt(2, 5); $thrown > 0; --$thrown) {
                $list = $list->changed($schedule, $this->random);
            }
            $schedule = $this->trials->isOver() ? $schedule : $this->trials->tried($list);
        }

        return [$top, $best];
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
                if ($this->trials->isOver()) {
                    break;
                }
                $known = $this->known[$tried->key()] ?? null;
                if (null !== $known && !$known->costsLessThan($schedule->score)) {
                    continue;
                }
                $there = $this->trials->tried($tried);
                $this->known[$tried->key()] = $there->score;
                if ($there->score->costsLessThan($schedule->score)) {
                    [$list, $schedule, $better] = [$tried, $there, true];
                    break;
                }
            }
        } while ($better && !$this->trials->isOver());

        return [$list, $schedule];
    }
}
