<?php

declare(strict_types=1);

namespace App\Plan;

use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Constraint\PreviousPlacement;
use Hull\Schedule\Placing\Schedule;

/**
 * A schedule that was found since a plan was made: enough to take it. Hours since 1970 UTC.
 *
 * @phpstan-type Start array{id: string, start: float|int, who: list<string>, paid: float|int}
 * @phpstan-type Kept array{finish: float|int, sooner: float|int, work: list<Start>}
 */
final readonly class FoundPlan
{
    /**
     * @param float $sooner than the plan that is shown, hours
     * @param list<Start> $starts
     */
    public function __construct(public float $finish, public float $sooner, public array $starts) {}

    /** @param float $before when the one that is shown ends, hour */
    public static function of(Schedule $schedule, float $before): self
    {
        return new self(
            $schedule->finish(),
            $before - $schedule->finish(),
            array_map(
                static fn(Placement $p): array => [
                    'id' => $p->id,
                    'start' => $p->start,
                    'who' => $p->who,
                    'paid' => $p->rework,
                ],
                array_values($schedule->placed),
            ),
        );
    }

    /** @param Kept $kept */
    public static function from(array $kept): self
    {
        return new self($kept['finish'], $kept['sooner'], $kept['work']);
    }

    /** @return Kept */
    public function kept(): array
    {
        return ['finish' => $this->finish, 'sooner' => $this->sooner, 'work' => $this->starts];
    }

    /**
     * @param list<Start> $starts
     *
     * @return array<int|string, PreviousPlacement> by activity
     */
    public static function placements(array $starts): array
    {
        $placed = [];
        foreach ($starts as $s) {
            $placed[$s['id']] = new PreviousPlacement($s['start'], $s['who'], $s['paid']);
        }

        return $placed;
    }
}
