<?php

declare(strict_types=1);

namespace Hull\Schedule\Placing;

use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Constraint\WhyKind;
use Hull\Schedule\Constraint\Window;
use Hull\Schedule\Constraint\Yard;
use Random\Randomizer;

/** What a search decides beside the order of turns: what is held back, what may miss its window, who does what. */
final readonly class Decisions
{
    private const MOST = 6;
    /** Held back by this at the least, hours. */
    private const LEAST_H = 0.25;

    /**
     * @param array<int|string, float> $held activity => hour before which it is not begun
     * @param array<int|string, true> $late activities that may miss a window and are made good then
     * @param array<int|string, string> $by activity => who does it
     * @param array<int|string, list<float>> $away name => times that somebody does not come in for work after all
     * @param array<int|string, true> $setUp activities that are taken to be set up by what has no place yet
     */
    public function __construct(
        public array $held = [],
        public array $late = [],
        public array $by = [],
        public array $away = [],
        public array $setUp = [],
    ) {}

    /** One decision more, or one less. */
    public function changed(Schedule $schedule, Randomizer $random): self
    {
        $ids = array_keys($schedule->placed);
        // Nothing found a place: nobody works, or no window ever opens.
        if ([] === $ids) {
            return $this;
        }
        $activity = $schedule->yard->activity(self::any($ids, $random));
        $id = $activity->id;

        return match ($random->getInt(0, 10)) {
            9 => $this->alike($activity, $schedule, $random),
            10 => $this->emptied($schedule, $random),
            0, 1 => $this->but(
                held: array_replace(self::trimmed($this->held, $random), [
                    $id => self::hour($activity, $schedule, $random),
                ]),
            ),
            2 => $this->but(held: self::less($this->held, $random)),
            3 => $this->missing($schedule, $random),
            4 => $this->but(by: $this->doneBy($activity, $schedule->yard, $random)),
            5 => $this->but(by: self::less($this->by, $random)),
            6 => '' === $activity->share || isset($this->setUp[$id])
                ? $this->but(setUp: array_diff_key($this->setUp, [$id => true]))
                : $this->but(setUp: $this->setUp + [$id => true]),
            7 => $this->stayingAway($schedule->placed[$id], $schedule->yard, $random),
            default => $this->but(away: self::less($this->away, $random)),
        };
    }

    /**
     * @param array<int|string, float>|null $held
     * @param array<int|string, true>|null $late
     * @param array<int|string, string>|null $by
     * @param array<int|string, list<float>>|null $away
     * @param array<int|string, true>|null $setUp
     */
    public function but(
        ?array $held = null,
        ?array $late = null,
        ?array $by = null,
        ?array $away = null,
        ?array $setUp = null,
    ): self {
        return new self(
            held: $held ?? $this->held,
            late: $late ?? $this->late,
            by: $by ?? $this->by,
            away: $away ?? $this->away,
            setUp: $setUp ?? $this->setUp,
        );
    }

    /** With nothing taken to be set up that is not. */
    public function asFound(): self
    {
        return $this->but(setUp: []);
    }

    /** Something that has a window may miss it now, or may not any more; one that held work back before others. */
    private function missing(Schedule $schedule, Randomizer $random): self
    {
        $windows = $tight = [];
        foreach ($schedule->yard->activities as $id => $activity) {
            if ([] !== $activity->windows) {
                $windows[] = $id;
            }
        }
        foreach ($schedule->placed as $placed) {
            if (WhyKind::Window === $placed->why->kind && null !== $placed->why->other) {
                $tight[] = $placed->why->other;
            }
        }
        $some = [] === $tight || self::oneIn(3, $random) ? $windows : $tight;
        if ([] === $some) {
            return $this;
        }
        $id = self::any($some, $random);

        return $this->but(
            late: isset($this->late[$id]) ? array_diff_key($this->late, [$id => true]) : $this->late + [$id => true],
        );
    }

    /** Alike films one after the other, so that they are set up for once. */
    private function alike(Activity $activity, Schedule $schedule, Randomizer $random): self
    {
        $alike = [];
        foreach ($schedule->placed as $id => $placed) {
            if (
                '' !== $activity->share &&
                (string) $id !== $activity->id &&
                $schedule->yard->activity($id)->share === $activity->share
            ) {
                $alike[] = $placed;
            }
        }
        if ([] === $alike) {
            return $this;
        }
        $other = self::any($alike, $random);

        $here = $schedule->placed[$activity->id];
        $of = $schedule->yard->activity($other->id);
        // After it where that is; or it is let in before, and sets up what was there first.
        $from =
            self::oneIn(2, $random) || $other->start < $here->start
                ? $other->end
                : $here->start + $of->hours - (self::oneIn(2, $random) ? $of->setupHours : 0.0);

        return $this->but(
            held: array_replace(self::trimmed($this->held, $random), [$activity->id => $from]),
            setUp: $this->setUp + (self::oneIn(3, $random) ? [] : [$activity->id => true]),
        );
    }

    /** The visit with least work does not take place. */
    private function emptied(Schedule $schedule, Randomizer $random): self
    {
        $hours = [];
        foreach ($schedule->yard->people as $person) {
            foreach ($schedule->placed as $placed) {
                if (in_array($person->name, $placed->who, true)) {
                    foreach ($person->visits($placed->start, $placed->end) as $visit) {
                        $key = $person->name . '/' . $visit;
                        $hours[$key] ??= [0.0, $person->name, $visit];
                        $hours[$key][0] += $placed->end - $placed->start;
                    }
                }
            }
        }
        if ([] === $hours) {
            return $this;
        }
        sort($hours);
        [, $name, $visit] = self::any(array_slice($hours, 0, 3), $random);
        $away = self::trimmed($this->away, $random);
        $away[$name] = [...$away[$name] ?? [], $visit];

        return $this->but(away: $away);
    }

    /** Somebody who came in for a piece of work does not. */
    private function stayingAway(Placement $placed, Yard $yard, Randomizer $random): self
    {
        $name = [] === $placed->who ? null : self::any($placed->who, $random);
        foreach ($yard->people as $person) {
            $visits = $person->name === $name ? $person->visits($placed->start, $placed->end) : [];
            if ([] !== $visits) {
                $away = self::trimmed($this->away, $random);
                $visit = self::any($visits, $random);
                // That one, or none before it.
                $away[$name] = self::oneIn(2, $random)
                    ? [...$away[$name] ?? [], $visit]
                    : array_values(
                        array_filter($person->visits($yard->now, $visit), static fn(float $v): bool => $v < $visit),
                    );

                return $this->but(away: $away);
            }
        }

        return $this;
    }

    /** When something else begins or ends, or somebody comes in; or as long as something else takes. */
    private static function hour(Activity $activity, Schedule $schedule, Randomizer $random): float
    {
        $start = $schedule->placed[$activity->id]->start;
        $others = array_values($schedule->placed);
        $other = [] === $others ? $schedule->placed[$activity->id] : self::any($others, $random);
        $people = $schedule->yard->people;
        $opens = array_column(
            [] === $people ? [] : $people[$random->getInt(0, count($people) - 1)]->work->spans,
            'from',
        );
        $next =
            array_values(array_filter($opens, static fn(float $h): bool => $h > $start + self::LEAST_H))[0] ?? $start;

        return match ($random->getInt(0, 3)) {
            0 => max($other->start, $start + self::LEAST_H),
            1 => max($other->end, $start + self::LEAST_H),
            2 => $next,
            default => $start + max(self::LEAST_H, $schedule->yard->activity($other->id)->hours),
        };
    }

    /** @return array<int|string, string> */
    private function doneBy(Activity $activity, Yard $yard, Randomizer $random): array
    {
        return count($yard->people) < 2
            ? $this->by
            : array_replace(self::trimmed($this->by, $random), [
                $activity->id => $yard->people[$random->getInt(0, count($yard->people) - 1)]->name,
            ]);
    }

    /** @phpstan-impure */
    private static function oneIn(int $count, Randomizer $random): bool
    {
        return 0 === $random->getInt(0, $count - 1);
    }

    /**
     * With room for one more.
     *
     * @template T
     *
     * @param array<int|string, T> $some
     *
     * @return array<int|string, T>
     */
    private static function trimmed(array $some, Randomizer $random): array
    {
        return count($some) < self::MOST ? $some : self::less($some, $random);
    }

    /**
     * @template T
     *
     * @param array<int|string, T> $some
     *
     * @return array<int|string, T>
     */
    private static function less(array $some, Randomizer $random): array
    {
        return [] === $some ? [] : array_diff_key($some, [self::any(array_keys($some), $random) => true]);
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $some
     *
     * @return T
     */
    private static function any(array $some, Randomizer $random): mixed
    {
        return $some[$random->getInt(0, count($some) - 1)];
    }
}
