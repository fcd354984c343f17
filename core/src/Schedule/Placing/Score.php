<?php

declare(strict_types=1);

namespace Hull\Schedule\Placing;

/**
 * How good a schedule is: first that everything has room, then hours past due dates, then one sum of what the rest is
 * worth (see Objective), then everything as early as can be. What ends later is not better, whatever it saves.
 */
final readonly class Score
{
    private const DAY = 24.0;

    /**
     * @param float $rework hours of making good missed windows
     * @param float $late hours past due dates, of all parts together
     * @param float $handsOn hours of everybody together, making good included
     * @param float $finish hour since 1970 UTC at which the last work ends
     * @param int $turns how often somebody turns to another part
     * @param int $visits how often somebody comes in for work, of everybody together
     * @param int $setUps how often something is set up for a film
     * @param float $cost the sum, hours of hands
     */
    private function __construct(
        public int $unplaced,
        public float $rework,
        public float $late,
        public float $handsOn,
        public float $finish,
        public int $turns,
        public int $visits,
        public int $setUps,
        public float $cost,
        private float $sum,
    ) {}

    public static function of(Schedule $schedule): self
    {
        $yard = $schedule->yard;
        [$rework, $handsOn, $finish, $sum, $setUps] = [0.0, 0.0, $yard->now, 0.0, 0];
        $ends = $turns = $visits = [];
        $people = array_column($yard->people, null, 'name');
        foreach ($schedule->placed as $id => $placed) {
            $activity = $yard->activity($id);
            $good = max(1, $activity->people) * $placed->rework;
            $rework += $good;
            $hours = $activity->hours - ($placed->setUp ? $activity->setupHours : 0.0);
            $handsOn += $good + $activity->people * $hours;
            $setUps += '' === $activity->share || $placed->setUp ? 0 : 1;
            $finish = max($finish, $placed->end);
            $sum += $placed->end - $yard->now;
            $ends[$activity->part] = max($ends[$activity->part] ?? 0.0, $placed->end);
            foreach ($placed->who as $name) {
                $turns[$name][] = [$placed->start, $activity->part];
                foreach (isset($people[$name]) ? $people[$name]->visits($placed->start, $placed->end) : [] as $from) {
                    $visits[$name . '/' . $from] = true;
                }
            }
        }
        $late = 0.0;
        foreach ($yard->dues as $part => $due) {
            $late += max(0.0, ($ends[$part] ?? $yard->now) - $due);
        }
        $turns = self::turns($turns);
        $worth = $yard->objective;
        $cost =
            ($worth->day * ($finish - $yard->now)) / self::DAY +
            ($handsOn - $rework) +
            $worth->good * $rework +
            $worth->visit * count($visits) +
            $worth->setUp * $setUps +
            $worth->turn * $turns;

        return new self(
            unplaced: count($schedule->unplaced),
            rework: round($rework, 6),
            late: round($late, 6),
            handsOn: round($handsOn, 6),
            finish: round($finish, 6),
            turns: $turns,
            visits: count($visits),
            setUps: $setUps,
            cost: round($cost, 6),
            sum: round($sum, 6),
        );
    }

    /** Better in the whole, and no later where both find room for the same and keep the same dates. */
    public function isBetterThan(self $other): bool
    {
        $first = [$this->unplaced, $this->late] <=> [$other->unplaced, $other->late];

        return 0 !== $first
            ? $first < 0
            : $this->finish <= $other->finish && [$this->cost, $this->sum] < [$other->cost, $other->sum];
    }

    /** Better in the whole, whenever it ends. */
    public function costsLessThan(self $other): bool
    {
        return [$this->unplaced, $this->late, $this->cost, $this->sum] < [
            $other->unplaced,
            $other->late,
            $other->cost,
            $other->sum,
        ];
    }

    /** Worse in what counts, as far as the sum goes; how early the rest is does not. */
    public function isWorseThan(self $other): bool
    {
        return [$this->unplaced, $this->late, $this->cost] > [$other->unplaced, $other->late, $other->cost];
    }

    /** As much has room, is as late as there at the most, and all of it ends no later. */
    public function keepsWhatHas(self $other): bool
    {
        return $this->unplaced <= $other->unplaced && $this->late <= $other->late && $this->finish <= $other->finish;
    }

    /** As much has room and is on time, and the sum is worse by no more than a share. */
    public function isWithin(float $share, self $best): bool
    {
        return $this->unplaced <= $best->unplaced &&
            $this->late <= $best->late + 1e-6 &&
            $this->cost <= $best->cost * (1.0 + $share);
    }

    /** @param array<int|string, list<array{float, string}>> $byPerson start, part */
    private static function turns(array $byPerson): int
    {
        $turns = 0;
        foreach ($byPerson as $parts) {
            usort($parts, static fn(array $a, array $b): int => $a <=> $b);
            $last = null;
            foreach ($parts as [, $part]) {
                $turns += null !== $last && $last !== $part ? 1 : 0;
                $last = $part;
            }
        }

        return $turns;
    }
}
