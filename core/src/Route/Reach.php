<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Catalog\Step;
use Hull\Surface\FilmPhase;
use Hull\Surface\SurfaceState;

/**
 * What could ever become true of a surface if nothing done were undone again: a quick way to see that a need is out
 * of reach before searching for it. What is out of reach here is out of reach in truth; the reverse does not hold.
 */
final class Reach
{
    /** @var array<string, array<array-key, float>> fact => levels it could have */
    private array $levels = [];

    /** @var array<string, true> */
    private array $phases = [];

    private readonly SurfaceState $from;

    /** @param list<Step> $steps on offer */
    public function __construct(SurfaceState $from, array $steps, StepRunner $runner)
    {
        $this->from = $from;
        foreach ($from->facts as $fact => $level) {
            $this->levels[$fact] = [(string) $level => $level];
        }
        $phase = $from->phase();
        $later = false;
        if (true === $from->top()?->isPastWindow()) {
            $this->phases[FilmPhase::Lapsed->value] = true;
        }
        foreach (FilmPhase::cases() as $case) {
            $later = $later || $case === $phase;
            if ($case === $phase || ($later && FilmPhase::None !== $phase)) {
                $this->phases[$case->value] = true;
            }
        }
        do {
            $before = $this->size();
            foreach ($steps as $step) {
                if ($this->allows(array_map(static fn (\Hull\Catalog\Need $n): Predicate => $n->predicate, $runner->needs(new RouteStep('', $step->id))))) {
                    $this->add($step);
                }
            }
        } while ($this->size() > $before);
    }

    /** @param list<Predicate> $predicates */
    public function allows(array $predicates): bool
    {
        foreach ($predicates as $predicate) {
            if (!$predicate->couldHold($this)) {
                return false;
            }
        }

        return true;
    }

    public function within(string $fact, ?float $min, ?float $max): bool
    {
        foreach ($this->levels[$fact] ?? ['0' => 0.0] as $level) {
            if ((null === $min || $level >= $min) && (null === $max || $level <= $max)) {
                return true;
            }
        }

        return false;
    }

    /** @param list<FilmPhase> $phases */
    public function phase(array $phases): bool
    {
        foreach ($phases as $phase) {
            if (isset($this->phases[$phase->value])) {
                return true;
            }
        }

        return false;
    }

    public function top(): SurfaceState
    {
        return $this->from;
    }

    private function add(Step $step): void
    {
        foreach ($step->does as $effect) {
            foreach ($this->levels[$effect->fact] ?? ['0' => 0.0] as $level) {
                $this->levels[$effect->fact][(string) $level] = $level;
                $after = $effect->on(SurfaceState::of('', [$effect->fact => $level]))->fact($effect->fact);
                $this->levels[$effect->fact][(string) $after] = $after;
            }
        }
    }

    private function size(): int
    {
        return array_sum(array_map(count(...), $this->levels));
    }
}
