<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Catalog\Need;
use Hull\Catalog\Step;
use Hull\Surface\SurfaceState;

/** Cheapest preparation from a surface to one on which every given need holds: uniform-cost search over surface states. */
final class PrepSearch
{
    private const WAIT_MINUTES_PER_HOUR = 4.0;
    private const STEP_MINUTES = 1.0;
    private const MOST_STATES = 1500;

    /** @var list<Step> */
    private array $offered = [];

    /** @var array<string, list<RouteStep>|false> */
    private array $found = [];

    public function __construct(private readonly PartContext $context, private readonly StepRunner $runner)
    {
        foreach ($context->catalogue->steps as $step) {
            if (!$step->laysFilm && !in_array('handing-over', $step->tags, true) && $context->offers($step)) {
                $this->offered[] = $step;
            }
        }
    }

    /**
     * @param list<Need> $needs
     *
     * @return list<RouteStep>|null null when no preparation makes them hold
     */
    public function find(SurfaceState $from, array $needs, bool $mayStrip = false): ?array
    {
        $key = $from->key().'>'.implode(',', array_map(static fn (Need $n): string => $n->id, $needs)).($mayStrip ? '!' : '');
        $found = $this->found[$key] ??= $this->search($from, $needs, $mayStrip) ?? false;

        return false === $found ? null : $found;
    }

    /**
     * @param list<Need> $needs
     *
     * @return list<RouteStep>|null
     */
    private function search(SurfaceState $from, array $needs, bool $mayStrip): ?array
    {
        if ($mayStrip && [] === $from->films) {
            return null;
        }
        $reach = new Reach($from, $this->offered, $this->runner);
        if (!$mayStrip && !$reach->allows(array_map(static fn (Need $n): Predicate => $n->predicate, $needs))) {
            return null;
        }
        $queue = new \SplPriorityQueue();
        $sequence = 0;
        $queue->insert([$from, 0.0, null], [0.0, 0]);
        $closed = [];
        while (!$queue->isEmpty() && count($closed) < self::MOST_STATES) {
            /** @var array{SurfaceState, float, array<mixed>|null} $entry */
            $entry = $queue->extract();
            [$state, $cost, $trail] = $entry;
            $key = $state->key();
            if (isset($closed[$key])) {
                continue;
            }
            $closed[$key] = true;
            if (self::hold($needs, $state)) {
                return self::unwind($trail);
            }
            foreach ($this->offered as $step) {
                if ($step->strips > 0 && !$mayStrip) {
                    continue;
                }
                $routeStep = new RouteStep('', $step->id);
                if ([] !== $this->runner->broken($routeStep, $state)) {
                    continue;
                }
                $applied = $this->runner->apply($routeStep, $state);
                if (null === $applied->waitHours || isset($closed[$applied->state->key()])) {
                    continue;
                }
                $next = $cost + self::STEP_MINUTES + $applied->handsOnMin + $applied->waitHours * self::WAIT_MINUTES_PER_HOUR + $step->takes->penalty;
                $queue->insert([$applied->state, $next, [$trail, $routeStep]], [-$next, -(++$sequence)]);
            }
        }

        return null;
    }

    /** @param list<Need> $needs */
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
            $steps[] = $trail[1];
            $trail = $trail[0] ?? null;
        }

        return array_reverse($steps);
    }
}
