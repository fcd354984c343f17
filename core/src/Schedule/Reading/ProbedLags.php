<?php

declare(strict_types=1);

namespace Hull\Schedule\Reading;

use Hull\Job\RouteStep;
use Hull\Route\StepRunner;
use Hull\Surface\FilmPhase;
use Hull\Surface\Precondition;
use Hull\Surface\SurfaceState;

/**
 * What a step asks of time, found by trying it: on the top film in each phase, on a surface that has waited longer.
 *
 * So a rule of the catalogue counts in the schedule without being written a second time.
 */
final readonly class ProbedLags
{
    private const MOST_HOURS = 400.0;
    private const PHASES = [
        FilmPhase::Wet,
        FilmPhase::Tacky,
        FilmPhase::Open,
        FilmPhase::Shut,
        FilmPhase::Lapsed,
        FilmPhase::Cured,
    ];

    /**
     * @param FilmPhase|null $from the top film must have come into this phase
     * @param bool $ends it must not have left its recoat window
     * @param array<int|string, float> $hours by fact that drifts: highest level at which it may be begun
     */
    private function __construct(public ?FilmPhase $from, public bool $ends, public array $hours) {}

    public static function of(StepRunner $runner, RouteStep $step, SurfaceState $state): self
    {
        [$from, $ends] = self::film($runner, $step, $state);
        $hours = [];
        foreach ($runner->drifts() as $fact) {
            $level = $state->fact($fact);
            $most = $level > 0.0 ? self::most($runner, $step, $state, $fact, $level) : null;
            $hours += null === $most ? [] : [$fact => $most];
        }

        return new self($from, $ends, $hours);
    }

    /** @return array{FilmPhase|null, bool} */
    private static function film(StepRunner $runner, RouteStep $step, SurfaceState $state): array
    {
        if (null === $state->top()) {
            return [null, false];
        }
        $broken = [];
        foreach (self::PHASES as $phase) {
            $broken[$phase->value] = array_map(
                static fn(Precondition $n): string => $n->id,
                $runner->broken($step, $state->topStanding($phase)),
            );
        }
        // What is amiss in every phase has nothing to do with the film.
        $always = array_intersect(...array_values($broken));
        $suits = static fn(FilmPhase $phase): bool => [] === array_diff($broken[$phase->value] ?? [], $always);
        foreach (self::PHASES as $phase) {
            if ($suits($phase)) {
                return [
                    FilmPhase::Wet === $phase ? null : $phase,
                    $suits(FilmPhase::Open) && !$suits(FilmPhase::Lapsed),
                ];
            }
        }

        return [null, false];
    }

    private static function most(
        StepRunner $runner,
        RouteStep $step,
        SurfaceState $state,
        string $fact,
        float $level,
    ): ?float {
        $now = count($runner->broken($step, $state));
        $suits = static fn(float $at): bool => count($runner->broken($step, $state->with($fact, $at))) <= $now;
        if ($suits($level + self::MOST_HOURS)) {
            return null;
        }
        [$low, $high] = [$level, $level + self::MOST_HOURS];
        while ($high - $low > 0.05) {
            $middle = ($low + $high) / 2.0;
            $suits($middle) ? ($low = $middle) : ($high = $middle);
        }

        return round($low, 1);
    }
}
