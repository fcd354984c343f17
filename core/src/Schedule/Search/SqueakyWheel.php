<?php

declare(strict_types=1);

namespace Hull\Schedule\Search;

use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\Schedule;
use Random\Randomizer;

/**
 * Orders of turns that learn from what became of the one before: whose part is done among the last, or after its date,
 * gets its turns sooner next time. Known in the literature as squeaky wheel optimisation; here the whole yard is placed
 * anew each time, since one turn sooner moves everything after it.
 */
final class SqueakyWheel
{
    /** Done within so many hours of the end is done among the last. */
    private const LAST_H = 10.0;
    /** What a part to blame has to go counts for up to so much more, hundredths. */
    private const LOUDER = 30;
    /** After so many without anything better it begins again from its best. */
    private const PATIENCE = 12;
    /** Orders nearly by what has longest to go before it begins to learn. */
    private const SAMPLES = 3;

    /** @var array<int|string, float> activity => how urgent its turn is */
    private array $weights;

    /** @var array<int|string, float> those of the best so far */
    private array $best;
    private int $made = 0;
    private int $since = 0;
    private ?Schedule $before = null;
    private ?Schedule $top = null;

    /**
     * @param array<int|string, list<non-empty-list<Activity>>> $blocks by part
     * @param array<int|string, float> $tails activity => hours from its beginning to the end of its part, alone
     */
    public function __construct(
        private readonly Yard $yard,
        private readonly array $blocks,
        private readonly array $tails,
        private readonly Randomizer $random,
    ) {
        $this->weights = $this->best = $tails;
    }

    /** Whether it has found nothing better for a while; it begins again from its best then. */
    public function isStuck(): bool
    {
        return $this->since >= self::PATIENCE;
    }

    /** The next order to try; what became of it is asked for by heard(). */
    public function next(): PriorityList
    {
        if ($this->isStuck()) {
            [$this->weights, $this->before, $this->since] = [$this->best, $this->top, 0];
        }
        ++$this->made;
        $this->weights = match (true) {
            null === $this->before => $this->tails,
            $this->made <= self::SAMPLES => Orders::around($this->blocks, $this->tails, $this->random),
            default => $this->louder($this->before, $this->top ?? $this->before),
        };

        return new PriorityList(Orders::longestTail($this->blocks, $this->weights));
    }

    /** What became of the last order. */
    public function heard(Schedule $schedule): void
    {
        $this->before = $schedule;
        ++$this->since;
        if (null === $this->top || $schedule->score->isBetterThan($this->top->score)) {
            [$this->top, $this->best, $this->since] = [$schedule, $this->weights, 0];
        }
    }

    /** @return array<int|string, float> the weights, with more for who is to blame */
    private function louder(Schedule $schedule, Schedule $best): array
    {
        $weights = $this->weights;
        foreach ($this->blocks as $part => $list) {
            $end = max([
                0.0,
                ...array_map(
                    static fn(string $id): float => $schedule->placed[$id]->end ?? \INF,
                    $this->yard->chains[$part],
                ),
            ]);
            if ($end > min($best->score->finish - self::LAST_H, $this->yard->dues[$part] ?? \INF)) {
                foreach ($list as $block) {
                    $weights[$block[0]->id] *= 1.0 + $this->random->getInt(0, self::LOUDER) / 100.0;
                }
            }
        }

        return $weights;
    }
}
