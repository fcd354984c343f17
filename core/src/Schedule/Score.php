<?php

declare(strict_types=1);

namespace Hull\Schedule;

/**
 * How good a schedule is, most important first: everything has room; windows kept (hours of abrading paid); due dates
 * (hours late); hands-on hours; the finish; how often somebody turns to another part; then everything as early as can
 * be.
 */
final readonly class Score
{
    private const COUNTS = 5;

    /** @param float $finish hour since 1970 UTC at which the last work ends */
    private function __construct(
        public int $without,
        public float $paid,
        public float $late,
        public float $handsOn,
        public float $finish,
        public int $turns,
        private float $sum,
    ) {}

    public static function of(Schedule $schedule): self
    {
        $yard = $schedule->yard;
        [$paid, $handsOn, $finish, $sum] = [0.0, 0.0, $yard->now, 0.0];
        $ends = [];
        $turns = [];
        foreach ($schedule->placed as $id => $placed) {
            $activity = $yard->activity($id);
            $paid += $placed->paid;
            $handsOn += $activity->hours + $placed->paid - ($placed->setUp ? $activity->setupHours : 0.0);
            $finish = max($finish, $placed->end);
            $sum += $placed->end - $yard->now;
            $ends[$activity->part] = max($ends[$activity->part] ?? 0.0, $placed->end);
            foreach ($placed->who as $name) {
                $turns[$name][] = [$placed->start, $activity->part];
            }
        }
        $late = 0.0;
        foreach ($yard->dues as $part => $due) {
            $late += max(0.0, ($ends[$part] ?? $yard->now) - $due);
        }

        return new self(
            without: count($schedule->without),
            paid: round($paid, 6),
            late: round($late, 6),
            handsOn: round($handsOn, 6),
            finish: round($finish, 6),
            turns: self::turns($turns),
            sum: round($sum, 6),
        );
    }

    public function isBetterThan(self $other): bool
    {
        return $this->parts() < $other->parts();
    }

    /** Worse in what counts, up to the finish; how often somebody turns and how early the rest is does not. */
    public function isWorseThan(self $other): bool
    {
        return array_slice($this->parts(), 0, self::COUNTS) > array_slice($other->parts(), 0, self::COUNTS);
    }

    /** @return list<int|float> */
    private function parts(): array
    {
        return [$this->without, $this->paid, $this->late, $this->handsOn, $this->finish, $this->turns, $this->sum];
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
