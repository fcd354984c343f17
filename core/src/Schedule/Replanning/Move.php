<?php

declare(strict_types=1);

namespace Hull\Schedule\Replanning;

use Hull\Schedule\Constraint\PreviousPlacement;
use Hull\Schedule\Constraint\Why;
use Hull\Schedule\Constraint\WhyKind;
use Hull\Schedule\Placing\Placer;
use Hull\Schedule\Placing\Schedule;

/** What a new plan does otherwise than the one before, and why. Hours since 1970 UTC. */
final readonly class Move
{
    /** Moved by less is a slip that nobody has to be told of by itself, hours. */
    public const SLIP_H = 1.0;

    /**
     * @param float|null $from null for what is new
     * @param float|null $to null for what has no room any more
     * @param Why $why it begins when it now does
     * @param float $before hours of abrading it had before
     * @param float $rework hours of abrading before it
     * @param TrialMove|null $stays what would break if it stayed where it was; null for what is new or has no room
     * @param list<string> $for who is away, so that somebody else does what now stands in its way
     */
    private function __construct(
        public string $id,
        public ?float $from,
        public ?float $to,
        public Why $why,
        private float $before,
        public float $rework,
        public ?TrialMove $stays,
        public array $for = [],
    ) {}

    /**
     * @param array<int|string, PreviousPlacement> $before
     *
     * @return list<self> causes first, then what found other work in its way, then what only made way for what moved
     */
    public static function all(Schedule $schedule, array $before): array
    {
        $moves = [];
        foreach (self::moved($schedule, $before) as $id) {
            $placed = $schedule->placed[$id];
            $kept = $before[$id] ?? null;
            $stays =
                null === $kept || abs($kept->start - $placed->start) <= Placer::SAME_H
                    ? null
                    : TrialMove::of($schedule, $id, $kept->start, $kept->who)[0] ?? null;
            $moves[$id] = new self(
                id: $id,
                from: $kept?->start,
                to: $placed->start,
                why: $placed->why,
                before: $kept->rework ?? 0.0,
                rework: $placed->rework,
                stays: $stays,
                for: self::away($schedule, $before, $stays?->why->other),
            );
        }
        foreach ($schedule->unplaced as $id => $why) {
            $id = (string) $id;
            $moves[$id] = new self(
                id: $id,
                from: $before[$id]->start ?? null,
                to: null,
                why: new Why(WhyKind::Waits, $why),
                before: 0.0,
                rework: 0.0,
                stays: null,
            );
        }
        $key = static fn(self $m): array => [self::distance($m, $moves), $m->to ?? \INF, $m->id];
        uasort($moves, static fn(self $a, self $b): int => $key($a) <=> $key($b));

        return array_values($moves);
    }

    /**
     * Who was to do the work that stands in the way and is not there at that hour, so that somebody else does it.
     *
     * @param array<int|string, PreviousPlacement> $before
     *
     * @return list<string>
     */
    private static function away(Schedule $schedule, array $before, ?string $other): array
    {
        $placed = $schedule->placed[$other ?? ''] ?? null;
        $was = $before[$other ?? ''] ?? null;

        return null === $placed || null === $was
            ? []
            : array_values(
                array_filter(
                    array_diff($was->who, $placed->who),
                    static fn(string $name): bool => !$schedule->yard->isThere($name, $was->start),
                ),
            );
    }

    /**
     * @param array<int|string, PreviousPlacement> $before
     *
     * @return list<string>
     */
    public static function moved(Schedule $schedule, array $before): array
    {
        $moved = [];
        foreach ($schedule->placed as $id => $placed) {
            $id = (string) $id;
            $was = $before[$id] ?? null;
            if (
                null === $schedule->yard->activity($id)->fixed &&
                (null === $was ||
                    abs($was->start - $placed->start) > Placer::SAME_H ||
                    $placed->rework > $was->rework + Placer::SAME_H)
            ) {
                $moved[] = $id;
            }
        }

        return $moved;
    }

    /** Only a little later or earlier, by what others took, and no window missed for it. */
    public function isSlip(): bool
    {
        return null !== $this->from &&
            null !== $this->to &&
            abs($this->to - $this->from) < self::SLIP_H &&
            $this->rework <= $this->before + Placer::SAME_H;
    }

    /**
     * How far it is from what happened: 0 where its old hour is barred by no other work (somebody is away, the air,
     * what it waits for), 1 where work that did not move stands there, 2 where what is in its way moved as well.
     *
     * @param array<int|string, self> $moves
     */
    private static function distance(self $move, array $moves): int
    {
        $other = $move->stays?->why->other;

        return match (true) {
            null === $move->stays, [] !== $move->for => 0,
            $move->stays->id !== $move->id || isset($moves[$other ?? '']) => 2,
            default => null === $other ? 0 : 1,
        };
    }
}
