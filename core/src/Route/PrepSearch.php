<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Catalog\Step;
use Hull\Job\RouteStep;
use Hull\Surface\FactWithin;
use Hull\Surface\Precondition;
use Hull\Surface\SurfaceState;
use Hull\Surface\TopTagged;

/**
 * Cheapest preparation from a surface to one on which every given need holds: best first over surface states, led by
 * effort spent and the effort of the relaxed plan still ahead.
 */
final class PrepSearch
{
    /** How much more the estimate weighs than what was spent: more is quicker, less is nearer to the cheapest. */
    private const LEAD = 6.0;
    /** How many surfaces are looked at before a search gives up, and before all searches of a part together do. */
    private const MOST = 3000;
    private const MOST_TOGETHER = 12_000;
    /** From so many minutes on a step is dear enough for a second look, and how many steps of a path get one. */
    private const DEAR = 60.0;
    /** Sums of the same efforts. */
    private const SAME = 1e-9;
    private const SECOND_LOOKS = 2;
    /** Minutes held against a step the estimate does not ask for. */
    private const DETOUR = 30.0;

    /** @var list<Step> steps of the chosen schools */
    private array $offered = [];

    /** @var list<Step> steps the material stands, whatever the schools say */
    private array $allowed = [];

    /** @var array<int|string, list<RouteStep>|false> */
    private array $found = [];

    /** @var array<int|string, bool> */
    private array $apart = [];

    private int $looked = 0;

    public function __construct(private readonly PartContext $context, private readonly StepRunner $runner)
    {
        foreach ($context->catalogue()->steps as $step) {
            if ($step->laysFilm || $step->isClosing()) {
                continue;
            }
            if ($context->allows($step)) {
                $this->allowed[] = $step;
                if ($context->offers($step)) {
                    $this->offered[] = $step;
                }
            }
        }
    }

    /**
     * @param list<Precondition> $needs
     *
     * @return list<RouteStep>|null null when no preparation makes them hold
     */
    public function find(SurfaceState $from, array $needs, bool $mayStrip = false): ?array
    {
        if (self::hold($needs, $from)) {
            return [];
        }
        $key =
            $from->key() .
            '>' .
            implode(',', array_map(static fn(Precondition $n): string => $n->id, $needs)) .
            ($mayStrip ? '!' : '');
        $found = $this->found[$key] ??=
            $this->search($from, $needs, $mayStrip, $this->offered) ??
            ((count($this->allowed) > count($this->offered)
                ? $this->search($from, $needs, $mayStrip, $this->allowed)
                : null) ??
                false);

        return false === $found ? null : $found;
    }

    /**
     * @param list<Precondition> $needs
     * @param list<Step> $steps
     *
     * @return list<RouteStep>|null
     */
    private function search(SurfaceState $from, array $needs, bool $mayStrip, array $steps): ?array
    {
        if ($mayStrip && [] === $from->films) {
            return null;
        }
        $single = $this->single($from, $needs, $steps);
        if (null !== $single) {
            return [$single];
        }
        $steps = PointOfNoReturn::before(
            $from,
            $needs,
            array_values(array_filter($steps, static fn(Step $s): bool => $mayStrip || 0 === $s->strips)),
        );
        $relevance = new Relevance($from, $needs, $steps, $this->runner);
        $path = $this->onTheWay($from, $needs, $relevance);

        return null === $path
            ? null
            : $this->quicker($this->withoutTheDearest($path, $from, $needs, $relevance), $from, $needs, $steps);
    }

    /**
     * @param list<Precondition> $needs
     * @param string|null $without a step that is left out
     *
     * @return list<RouteStep>|null
     */
    private function onTheWay(SurfaceState $from, array $needs, Relevance $relevance, ?string $without = null): ?array
    {
        $usable = array_values(array_diff_key($relevance->steps, [$without ?? '' => true]));
        $relaxed = new RelaxedPlan($from, $needs, $usable, $this->runner);

        return $this->bestFirst($from, $needs, $usable, $relevance, $relaxed);
    }

    /**
     * The search is quick, not thorough, and now and then takes one dear step where several cheap ones would do: the
     * dearest of a path are each tried without.
     *
     * @param list<RouteStep> $path
     * @param list<Precondition> $needs
     *
     * @return list<RouteStep>
     */
    private function withoutTheDearest(array $path, SurfaceState $from, array $needs, Relevance $relevance): array
    {
        $dear = array_filter($path, fn(RouteStep $s): bool => $this->effort($s) > self::DEAR);
        usort($dear, fn(RouteStep $a, RouteStep $b): int => $this->effort($b) <=> $this->effort($a));
        foreach (array_slice($dear, 0, self::SECOND_LOOKS) as $one) {
            $other = $this->onTheWay($from, $needs, $relevance, $one->step);
            if (null !== $other && $this->sum($other) < $this->sum($path)) {
                $path = $other;
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
    private function quicker(array $path, SurfaceState $from, array $needs, array $steps): array
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
        foreach ($path as $at => $move) {
            $isWait = $this->context->catalogue()->step($move->step)->isWait();
            foreach ($isWait ? $curing : ($times[$move->step] > 1 ? $waits : []) as $step) {
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

    /** @param list<RouteStep> $path */
    private function sum(array $path): float
    {
        return array_sum(array_map($this->effort(...), $path));
    }

    /**
     * The cheapest step that does it alone, as a wait between two coats does.
     *
     * @param list<Precondition> $needs
     * @param list<Step> $steps
     */
    private function single(SurfaceState $from, array $needs, array $steps): ?RouteStep
    {
        $best = null;
        $least = \INF;
        $broken = array_values(array_filter($needs, static fn(Precondition $n): bool => !$n->predicate->holds($from)));
        foreach ($steps as $step) {
            $move = new RouteStep('', $step->id);
            if ($step->strips > 0 || !$this->touches($step, $broken) || !$this->runner->isPossible($move, $from)) {
                continue;
            }
            $applied = $this->runner->apply($move, $from);
            $effort =
                null === $applied->waitHours
                    ? \INF
                    : $this->runner->work->effort($step, $applied->handsOnMin, $applied->waitHours, $from);
            if ($effort < $least && self::hold($needs, $applied->state)) {
                [$best, $least] = [$move, $effort];
            }
        }

        return $best;
    }

    /**
     * Whether a step changes something that each of the needs asks about.
     *
     * @param list<Precondition> $needs
     */
    private function touches(Step $step, array $needs): bool
    {
        if ($step->isWait() || $step->cures) {
            return true;
        }
        $changed = $this->changed($step);
        foreach ($needs as $need) {
            if (
                [] ===
                array_filter(
                    $need->predicate->facts(),
                    static fn(FactWithin $f): bool => in_array($f->fact, $changed, true),
                )
            ) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param list<Precondition> $needs
     * @param list<Step> $usable
     *
     * @return list<RouteStep>|null
     */
    private function bestFirst(
        SurfaceState $from,
        array $needs,
        array $usable,
        Relevance $relevance,
        RelaxedPlan $relaxed,
    ): ?array {
        $moves = array_map(static fn(Step $s): array => [$s, new RouteStep('', $s->id)], $usable);
        $queue = new \SplPriorityQueue();
        $sequence = 0;
        $queue->insert([$from, 0.0, null, null, [], null], [0.0, 0]);
        $closed = [];
        while (!$queue->isEmpty() && count($closed) < self::MOST && $this->looked < self::MOST_TOGETHER) {
            /**
             * @var array{
             *     SurfaceState,
             *     float,
             *     array<mixed>|null,
             *     Step|null,
             *     array<int|string, true>,
             *     array{float, array<int|string, float>}|null,
             * } $entry
             */
            $entry = $queue->extract();
            [$state, $cost, $trail, $last, $before, $ahead] = $entry;
            $detour = null !== $ahead;
            if (!$detour) {
                $key = $state->key($relevance->facts);
                if (isset($closed[$key])) {
                    continue;
                }
                $closed[$key] = true;
                ++$this->looked;
                if (self::hold($needs, $state)) {
                    return $this->pruned(self::unwind($trail), $from, $needs);
                }
                $ahead = $relaxed->from($state);
                if (null === $ahead) {
                    continue;
                }
                // What the estimate does not ask for is tried later, if at all.
                $queue->insert(
                    [$state, $cost, $trail, $last, $before, $ahead],
                    [-$cost - self::LEAD * ($ahead[0] + self::DETOUR), -++$sequence],
                );
            }
            [$left, $worth] = $ahead;
            $possible = [];
            foreach ($moves as [$step, $move]) {
                if (isset($worth[$step->id]) !== $detour && $this->runner->isPossible($move, $state)) {
                    $possible[$step->id] = true;
                }
            }
            foreach ($moves as [$step, $move]) {
                if (
                    !isset($possible[$step->id]) ||
                    (null !== $last &&
                        $step->order < $last->order &&
                        isset($before[$step->id]) &&
                        $this->areApart($step, $last))
                ) {
                    continue;
                }
                $applied = $this->runner->apply($move, $state);
                if (null === $applied->waitHours || isset($closed[$applied->state->key($relevance->facts)])) {
                    continue;
                }
                $spent = $cost + $this->runner->work->effort($step, $applied->handsOnMin, $applied->waitHours, $state);
                $queue->insert(
                    [$applied->state, $spent, [$trail, $move], $step, $possible, null],
                    [
                        -$spent -
                        self::LEAD * ($detour ? $left + self::DETOUR : max(0.0, $left - ($worth[$step->id] ?? 0.0))),
                        -++$sequence,
                    ],
                );
            }
        }

        return null;
    }

    /**
     * The same path without what turned out not to be needed, dearest first.
     *
     * @param list<RouteStep> $path
     * @param list<Precondition> $needs
     *
     * @return list<RouteStep>
     */
    private function pruned(array $path, SurfaceState $from, array $needs): array
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

    private function effort(RouteStep $routeStep): float
    {
        $step = $this->context->catalogue()->step($routeStep->step);

        $work = $this->runner->work;

        return $work->effort($step, $work->minutes($step), $step->takes->waitHours);
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

        return self::hold($needs, $state) ? $kept : null;
    }

    /** Two steps that neither read nor change what the other changes: their order makes no difference. */
    private function areApart(Step $one, Step $other): bool
    {
        return $this->apart[$one->id . '/' . $other->id] ??=
            !$one->isWait() &&
            !$other->isWait() &&
            0 === $one->strips + $other->strips &&
            !$one->cures &&
            !$other->cures &&
            [] === array_intersect($this->changed($one), [...$this->changed($other), ...$this->asked($other)]) &&
            [] === array_intersect($this->changed($other), $this->asked($one));
    }

    /** @return list<string> */
    private function changed(Step $step): array
    {
        return array_map(static fn(\Hull\Surface\Effect $e): string => $e->fact, $step->does);
    }

    /** @return list<string> */
    private function asked(Step $step): array
    {
        return array_merge(
            [],
            ...array_map(
                static fn(Precondition $n): array => array_map(
                    static fn(FactWithin $f): string => $f->fact,
                    $n->predicate->facts(),
                ),
                $this->runner->needs(new RouteStep('', $step->id)),
            ),
        );
    }

    /** @param list<Precondition> $needs */
    private static function hold(array $needs, SurfaceState $state): bool
    {
        foreach ($needs as $need) {
            if (!$need->predicate->holds($state)) {
                return false;
            }
        }

        return true;
    }

    /** @return list<RouteStep> */
    private static function unwind(mixed $trail): array
    {
        $steps = [];
        while (is_array($trail) && ($trail[1] ?? null) instanceof RouteStep) {
            $steps[] = clone $trail[1];
            $trail = $trail[0] ?? null;
        }

        return array_reverse($steps);
    }
}
