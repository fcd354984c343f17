<?php

declare(strict_types=1);

namespace Hull\Schedule\Search;

use Hull\Schedule\Placing\Schedule;
use Random\Randomizer;

/**
 * Searches a yard that is large for its tries: a few orders of turns that learn from what ends last (see SqueakyWheel),
 * the best of them packed more densely (see Repacking); then more of them, small changes and parts taken out and put
 * back, and what is best then packed again for twice as long.
 */
final class WideSearch
{
    /** So many orders are enough to be packed more densely. */
    private const SKETCHES = 4;
    /** The first time it is packed more densely as much is put in again as in so many schedules; then twice that. */
    private const REPACKED = 16;
    /** So often the wheel may be stuck, and it is tried another way. */
    private const GOES = 2;
    /** So many small changes without anything better, and the wheel turns again. */
    private const PATIENCE = 20;
    /** No more activities than that are searched by their turns alone. */
    private const FEW = 25;
    /** What is worse than the best by no more than this share is followed all the same. */
    private const GIVE = 0.02;

    public function __construct(private readonly Trials $trials, private readonly Randomizer $random) {}

    /**
     * @param array<int|string, float> $tails activity => hours from its beginning to the end of its part, alone
     * @param list<list<string>> $first orders to begin from
     * @param list<list<string>> $orders tried once when the wheel is stuck
     */
    public function go(array $tails, array $first, array $orders): void
    {
        $this->trials->begin($first);
        $wheel = new SqueakyWheel($this->trials->yard, $this->trials->blocks, $tails, $this->random);
        $times = count($this->trials->yard->activities) > self::FEW ? self::REPACKED : 0;
        if ($times > 0 && !$this->trials->isOver()) {
            $this->repacked($this->sketched($wheel), $times);
            $this->trials->whole(new Settling($this->trials->yard, $this->trials->blocks, $tails));
        }
        while (!$this->trials->isOver()) {
            for ($goes = 0; $goes < self::GOES && !$this->trials->isOver(); $goes += (int) $wheel->isStuck()) {
                $wheel->heard($this->trials->drafted($wheel->next()));
            }
            while ([] !== $orders && !$this->trials->isOver()) {
                $this->trials->drafted(new PriorityList(array_shift($orders)));
            }
            $this->wander();
            if ($times > 0) {
                $times *= 2;
                $this->repacked($this->trials->best(), $times);
            }
        }
    }

    /** Of a few orders, none of which is worked out whole, and what is known already the best to be packed. */
    private function sketched(SqueakyWheel $wheel): Schedule
    {
        $best = $this->trials->known();
        for ($i = 0; $i < self::SKETCHES && !$this->trials->isOver(); ++$i) {
            $turns = $wheel->next();
            $draft = $this->trials->sketched($turns);
            $wheel->heard($draft);
            $best = null === $best || self::isBetterStart($draft, $best) ? $draft : $best;
        }

        return $best ?? $this->trials->best();
    }

    /** When it ends says little of what becomes of it, and the hours of all hands say much. */
    private static function isBetterStart(Schedule $draft, Schedule $best): bool
    {
        $first = [$draft->score->unplaced, $draft->score->late] <=> [$best->score->unplaced, $best->score->late];

        return 0 === $first ? Repacking::burdenOf($draft) < Repacking::burdenOf($best) : $first < 0;
    }

    private function repacked(Schedule $schedule, int $times): void
    {
        if ([] === $schedule->unplaced) {
            (new Repacking($this->trials, $this->random, $schedule))->over($times);
        }
    }

    /** From the best on by small changes and by parts taken out and put back, as long as something better is met. */
    private function wander(): void
    {
        $refill = new Refill($this->trials->yard, $this->trials->blocks, $this->trials->aim);
        [$list, $here] = [$this->trials->top(), $this->trials->best()];
        for ($since = 0; $since < self::PATIENCE && !$this->trials->isOver(); ++$since) {
            $best = $this->trials->best();
            if (0 === $this->random->getInt(0, 1)) {
                $tried = $list->changed($here, $this->random);
                $schedule = $this->trials->drafted($tried);
            } else {
                $schedule = $refill->of($here, $this->random);
                $tried = PriorityList::in($schedule, $this->trials->blocks);
                $this->trials->kept($schedule, $tried);
            }
            $since = $this->trials->best() === $best ? $since : 0;
            if (
                !$schedule->score->isWorseThan($here->score) ||
                $schedule->score->isWithin(self::GIVE, $this->trials->best()->score)
            ) {
                [$here, $list] = [$schedule, $tried];
            }
        }
    }
}
