<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Catalog\Need;
use Hull\Catalog\Step;
use Hull\Quantity\Area;
use Hull\Surface\SurfaceState;

/**
 * What would still have to be done if no step ever undid another: the estimate of effort that leads the search, and
 * the steps that are worth trying next.
 */
final class RelaxedPlan
{
    /** Effort assumed for a film to come to where it is asked to be, minutes. */
    private const FILM = 30.0;
    /** Share of what the lesser needs of a step cost that comes on top of the dearest: needs have much of their way in common. */
    private const APART = 0.25;

    /** @var list<FactWithin> */
    private array $atoms = [];

    /** @var array<string, int> */
    private array $index = [];

    /** @var list<list<Asked>> needs of each step */
    private array $needs = [];

    /** @var list<float> */
    private array $costs = [];

    /** @var list<list<array{int, string, float}>> atoms each step can establish: atom, verb, level */
    private array $makes = [];

    /** @var list<Asked> */
    private array $goal;

    private bool $strips;

    /**
     * @param list<Need> $goal
     * @param list<Step> $steps
     */
    public function __construct(array $goal, private readonly array $steps, StepRunner $runner, Area $area)
    {
        $this->strips = [] !== array_filter($steps, static fn (Step $s): bool => $s->strips > 0);
        $this->goal = array_map(fn (Need $n): Asked => Asked::of($n->predicate, $this->atom(...)), $goal);
        foreach ($steps as $step) {
            $this->needs[] = array_map(fn (Need $n): Asked => Asked::of($n->predicate, $this->atom(...)), $runner->needs(new RouteStep('', $step->id)));
            $wait = null === $step->takes->waitFor || 'dwell' === $step->takes->waitFor ? $step->takes->waitHours : 6.0;
            $this->costs[] = Effort::of($step, $runner->handsOn($step), $wait, $area);
        }
        foreach ($steps as $number => $step) {
            $this->makes[$number] = [];
            foreach ($this->atoms as $atom => $within) {
                foreach ($step->does as $effect) {
                    if ($effect->fact === $within->fact && ('lower' === $effect->verb ? $within->takes(0.0) : $within->takes($effect->level))) {
                        $this->makes[$number][] = [$atom, $effect->verb, $effect->level];
                    }
                }
            }
        }
    }

    /** @return array{float, array<string, float>}|null effort left and the steps worth trying, with their share of it; null when nothing leads there */
    public function from(SurfaceState $state): ?array
    {
        $cost = [];
        $by = [];
        $levels = [];
        foreach ($this->atoms as $atom => $within) {
            $level = $state->fact($within->fact);
            $levels[$atom] = $level;
            $cost[$atom] = $within->takes($level) ? 0.0 : \INF;
        }
        $films = [];
        $open = [];
        foreach ($this->makes as $number => $made) {
            foreach ($made as $makes) {
                if (0.0 !== $cost[$makes[0]]) {
                    $open[$number][] = $makes;
                }
            }
        }
        do {
            $changed = false;
            foreach ($open as $number => $made) {
                $effort = $this->costs[$number];
                $most = 0.0;
                $all = 0.0;
                foreach ($this->needs[$number] as $need) {
                    $one = Asked::FACT === $need->kind ? $cost[$need->atom] : $this->cost($need, $cost, $state, $films);
                    if (\INF === $one) {
                        continue 2;
                    }
                    $most = max($most, $one);
                    $all += $one;
                }
                $before = $most + self::APART * ($all - $most);
                foreach ($made as [$atom, $verb, $level]) {
                    $times = 'lower' === $verb && $levels[$atom] > $level ? ceil($levels[$atom] / $level) : 1.0;
                    $now = $before + $effort * $times;
                    if ($now < $cost[$atom] - 1e-9) {
                        $cost[$atom] = $now;
                        $by[$atom] = [$number, $times];
                        $changed = true;
                    }
                }
            }
        } while ($changed);
        $taken = [];
        $waits = false;
        foreach ($this->goal as $need) {
            if (\INF === $this->cost($need, $cost, $state, $films)) {
                return null;
            }
            $this->collect($need, $cost, $by, $state, $films, $taken, $waits);
        }
        $left = 0.0;
        $worth = [];
        foreach ($taken as $number => $times) {
            $left += $this->costs[$number] * $times;
            $worth[$this->steps[$number]->id] = $this->costs[$number] * $times;
        }
        if ($waits) {
            foreach ($this->steps as $step) {
                if ($step->isWait() || $step->cures || $step->strips > 0) {
                    $worth[$step->id] = ($worth[$step->id] ?? 0.0) + self::FILM;
                }
            }
        }

        return [$left + ($waits ? self::FILM : 0.0), $worth];
    }

    private function film(Predicate $asked, SurfaceState $state): float
    {
        if ($asked->holds($state)) {
            return 0.0;
        }

        return $this->strips || $asked->mayStillHold($state) ? self::FILM : \INF;
    }

    private function atom(FactWithin $within): int
    {
        $key = $within->key();
        if (!isset($this->index[$key])) {
            $this->index[$key] = count($this->atoms);
            $this->atoms[] = $within;
        }

        return $this->index[$key];
    }

    /**
     * @param array<int, float> $cost
     * @param array<int, float> $films
     */
    private function cost(Asked $need, array $cost, SurfaceState $state, array &$films): float
    {
        if (null !== $need->film) {
            return $films[spl_object_id($need->film)] ??= $this->film($need->film, $state);
        }
        if (Asked::FACT === $need->kind) {
            return $cost[$need->atom];
        }
        $sum = 0.0;
        $least = \INF;
        foreach ($need->of as $part) {
            $one = Asked::FACT === $part->kind ? $cost[$part->atom] : $this->cost($part, $cost, $state, $films);
            $sum += $one;
            $least = min($least, $one);
        }

        return Asked::ALL === $need->kind ? $sum : $least;
    }

    /**
     * @param array<int, float>             $cost
     * @param array<int, array{int, float}> $by
     * @param array<int, float>             $films
     * @param array<int, float>             $taken
     */
    private function collect(Asked $need, array $cost, array $by, SurfaceState $state, array &$films, array &$taken, bool &$waits): void
    {
        if (null !== $need->film) {
            $waits = $waits || !$need->film->holds($state);
        } elseif (Asked::FACT === $need->kind) {
            $way = $by[$need->atom] ?? null;
            if (0.0 === $cost[$need->atom] || null === $way) {
                return;
            }
            $known = isset($taken[$way[0]]);
            $taken[$way[0]] = max($taken[$way[0]] ?? 0.0, $way[1]);
            foreach ($known ? [] : $this->needs[$way[0]] as $before) {
                $this->collect($before, $cost, $by, $state, $films, $taken, $waits);
            }
        } elseif (Asked::ALL === $need->kind) {
            foreach ($need->of as $part) {
                $this->collect($part, $cost, $by, $state, $films, $taken, $waits);
            }
        } else {
            $best = null;
            $least = \INF;
            foreach ($need->of as $part) {
                $now = $this->cost($part, $cost, $state, $films);
                if ($now < $least) {
                    [$best, $least] = [$part, $now];
                }
            }
            if (null !== $best) {
                $this->collect($best, $cost, $by, $state, $films, $taken, $waits);
            }
        }
    }
}
