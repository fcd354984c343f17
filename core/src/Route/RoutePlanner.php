<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Catalog\FilmSystem;
use Hull\Job\Route;
use Hull\Job\RouteStep;
use Hull\Quantity\Message;
use Hull\Quantity\Temperature;
use Hull\Surface\AllOf;
use Hull\Surface\Precondition;
use Hull\Surface\SurfaceState;

/**
 * Plans preparation, coats and closing steps from any surface on.
 *
 * The film system is fixed by the context; each coat in turn is a goal and the cheapest preparation for it is searched.
 * Deterministic: equal input gives the equal route.
 */
final readonly class RoutePlanner
{
    /** How often a coat may have to come off again on the way to one step. */
    /** So many steps may be bound to each other. */
    private const BOUND = 2;
    private const MOST_ROUNDS = 3;

    private StepRunner $runner;
    private PrepSearch $search;

    private PartContext $context;

    public function __construct(PartContext $context)
    {
        $this->context = $context->workable();
        $this->runner = new StepRunner($this->context);
        $this->search = new PrepSearch($this->context, $this->runner);
    }

    /** @throws NoRoute */
    public function plan(SurfaceState $from): Route
    {
        return (new RinseInsertion($this->context, $this->runner, $this))->of(
            $from,
            Route::of($this->steps($from, [], [])),
        );
    }

    /**
     * The given steps, kept in order, with what they lack put in before each of them; coats that were taken off again
     * or never laid are added before the closing steps.
     *
     * @param list<RouteStep> $remaining
     *
     * @throws NoRoute
     */
    public function mend(SurfaceState $from, array $remaining, string $because): Route
    {
        $state = $from;
        $steps = [];
        foreach ($remaining as $routeStep) {
            $broken = $this->runner->broken($routeStep, $state);
            if ([] !== $broken && $this->isPointless($routeStep, $state)) {
                continue;
            }
            if ([] !== $broken) {
                [$inserted, $state] = $this->lead($state, $routeStep, $because);
                $steps = [...$steps, ...$inserted];
            }
            if ($this->runner->isIdle($routeStep, $state)) {
                continue;
            }
            $steps[] = $routeStep;
            $state = $this->runner->apply($routeStep, $state)->state;
        }

        return Route::of($steps);
    }

    /**
     * What must be done before a step, for nobody who asks why not where nothing leads there.
     *
     * @return list<RouteStep>|null
     */
    public function before(SurfaceState $state, RouteStep $step): ?array
    {
        if ([] === $this->runner->broken($step, $state) || $this->isPointless($step, $state)) {
            return [];
        }
        try {
            return $this->lead($state, $step, '', isAskedWhy: false)[0];
        } catch (NoRoute) {
            return null;
        }
    }

    /** What has nothing left to do is not made possible again: dried is dried. */
    private function isPointless(RouteStep $routeStep, SurfaceState $state): bool
    {
        return !in_array($routeStep->step, $this->context->catalogue()->closing, true) &&
            $this->runner->effects($routeStep, $state)->key() === $state->key();
    }

    /** How many coats of a system, from the bottom, are on the part already. */
    public static function coatsOn(FilmSystem $system, SurfaceState $state): int
    {
        $coats = $system->coats();
        $on = 0;
        foreach ($state->films as $film) {
            if (isset($coats[$on]) && $coats[$on]->id === $film->product->id) {
                ++$on;
            }
        }

        return $on;
    }

    /**
     * What turns out to be out of reach once films are on (a pit under paint) is asked for before the first film
     * instead: all of a need, and where that cannot be had together, what of it cannot be had later.
     *
     * @param list<Precondition> $early
     * @param list<string> $asked ids of the needs that stand behind these
     *
     * @return list<RouteStep>
     */
    private function steps(SurfaceState $from, array $early, array $asked): array
    {
        try {
            return $this->attempt($from, $early);
        } catch (NoRoute $e) {
            $new = array_values(
                array_filter(
                    $e->stuck,
                    static fn(Precondition $n): bool => !in_array($n->id, $asked, true) &&
                        [] !== $n->predicate->facts(),
                ),
            );
            if ([] === $new || [] !== $from->films) {
                throw $e;
            }
            $asked = [...$asked, ...array_map(static fn(Precondition $n): string => $n->id, $new)];
            try {
                return $this->steps($from, [...$early, ...$new], $asked);
            } catch (NoRoute $none) {
                return [] === $e->least ? throw $none : $this->steps($from, [...$early, ...$e->least], $asked);
            }
        }
    }

    /**
     * @param list<Precondition> $early
     *
     * @return list<RouteStep>
     */
    private function attempt(SurfaceState $from, array $early): array
    {
        $steps = [];
        $state = $from;
        $goals = [];
        foreach (
            array_slice($this->context->system->coats(), self::coatsOn($this->context->system, $state))
            as $product
        ) {
            $goals[] = new RouteStep('', $this->context->catalogue()->coat, $product->id);
        }
        foreach ($goals as $index => $goal) {
            [$lead, $state] = $this->lead(
                $state,
                $goal,
                '',
                self::MOST_ROUNDS,
                0 === $index ? $early : [],
                [] !== $from->films,
            );
            $steps = [...$steps, ...$lead, $goal];
            $state = $this->runner->apply($goal, $state)->state;
        }
        foreach ($this->ending($state) as $step) {
            $steps[] = $step;
            $state = $this->runner->apply($step, $state)->state;
        }
        foreach ($this->context->catalogue()->closing as $closing) {
            $goal = new RouteStep('', $closing);
            [$lead, $state] = $this->lead($state, $goal, '');
            $steps = [...$steps, ...$lead, $goal];
            $state = $this->runner->apply($goal, $state)->state;
        }

        return $steps;
    }

    /**
     * What brings the surface to where its system ends (waxed, polished, dressed) and to where it can be inspected.
     *
     * @return list<RouteStep>
     */
    private function ending(SurfaceState $state): array
    {
        $system = $this->context->system;
        if ([] === $system->ends) {
            return [];
        }
        $first = $this->context->catalogue()->closing[0] ?? null;
        $needs = [...$system->ends, ...null === $first ? [] : $this->runner->needs(new RouteStep('', $first))];
        $path = $this->search->find($state, $needs);
        if (null === $path) {
            $stuck = array_values(
                array_filter($needs, fn(Precondition $need): bool => null === $this->search->find($state, [$need])),
            );
            throw new NoRoute(
                self::sentences(
                    Message::of(
                        'No order of work gets this part to the end of "{system}": {why}.',
                        system: $system->name,
                        why: self::why($stuck),
                    ),
                    $this->wouldTake($stuck, $state),
                ),
                $stuck,
            );
        }

        return $this->inTradeOrder($path, $state);
    }

    /**
     * What must be done before a step, with coats laid again where the way there takes one off.
     *
     * @param list<Precondition> $early what else must hold by then
     * @param bool $mayStrip coats already on may come off again
     * @param bool $isAskedWhy what stands in the way is worked out where nothing leads there
     *
     * @return array{list<RouteStep>, SurfaceState}
     */
    private function lead(
        SurfaceState $state,
        RouteStep $goal,
        string $because,
        int $rounds = self::MOST_ROUNDS,
        array $early = [],
        bool $mayStrip = true,
        bool $isAskedWhy = true,
    ): array {
        $depth = count($state->films);
        $needs = [...$this->runner->needs($goal), ...$early];
        $path = $this->search->find($state, $needs) ?? ($mayStrip ? $this->search->find($state, $needs, true) : null);
        if (null === $path || 0 === $rounds) {
            throw $isAskedWhy ? $this->obstacle($state, $goal) : new NoRoute();
        }
        $path = $this->inTradeOrder($path, $state);
        $lead = [];
        foreach ($path as $step) {
            $lead[] = $step->because($because);
            $lost = array_slice(
                $state->films,
                max(0, count($state->films) - $this->context->catalogue()->step($step->step)->strips),
            );
            $state = $this->runner->apply($step, $state)->state;
            if ([] === $lost || count($state->films) >= $depth) {
                continue;
            }
            foreach ($lost as $film) {
                $again = new RouteStep('', $this->context->catalogue()->coat, $film->product->id, $because);
                [$before, $state] = $this->lead($state, $again, $because, $rounds - 1, isAskedWhy: $isAskedWhy);
                $lead = [...$lead, ...$before, $again];
                $state = $this->runner->apply($again, $state)->state;
            }
            [$rest, $state] = $this->lead($state, $goal, $because, $rounds - 1, isAskedWhy: $isAskedWhy);

            return [[...$lead, ...$rest], $state];
        }

        return [$lead, $state];
    }

    /**
     * Steps that do not depend on each other, in the order of the catalogue, so that equal work reads the same
     * everywhere.
     *
     * @param list<RouteStep> $path
     *
     * @return list<RouteStep>
     */
    private function inTradeOrder(array $path, SurfaceState $from): array
    {
        $end = $this->replayed($path, $from);
        do {
            $changed = false;
            for ($i = 1; null !== $end && $i < count($path); ++$i) {
                // What is bound to what comes before it (isolated, then put on) is passed by as one.
                for (
                    $by = 1;
                    $by <= self::BOUND && $i - $by >= 0 && $this->isEarlier($path[$i], $path[$i - $by]);
                    ++$by
                ) {
                    $moved = $path;
                    array_splice($moved, $i - $by, 0, array_splice($moved, $i, 1));
                    if ($this->replayed($moved, $from) === $end) {
                        $path = $moved;
                        $changed = true;
                        break;
                    }
                }
            }
        } while ($changed);

        return $this->withoutIdle($path, $from);
    }

    /** By the order of the trade. */
    private function isEarlier(RouteStep $one, RouteStep $other): bool
    {
        $catalogue = $this->context->catalogue();

        return $catalogue->step($one->step)->order < $catalogue->step($other->step)->order;
    }

    /**
     * Set in order, one wait may have come after a longer one, which leaves it nothing to wait for, or before one,
     * which it is part of then.
     *
     * @param list<RouteStep> $path
     *
     * @return list<RouteStep>
     */
    private function withoutIdle(array $path, SurfaceState $from): array
    {
        $kept = [];
        $state = $from;
        foreach ($path as $n => $step) {
            $next = $path[$n + 1] ?? null;
            $rest = array_slice($path, $n + 1);
            $isPart =
                null !== $next &&
                $this->isWait($step) &&
                $this->isWait($next) &&
                $this->replayed($rest, $state) === $this->replayed([$step, ...$rest], $state);
            // Between two of a kind stood what goes before both.
            $isTwice =
                [] !== $kept &&
                $kept[count($kept) - 1]->step === $step->step &&
                $this->replayed($rest, $state) === $this->replayed([$step, ...$rest], $state);
            if (!$isPart && !$isTwice && !$this->runner->isIdle($step, $state)) {
                $kept[] = $step;
                $state = $this->runner->apply($step, $state)->state;
            }
        }

        return $kept;
    }

    private function isWait(RouteStep $step): bool
    {
        return $this->context->catalogue()->step($step->step)->isWait();
    }

    /**
     * @param array<RouteStep> $path
     *
     * @return string|null key of the surface at the end; null when a need breaks on the way
     */
    private function replayed(array $path, SurfaceState $state): ?string
    {
        foreach ($path as $step) {
            if ([] !== $this->runner->broken($step, $state)) {
                return null;
            }
            $state = $this->runner->apply($step, $state)->state;
        }

        return $state->key();
    }

    private function obstacle(SurfaceState $state, RouteStep $goal): NoRoute
    {
        $name = $this->context->catalogue()->step($goal->step)->name;
        $product = $this->runner->product($goal);
        $stuck = array_filter(
            $this->runner->broken($goal, $state),
            fn(Precondition $need): bool => null === $this->search->find($state, [$need]),
        );
        $air = $this->context->air();
        $least = array_merge(
            [],
            ...array_map(fn(Precondition $n): array => $this->outOfReach($n, $state), array_values($stuck)),
        );

        return new NoRoute(
            self::sentences(
                Message::of(
                    'No order of work reaches "{step}" here: {why}. The place is at {temperature} and {humidity} % ' .
                        'relative humidity.',
                    step: null === $product ? $name : $name . ' ' . $product->name,
                    why: self::why(array_values($stuck)),
                    temperature: Temperature::celsius(round($air->temperature->c())),
                    humidity: (int) round($air->humidity->percentValue()),
                ),
                $this->wouldTake(array_values($stuck), $state),
            ),
            array_values($stuck),
            $least === array_values($stuck) ? [] : $least,
        );
    }

    /** @param list<Precondition> $stuck */
    private static function why(array $stuck): Message
    {
        return [] === $stuck
            ? Message::of('its needs cannot be met together')
            : Message::row(array_map(static fn(Precondition $n): Message => Message::of($n->says), $stuck), '; ');
    }

    private static function sentences(Message $first, ?Message $then): Message
    {
        return null === $then ? $first : Message::row([$first, $then]);
    }

    /** @param list<Precondition> $stuck */
    private function wouldTake(array $stuck, SurfaceState $state): ?Message
    {
        $each = array_merge([], ...array_map(fn(Precondition $n): array => $this->outOfReach($n, $state), $stuck));

        return (new WhatItWouldTake($this->context, $this->runner))->says($each, $state);
    }

    /**
     * Of what is asked together only what cannot be had by itself: dents may still be filled where pits no longer can.
     *
     * @return non-empty-list<Precondition>
     */
    private function outOfReach(Precondition $need, SurfaceState $state): array
    {
        $each = [];
        foreach ($need->predicate instanceof AllOf ? $need->predicate->of : [] as $n => $predicate) {
            $one = $need->asking($need->id . '.' . $n, $predicate);
            if (!$predicate->holds($state) && null === $this->search->find($state, [$one])) {
                $each[] = $one;
            }
        }

        return [] === $each ? [$need] : $each;
    }
}
