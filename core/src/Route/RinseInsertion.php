<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Job\Route;
use Hull\Job\RouteStep;
use Hull\Surface\SurfaceState;

/** Puts a rinse between two steps of a route that bring together what must not meet. */
final readonly class RinseInsertion
{
    private const MOST = 6;

    public function __construct(
        private PartContext $context,
        private StepRunner $runner,
        private RoutePlanner $planner,
    ) {}

    /**
     * The route with its meetings parted where a step on offer parts them; what cannot be parted stays for the
     * checker.
     */
    public function of(SurfaceState $from, Route $route): Route
    {
        for ($round = 0; $round < self::MOST; ++$round) {
            $parted = $this->first($from, $route);
            if (null === $parted) {
                return $route;
            }
            $route = $parted;
        }

        return $route;
    }

    /** The route with its first meeting that can be parted; null when there is none. */
    private function first(SurfaceState $from, Route $route): ?Route
    {
        $chemistry = new Chemistry($this->context->catalogue());
        $state = $from;
        $hour = 0.0;
        foreach ($route->steps as $index => $step) {
            $applied = $this->runner->apply($step, $state);
            foreach ($chemistry->meet($step, $hour, $applied->handsOnMin / 60.0) as $encounter) {
                foreach ($encounter->lock->parting as $parting) {
                    $between = new RouteStep('', $parting);
                    if (
                        $this->context->allows($this->context->catalogue()->step($parting)) &&
                        $this->runner->isPossible($between, $state)
                    ) {
                        try {
                            return $this->planner->mend(
                                $from,
                                [
                                    ...array_slice($route->steps, 0, $index),
                                    $between,
                                    ...array_slice($route->steps, $index),
                                ],
                                '',
                            );
                        } catch (NoRoute) {
                            continue;
                        }
                    }
                }
            }
            $state = $applied->state;
            $hour += $applied->handsOnMin / 60.0 + ($applied->waitHours ?? 0.0);
        }

        return null;
    }
}
