<?php

declare(strict_types=1);

namespace Hull\Board;

use Hull\Bench\Workpiece;
use Hull\Catalog\Catalogue;
use Hull\Input\Keys;
use Hull\Job\Route;
use Hull\Job\RouteStep;
use Hull\Route\Chemistry;
use Hull\Route\StepRunner;

/**
 * Puts the routes of several zones into one order of work. Each zone keeps its own order; an action that comes up in
 * several zones of one place is done once for all of them, when waiting for them harms none.
 */
final class Merger
{
    /** @var array<int|string, list<string>> zone => what each of its steps can be done together with */
    private array $actions = [];

    /** @var array<int|string, array<int|string, list<int>>> action => zone => where it stands in the zone's route */
    private array $places = [];

    /** @var array<int|string, array<int, int>> zone => for each step where the next film is laid */
    private array $nextFilm = [];

    /** @var array<int|string, StepRunner> */
    private array $runners = [];

    /** @var array<int|string, Chemistry> what is about, by place */
    private array $about = [];

    /** @param array<int|string, Workpiece> $pieces by part id */
    public function __construct(private readonly Catalogue $catalogue, private readonly array $pieces) {}

    /**
     * @param array<int|string, Route> $routes by part id
     *
     * @return list<SharedAction>
     */
    public function merged(array $routes): array
    {
        $this->read($routes);
        $at = array_map(static fn(): int => 0, $routes);
        $ahead = [];
        foreach ($routes as $zone => $route) {
            $zone = (string) $zone;
            $this->come($ahead, $zone, 0);
        }
        $actions = [];
        $hour = 0.0;
        while ([] !== $ahead) {
            $action = $this->next($ahead, $routes, $at, $hour);
            $zones = Keys::of(array_intersect_key($routes, $ahead[$action]));
            unset($ahead[$action]);
            $lead = $zones[0];
            $step = $routes[$lead]->steps[$at[$lead]];
            $keys = [];
            foreach ($zones as $zone) {
                $keys[$zone] = $routes[$zone]->steps[$at[$zone]]->key;
                $this->come($ahead, $zone, ++$at[$zone]);
            }
            $kind = $this->catalogue->step($step->step);
            $product = $kind->laysFilm ? $this->runners[$lead]->product($step) : null;
            $saved = $this->runners[$lead]->work->setUp($kind, $product) * (count($keys) - 1);
            $minutes =
                array_sum(
                    array_map(fn(string $zone): float => $this->runners[$zone]->work->minutes($kind, $product), $zones),
                ) - $saved;
            $place = $this->pieces[$lead]->place->id;
            $actions[] = new SharedAction(
                step: $step->step,
                product: $step->product,
                place: $place,
                zones: $keys,
                minutes: $minutes,
                saved: $saved,
                colour: $this->pieces[$lead]->context->system->shade($step->product ?? '')->colour,
            );
            $hour += $minutes / 60.0;
            ($this->about[$place] ??= new Chemistry($this->catalogue))->remember($step, $hour, $zones);
        }

        return $actions;
    }

    /** @param array<int|string, Route> $routes */
    private function read(array $routes): void
    {
        $this->actions = $this->places = $this->nextFilm = $this->about = [];
        $this->runners = array_map(static fn(Workpiece $p): StepRunner => new StepRunner($p->context), $this->pieces);
        foreach ($routes as $zone => $route) {
            $this->actions[$zone] = [];
            $place = $this->pieces[$zone]->place->id;
            foreach ($route->steps as $i => $step) {
                $kind = $this->catalogue->step($step->step);
                $action =
                    $step->step .
                    '/' .
                    $this->paint($zone, $step) .
                    '/' .
                    $place .
                    '/' .
                    ($kind->shared || $kind->isWait() ? '' : $zone);
                $this->actions[$zone][] = $action;
                $this->places[$action][$zone][] = $i;
            }
            $film = count($route->steps);
            for ($i = $film - 1; $i >= 0; --$i) {
                $film = $this->catalogue->step($route->steps[$i]->step)->laysFilm ? $i : $film;
                $this->nextFilm[$zone][$i] = $film;
            }
        }
    }

    /** Paint of two colours is never one mix. */
    private function paint(int|string $zone, RouteStep $step): string
    {
        return null === $step->product ? '' : $this->pieces[$zone]->context->system->shade($step->product)->key();
    }

    /** @param array<int|string, array<int|string, true>> $ahead action => zones that have it next */
    private function come(array &$ahead, string $zone, int $at): void
    {
        $action = $this->actions[$zone][$at] ?? null;
        if (null !== $action) {
            $ahead[$action][$zone] = true;
        }
    }

    /**
     * The action to do next: the earliest in the order of the trade that no zone still on its way to it would miss, and
     * that brings nothing to what it must not meet on another zone.
     *
     * @param non-empty-array<int|string, array<int|string, true>> $ahead
     * @param array<int|string, Route> $routes
     * @param array<int|string, int> $at
     */
    private function next(array $ahead, array $routes, array $at, float $hour): string
    {
        $ranks = [];
        foreach ($ahead as $action => $zones) {
            $action = (string) $action;
            $first = (string) array_key_first($zones);
            $step = $this->catalogue->step($routes[$first]->steps[$at[$first]]->step);
            $ranks[$action] = [
                $step->shared ? $this->stillComing($action, $zones, $at) : 0,
                $step->order,
                -count($zones),
                $first,
            ];
        }
        $earliest = self::least($ranks);
        for ($action = $earliest; [] !== $ranks; $action = self::least($ranks)) {
            $first = (string) array_key_first($ahead[$action]);
            if (
                !$this->clashes(
                    $routes[$first]->steps[$at[$first]],
                    $this->pieces[$first]->place->id,
                    Keys::of($ahead[$action]),
                    $hour,
                )
            ) {
                return $action;
            }
            unset($ranks[$action]);
        }

        return $earliest;
    }

    /** @param array<int|string, array{int, int, int, string}> $ranks */
    private static function least(array $ranks): string
    {
        $least = (string) array_key_first($ranks);
        foreach ($ranks as $action => $rank) {
            if ($rank < $ranks[$least]) {
                $least = (string) $action;
            }
        }

        return $least;
    }

    /** @param list<string> $zones */
    private function clashes(RouteStep $step, string $place, array $zones, float $hour): bool
    {
        foreach (isset($this->about[$place]) ? $this->about[$place]->met($step, $hour, $zones) : [] as $encounter) {
            if ($encounter->isBetweenZones()) {
                return true;
            }
        }

        return false;
    }

    /**
     * Zones that will come to the same action later, if nothing but preparation lies between.
     *
     * @param array<int|string, true> $zones
     * @param array<int|string, int> $at
     */
    private function stillComing(string $action, array $zones, array $at): int
    {
        $coming = 0;
        foreach (array_diff_key($this->places[$action], $zones) as $zone => $places) {
            foreach ($places as $place) {
                if ($place >= $at[$zone]) {
                    $coming += $place <= $this->nextFilm[$zone][$at[$zone]] ? 1 : 0;
                    break;
                }
            }
        }

        return $coming;
    }
}
