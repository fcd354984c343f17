<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Catalog\Step;
use Hull\Job\RouteStep;
use Hull\Surface\Precondition;
use Hull\Surface\Predicate;
use Hull\Surface\SurfaceState;

/**
 * What would still have to be done if no step ever undid another: the estimate of effort that leads the search, and
 * the steps that are worth trying next.
 */
final class RelaxedPlan
{
    /**
     * Effort assumed for a film to come to where it is asked to be when no single wait or cure brings it there,
     * minutes.
     */
    private const FILM = 30.0;
    /**
     * Share of what the lesser needs of a step cost that comes on top of the dearest: needs have much of their way in
     * common.
     */
    private const APART = 0.25;

    private readonly NeedTable $table;

    /** @var list<list<int>> needs of each step */
    private array $needs = [];

    /** @var array<int, list<int>> need => steps that have it */
    private array $askers = [];

    /** @var list<float> */
    private array $costs = [];

    /** @var array<int, list<array{int, string, float}>> what each step can bring about: number, verb, level */
    private array $makes = [];

    /** @var list<int> */
    private readonly array $goal;

    /**
     * @var array<int|string, list<array{float, SurfaceState}>> film on top => effort and surface after each wait and
     *                                                          cure
     */
    private array $afterFilmWork = [];

    /** @var array<int|string, array<int|string, float>> film on top => what is asked of it => effort to get there */
    private array $films = [];

    private readonly bool $strips;

    /** @var list<Step> steps by which a film comes to another state */
    private readonly array $filmWork;

    /**
     * @param list<Precondition> $goal
     * @param list<Step> $steps
     */
    public function __construct(
        SurfaceState $from,
        array $goal,
        private readonly array $steps,
        private readonly StepRunner $runner,
    ) {
        $this->filmWork = array_values(
            array_filter($steps, static fn(Step $s): bool => $s->isWait() || $s->cures || $s->strips > 0),
        );
        $this->strips = [] !== array_filter($steps, static fn(Step $s): bool => $s->strips > 0);
        $this->table = new NeedTable($from, $steps);
        $this->goal = $this->table->numbers($goal);
        foreach ($steps as $number => $step) {
            $this->needs[$number] = $this->table->numbers($runner->needs(new RouteStep('', $step->id)));
            foreach ($this->needs[$number] as $need) {
                $this->askers[$need][] = $number;
            }
            $wait = null === $step->takes->waitFor || 'dwell' === $step->takes->waitFor ? $step->takes->waitHours : 6.0;
            $this->costs[] = $runner->work->effort($step, $runner->work->minutes($step), $wait);
        }
        foreach ($steps as $number => $step) {
            foreach ($step->does as $effect) {
                foreach ($this->table->ofFact[$effect->fact] ?? [] as $atom) {
                    if ($this->table->atoms[$atom]->isBroughtBy($effect)) {
                        $this->makes[$number][] = [$atom, $effect->verb, $effect->level];
                    }
                }
            }
        }
    }

    /**
     * @return array{float, array<int|string, float>}|null effort left and the steps worth trying, with their share of
     *                                                     it; null when nothing leads there
     */
    public function from(SurfaceState $state): ?array
    {
        $cost = [];
        $by = [];
        $levels = [];
        foreach ($this->table->atoms as $atom => $within) {
            $level = $state->fact($within->fact);
            $levels[$atom] = $level;
            $cost[$atom] = $within->takes($level) ? 0.0 : \INF;
        }
        $key = $state->key([]);
        $films = $this->films[$key] ?? [];
        $needs = [];
        foreach ($this->table->asked as $number => $asked) {
            $needs[$number] =
                RelaxedCondition::FACT === $asked->kind
                    ? $cost[$asked->atom]
                    : $this->cost($asked, $cost, $state, $films);
        }
        $open = [];
        foreach ($this->makes as $number => $made) {
            foreach ($made as $makes) {
                if (0.0 !== $cost[$makes[0]]) {
                    $open[$number][] = $makes;
                }
            }
        }
        $queue = array_keys($open);
        $queued = array_fill_keys($queue, true);
        for ($i = 0; isset($queue[$i]); ++$i) {
            $number = $queue[$i];
            unset($queued[$number]);
            $most = 0.0;
            $all = 0.0;
            foreach ($this->needs[$number] as $need) {
                $one = $needs[$need];
                if (0.0 === $one) {
                    continue;
                }
                if (\INF === $one) {
                    continue 2;
                }
                $most = $one > $most ? $one : $most;
                $all += $one;
            }
            $before = $most + self::APART * ($all - $most);
            foreach ($open[$number] as [$atom, $verb, $level]) {
                $times = 'lower' === $verb && $levels[$atom] > $level ? ceil($levels[$atom] / $level) : 1.0;
                $now = $before + $this->costs[$number] * $times;
                if ($now >= $cost[$atom] - 1e-9) {
                    continue;
                }
                $cost[$atom] = $now;
                $by[$atom] = [$number, $times];
                foreach ($this->table->needsOf[$atom] as $need) {
                    $asked = $this->table->asked[$need];
                    $then = RelaxedCondition::FACT === $asked->kind ? $now : $this->cost($asked, $cost, $state, $films);
                    if ($then >= $needs[$need]) {
                        continue;
                    }
                    $needs[$need] = $then;
                    foreach ($this->askers[$need] ?? [] as $asker) {
                        if (isset($open[$asker]) && !isset($queued[$asker])) {
                            $queue[] = $asker;
                            $queued[$asker] = true;
                        }
                    }
                }
            }
        }
        $this->films[$key] = $films;
        $taken = [];
        $waits = 0.0;
        foreach ($this->goal as $need) {
            if (\INF === $needs[$need]) {
                return null;
            }
            $this->collect(
                need: $this->table->asked[$need],
                cost: $cost,
                by: $by,
                state: $state,
                films: $films,
                taken: $taken,
                waits: $waits,
            );
        }
        $left = 0.0;
        $worth = [];
        foreach ($taken as $number => $times) {
            $left += $this->costs[$number] * $times;
            $worth[$this->steps[$number]->id] = $this->costs[$number] * $times;
        }
        foreach ($waits > 0.0 ? $this->filmWork : [] as $step) {
            $worth[$step->id] = ($worth[$step->id] ?? 0.0) + $waits;
        }

        return [$left + $waits, $worth];
    }

    /** Effort of the wait or cure that brings a film to where it is asked to be. */
    private function film(Predicate $asked, SurfaceState $state): float
    {
        if ($asked->holds($state)) {
            return 0.0;
        }
        $least = \INF;
        foreach ($this->afterFilmWork[$state->key([])] ??= $this->afterFilmWork($state) as [$effort, $after]) {
            $least = $effort < $least && $asked->holds($after) ? $effort : $least;
        }

        return \INF !== $least || (!$this->strips && !$asked->mayStillHold($state)) ? $least : self::FILM;
    }

    /** @return list<array{float, SurfaceState}> */
    private function afterFilmWork(SurfaceState $state): array
    {
        $after = [];
        foreach ($this->filmWork as $step) {
            $applied = $this->runner->apply(new RouteStep('', $step->id), $state);
            if (null !== $applied->waitHours) {
                $after[] = [
                    $this->runner->work->effort($step, $applied->handsOnMin, $applied->waitHours, $state),
                    $applied->state,
                ];
            }
        }

        return $after;
    }

    /**
     * @param array<int, float> $cost
     * @param array<int|string, float> $films
     */
    private function cost(RelaxedCondition $need, array $cost, SurfaceState $state, array &$films): float
    {
        if (null !== $need->film) {
            return $films[$need->film->key()] ??= $this->film($need->film, $state);
        }
        if (RelaxedCondition::FACT === $need->kind) {
            return $cost[$need->atom];
        }
        $sum = 0.0;
        $least = \INF;
        foreach ($need->of as $part) {
            $one =
                RelaxedCondition::FACT === $part->kind ? $cost[$part->atom] : $this->cost($part, $cost, $state, $films);
            $sum += $one;
            $least = min($least, $one);
        }

        return RelaxedCondition::ALL === $need->kind ? $sum : $least;
    }

    /**
     * @param array<int, float> $cost
     * @param array<int, array{int, float}> $by
     * @param array<int|string, float> $films
     * @param array<int, float> $taken
     */
    private function collect(
        RelaxedCondition $need,
        array $cost,
        array $by,
        SurfaceState $state,
        array &$films,
        array &$taken,
        float &$waits,
    ): void {
        if (null !== $need->film) {
            $waits = max($waits, $films[$need->film->key()] ?? 0.0);
        } elseif (RelaxedCondition::FACT === $need->kind) {
            $way = $by[$need->atom] ?? null;
            if (0.0 === $cost[$need->atom] || null === $way) {
                return;
            }
            $known = isset($taken[$way[0]]);
            $taken[$way[0]] = max($taken[$way[0]] ?? 0.0, $way[1]);
            foreach ($known ? [] : $this->needs[$way[0]] as $before) {
                $this->collect(
                    need: $this->table->asked[$before],
                    cost: $cost,
                    by: $by,
                    state: $state,
                    films: $films,
                    taken: $taken,
                    waits: $waits,
                );
            }
        } elseif (RelaxedCondition::ALL === $need->kind) {
            foreach ($need->of as $part) {
                $this->collect(
                    need: $part,
                    cost: $cost,
                    by: $by,
                    state: $state,
                    films: $films,
                    taken: $taken,
                    waits: $waits,
                );
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
                $this->collect(
                    need: $best,
                    cost: $cost,
                    by: $by,
                    state: $state,
                    films: $films,
                    taken: $taken,
                    waits: $waits,
                );
            }
        }
    }
}
