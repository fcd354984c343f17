<?php

declare(strict_types=1);

namespace Hull\Job;

use Hull\Bench\Workpiece;
use Hull\Catalog\Catalogue;
use Hull\Route\Route;

/**
 * Puts the routes of several zones into one order of work. Each zone keeps its own order; an action that comes up in
 * several zones of one place is done once for all of them, when waiting for them harms none.
 */
final readonly class Merger
{
    /** @param array<string, Workpiece> $pieces by part id */
    public function __construct(private Catalogue $catalogue, private array $pieces)
    {
    }

    /**
     * @param array<string, Route> $routes by part id
     *
     * @return list<SharedAction>
     */
    public function merged(array $routes): array
    {
        $at = array_map(static fn (): int => 0, $routes);
        $actions = [];
        while ([] !== ($ahead = $this->ahead($routes, $at))) {
            [$lead, $zones] = $this->next($ahead, $routes, $at);
            $step = $routes[$lead]->steps[$at[$lead]];
            $keys = [];
            foreach ($zones as $zone) {
                $keys[$zone] = $routes[$zone]->steps[$at[$zone]]->key;
                ++$at[$zone];
            }
            $setup = $this->catalogue->step($step->step)->takes->setupMin;
            $actions[] = new SharedAction($step->step, $step->product, $this->pieces[$lead]->place->id, $keys, $setup * (count($keys) - 1));
        }

        return $actions;
    }

    /**
     * @param array<string, Route> $routes
     * @param array<string, int>   $at
     *
     * @return array<string, list<string>> action => zones that have it next
     */
    private function ahead(array $routes, array $at): array
    {
        $ahead = [];
        foreach ($routes as $zone => $route) {
            $step = $route->steps[$at[$zone]] ?? null;
            if (null === $step) {
                continue;
            }
            $own = $this->catalogue->step($step->step)->shared || $this->catalogue->step($step->step)->isWait() ? '' : $zone;
            $ahead[$step->step.'/'.$step->product.'/'.$this->pieces[$zone]->place->id.'/'.$own][] = $zone;
        }

        return $ahead;
    }

    /**
     * The action to do next: the earliest in the order of the trade that no zone still on its way to it would miss.
     *
     * @param non-empty-array<string, list<string>> $ahead
     * @param array<string, Route>                  $routes
     * @param array<string, int>                    $at
     *
     * @return array{string, list<string>}
     */
    private function next(array $ahead, array $routes, array $at): array
    {
        $best = null;
        foreach ($ahead as $action => $zones) {
            $step = $this->catalogue->step($routes[$zones[0]]->steps[$at[$zones[0]]]->step);
            $late = $step->shared ? $this->stillComing($action, $zones, $routes, $at) : 0;
            $rank = [$late, $step->order, -count($zones), $zones[0]];
            if (null === $best || $rank < $best[0]) {
                $best = [$rank, $zones];
            }
        }

        return [$best[1][0], $best[1]];
    }

    /**
     * Zones that will come to the same action later, if nothing but preparation lies between.
     *
     * @param list<string>         $zones
     * @param array<string, Route> $routes
     * @param array<string, int>   $at
     */
    private function stillComing(string $action, array $zones, array $routes, array $at): int
    {
        $coming = 0;
        foreach ($routes as $zone => $route) {
            if (in_array($zone, $zones, true)) {
                continue;
            }
            for ($i = $at[$zone]; $i < count($route->steps); ++$i) {
                $step = $route->steps[$i];
                if ($step->step.'/'.$step->product.'/'.$this->pieces[$zone]->place->id.'/' === $action) {
                    ++$coming;
                    break;
                }
                if ($this->catalogue->step($step->step)->laysFilm) {
                    break;
                }
            }
        }

        return $coming;
    }
}
