<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Catalog\Step;
use Hull\Job\RouteStep;
use Hull\Surface\Precondition;
use Hull\Surface\SurfaceState;
use Hull\Surface\TopTagged;

/** Makes a path that was found shorter: without what it does not need, and with what is quicker in place of waits. */
final readonly class PathTrimmer
{
    /** Sums of the same efforts. */
    private const SAME = 1e-9;

    public function __construct(private PartContext $context, private StepRunner $runner) {}

    /**
     * The same path without what turned out not to be needed, dearest first.
     *
     * @param list<RouteStep> $path
     * @param list<Precondition> $needs
     *
     * @return list<RouteStep>
     */
    public function pruned(array $path, SurfaceState $from, array $needs): array
    {
        $order = $path;
        usort($order, fn(RouteStep $a, RouteStep $b): int => $this->effort($b) <=> $this->effort($a));
        $states = null;
        foreach ($order as $step) {
            $at = array_search($step, $path, true);
            if (false === $at) {
                continue;
            }
            $states ??= $this->along($path, $from);
            $rest = $this->leading(array_slice($path, $at + 1), $states[$at], $needs);
            if (null !== $rest) {
                $path = [...array_slice($path, 0, $at), ...$rest];
                $states = null;
            }
        }

        return $path;
    }

    /**
     * A wait for a film may be done away with by what cures it (an oven, a run hot), and work that is done twice to let
     * time pass by a wait; the search sees neither while it counts waits little.
     *
     * @param list<RouteStep> $path
     * @param list<Precondition> $needs
     * @param list<Step> $steps
     *
     * @return list<RouteStep>
     */
    public function quicker(array $path, SurfaceState $from, array $needs, array $steps): array
    {
        [$best, $least] = [null, null];
        foreach ([] === $from->films ? [] : $this->instead($path, $from, $steps) as [$at, $step]) {
            $swapped = [...array_slice($path, 0, $at), new RouteStep('', $step->id), ...array_slice($path, $at + 1)];
            $other = $this->leading($swapped, $from, $needs);
            $least ??= $this->spent($path, $from);
            $spent = null === $other ? \INF : $this->spent($other, $from);
            [$best, $least] = $spent < $least - self::SAME ? [$other, $spent] : [$best, $least];
        }

        return null === $best ? $path : $this->quicker($this->pruned($best, $from, $needs), $from, $needs, $steps);
    }

    /**
     * What needs no full cure is not kept waiting for it: it is done before, after as long as it is dry to handle where
     * it asks for that.
     *
     * @param list<RouteStep> $path
     * @param list<Precondition> $needs
     * @param list<Step> $steps
     *
     * @return list<RouteStep>
     */
    public function beforeCure(array $path, SurfaceState $from, array $needs, array $steps): array
    {
        $for = fn(RouteStep $s): ?string => $this->context->catalogue()->step($s->step)->takes->waitFor;
        $handle = array_filter($steps, static fn(Step $s): bool => 'handle' === $s->takes->waitFor);
        $waits = [[], ...array_map(static fn(Step $s): array => [new RouteStep('', $s->id)], array_values($handle))];
        foreach ($path as $at => $cure) {
            $next = $path[$at + 1] ?? null;
            if ('full' !== $for($cure) || null === $next || null !== $for($next)) {
                continue;
            }
            foreach ($waits as $wait) {
                $sooner = [...array_slice($path, 0, $at), ...$wait, $next, $cure, ...array_slice($path, $at + 2)];
                $other = $this->leading($sooner, $from, $needs);
                if (null !== $other && count($other) === count($sooner)) {
                    return $this->beforeCure($other, $from, $needs, $steps);
                }
            }
        }

        return $path;
    }

    /** Minutes that a step costs, whatever it is done to. */
    public function effort(RouteStep $routeStep): float
    {
        $step = $this->context->catalogue()->step($routeStep->step);
        $work = $this->runner->work;

        return $work->effort($step, $work->minutes($step), $step->takes->waitHours);
    }

    /** @param list<RouteStep> $path */
    public function sum(array $path): float
    {
        return array_sum(array_map($this->effort(...), $path));
    }

    /**
     * @param list<RouteStep> $path
     * @param list<Step> $steps
     *
     * @return list<array{int, Step}> where in the path which step could stand
     */
    private function instead(array $path, SurfaceState $from, array $steps): array
    {
        $curing = array_filter($steps, fn(Step $s): bool => $s->cures && $this->suitsFilm($s, $from));
        $waits = array_filter($steps, static fn(Step $s): bool => $s->isWait() && null !== $s->takes->waitFor);
        $times = array_count_values(array_map(static fn(RouteStep $s): string => $s->step, $path));
        $instead = [];
        $sooner = array_filter($waits, static fn(Step $s): bool => 'sand' !== $s->takes->waitFor);
        foreach ($path as $at => $move) {
            $done = $this->context->catalogue()->step($move->step);
            $others = match (true) {
                // Waiting long enough to sand is for sanding; the search waits for anything by it.
                'sand' === $done->takes->waitFor => [...$curing, ...$sooner],
                $done->isWait() => $curing,
                $times[$move->step] > 1 => $waits,
                default => [],
            };
            foreach ($others as $step) {
                $instead[] = [$at, $step];
            }
        }

        return $instead;
    }

    /** It can be done to the film on top, in whatever phase that is by then. */
    private function suitsFilm(Step $step, SurfaceState $from): bool
    {
        foreach ($this->runner->needs(new RouteStep('', $step->id)) as $need) {
            if ($need->predicate instanceof TopTagged && !$need->predicate->holds($from)) {
                return false;
            }
        }

        return true;
    }

    /**
     * With the waits for films as they are there.
     *
     * @param list<RouteStep> $path
     */
    private function spent(array $path, SurfaceState $state): float
    {
        $spent = 0.0;
        foreach ($path as $move) {
            $applied = $this->runner->apply($move, $state);
            $step = $this->context->catalogue()->step($move->step);
            $spent += $this->runner->work->effort($step, $applied->handsOnMin, $applied->waitHours ?? \INF, $state);
            $state = $applied->state;
        }

        return $spent;
    }

    /**
     * @param list<RouteStep> $path
     *
     * @return list<SurfaceState> what each step of a path finds
     */
    private function along(array $path, SurfaceState $state): array
    {
        $states = [];
        foreach ($path as $step) {
            $states[] = $state;
            $state = $this->runner->apply($step, $state)->state;
        }

        return $states;
    }

    /**
     * The path without the steps that have nothing left to do on it (dry what was not wetted); null when it no longer
     * leads where it should.
     *
     * @param list<RouteStep> $path
     * @param list<Precondition> $needs
     *
     * @return list<RouteStep>|null
     */
    private function leading(array $path, SurfaceState $state, array $needs): ?array
    {
        $kept = [];
        foreach ($path as $step) {
            if (!$this->runner->isPossible($step, $state)) {
                continue;
            }
            $applied = $this->runner->apply($step, $state);
            if (null === $applied->waitHours) {
                return null;
            }
            $kept[] = $step;
            $state = $applied->state;
        }

        return Precondition::allHold($needs, $state) ? $kept : null;
    }
}
