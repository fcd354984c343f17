<?php

declare(strict_types=1);

namespace Hull\Board;

use Hull\Bench\Workpiece;
use Hull\Catalog\Catalogue;
use Hull\Input\Keys;
use Hull\Job\Route;
use Hull\Job\RouteStep;
use Hull\Job\Spot;
use Hull\Piece\Precedence;
use Hull\Piece\Whereabouts;
use Hull\Route\Chemistry;
use Hull\Route\StepRunner;

/**
 * Puts the routes of several zones into one order of work. Each zone keeps its own order; an action that comes up in
 * several zones of one place is done once for all of them, when waiting for them harms none.
 */
final class Merger
{
    /** What a wait is taken for at the least where its air is not known, hours. */
    private const WAIT_H = 1.0;
    /** Tag of what takes the dust off. */
    private const BLOWING = 'blowing';

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

    /** @var array<int|string, list<int>> zone => how many steps before each of it raise dust or wet */
    private array $dirty = [];

    /** @var array<string, int> place => how often what stands there still raises dust or wet before its next film */
    private array $dust = [];

    private readonly Unmet $unmet;
    private readonly ZoneStates $states;

    /** @var list<Precedence> what could not be kept, because the routes themselves ask for the contrary */
    public array $broken = [];

    /**
     * @param array<int|string, Workpiece> $pieces by part id
     * @param list<Precedence> $precedences between them
     * @param array<int|string, Whereabouts> $where of what is not always where it is worked, by part id
     */
    public function __construct(
        private readonly Catalogue $catalogue,
        private readonly array $pieces,
        array $precedences = [],
        private readonly array $where = [],
    ) {
        $this->unmet = new Unmet($precedences);
        $this->states = new ZoneStates($catalogue, $pieces);
    }

    /**
     * @param array<int|string, Route> $routes by part id
     *
     * @return list<SharedAction>
     */
    public function merged(array $routes): array
    {
        $this->read($routes);
        $at = array_map(static fn(): int => 0, $routes);
        $this->dust = [];
        foreach (Keys::of($routes) as $zone) {
            $here = $this->states->where($zone);
            $this->dust[$here] = ($this->dust[$here] ?? 0) + $this->dustOf($zone, $at);
        }
        $actions = [];
        $hour = 0.0;
        while ([] !== ($ahead = $this->ahead($routes, $at))) {
            $action = $this->next($ahead, $routes, $at, $hour);
            $zones = $this->inTurn(Keys::of(array_intersect_key($routes, $ahead[$action])));
            $lead = $zones[0];
            $step = $routes[$lead]->steps[$at[$lead]];
            $keys = [];
            foreach ($zones as $zone) {
                $keys[$zone] = $routes[$zone]->steps[$at[$zone]]->key;
                $this->dust[$this->states->where($zone)] -= $this->dustOf($zone, $at);
                ++$at[$zone];
                $this->dust[$this->states->where($zone)] += $this->dustOf($zone, $at);
                $this->unmet->did($zone, $keys[$zone]);
            }
            $kind = $this->catalogue->step($step->step);
            $this->states->did($kind, $zones);
            $product = $kind->laysFilm ? $this->runners[$lead]->product($step) : null;
            $saved = $this->runners[$lead]->work->setUp($kind, $product) * (count($keys) - 1);
            $minutes =
                array_sum(
                    array_map(fn(string $zone): float => $this->runners[$zone]->work->minutes($kind, $product), $zones),
                ) - $saved;
            $place = $this->place($lead, $step);
            $actions[] = new SharedAction(
                step: $step->step,
                product: $step->product,
                place: $place,
                zones: $keys,
                minutes: $minutes,
                saved: $saved,
                colour: $this->pieces[$lead]->context->system->shade($step->product ?? '')->colour,
            );
            $hour += $kind->isWait() ? max(self::WAIT_H, $kind->takes->waitHours) : $minutes / 60.0;
            ($this->about[$place] ??= new Chemistry($this->catalogue))->remember($step, $hour, $zones);
        }

        return $actions;
    }

    private function place(string $zone, RouteStep $step): string
    {
        return ($this->where[$zone] ?? null)?->at($step->key)->at ?? $this->pieces[$zone]->place->id;
    }

    /** @param array<int|string, Route> $routes */
    private function read(array $routes): void
    {
        $this->actions = $this->places = $this->nextFilm = $this->about = [];
        $this->dirty = $this->broken = [];
        $this->unmet->begin($routes);
        $this->states->begin();
        $this->runners = array_map(static fn(Workpiece $p): StepRunner => new StepRunner($p->context), $this->pieces);
        foreach ($routes as $zone => $route) {
            $this->actions[$zone] = [];
            $this->dirty[$zone] = [0];
            foreach ($route->steps as $i => $step) {
                $place = $this->place((string) $zone, $step);
                $kind = $this->catalogue->step($step->step);
                $action = implode('/', [
                    $step->step,
                    $this->paint($zone, $kind->isMixing() ? $route->coatFrom($step->key) ?? $step : $step),
                    ...match (true) {
                        $kind->isClosing() => ['', $this->states->whole((string) $zone)],
                        $kind->shared || $kind->isWait() => [$place, $this->pieces[$zone]->part->begin ?? ''],
                        default => [$place, $zone],
                    },
                ]);
                $this->actions[$zone][] = $action;
                $this->dirty[$zone][] = ($this->dirty[$zone][$i] ?? 0) + ($kind->worked->reaches() ? 1 : 0);
                $this->places[$action][$zone][] = $i;
            }
            $film = count($route->steps);
            for ($i = $film - 1; $i >= 0; --$i) {
                $film = $this->catalogue->step($route->steps[$i]->step)->laysFilm ? $i : $film;
                $this->nextFilm[$zone][$i] = $film;
            }
        }
    }

    /**
     * Zones beside these that will still raise dust or wet before their next film, as far as the coat that both have in
     * one go: it is too soon to wipe.
     *
     * @param array<int|string, true> $zones
     * @param array<int|string, int> $at
     */
    private function dirtAhead(array $zones, array $at): int
    {
        $ahead = 0;
        foreach (Keys::of($zones) as $zone) {
            $coat = $this->places[$this->actions[$zone][$this->nextFilm[$zone][$at[$zone]]] ?? ''] ?? [];
            foreach (array_diff($this->states->beside($zone), Keys::of($zones)) as $other) {
                $ahead += $this->dustOf($other, $at, $coat[$other] ?? []);
            }
        }

        return $ahead;
    }

    /**
     * What else stands in the place of these will still raise dust or wet: it settles on them as well, if more thinly.
     *
     * @param array<int|string, true> $zones
     * @param array<int|string, int> $at
     */
    private function dustAbout(array $zones, array $at): int
    {
        $about = 0;
        foreach (Keys::of($zones) as $zone) {
            $about += $this->dust[$this->states->where($zone)] - $this->dustOf($zone, $at);
        }

        return $about;
    }

    /**
     * How often a zone still raises dust or wet before its next film, or before the next of these places in its route
     * where that is later.
     *
     * @param array<int|string, int> $at
     * @param list<int> $places
     */
    private function dustOf(string $zone, array $at, array $places = []): int
    {
        $now = $at[$zone] ?? \PHP_INT_MAX;
        $until = $this->nextFilm[$zone][$now] ?? 0;
        foreach ($places as $place) {
            if ($place >= $now) {
                $until = max($until, $place);
                break;
            }
        }

        return $now < $until ? $this->dirty[$zone][$until] - $this->dirty[$zone][$now] : 0;
    }

    /**
     * What still has to be done elsewhere before these zones may have the coat they would be wiped for.
     *
     * @param array<int|string, true> $zones
     * @param array<int|string, int> $at
     * @param array<int|string, Route> $routes
     */
    private function coatBarred(array $zones, array $at, array $routes): int
    {
        $barred = 0;
        foreach (Keys::of($zones) as $zone) {
            $film = $this->nextFilm[$zone][$at[$zone]];
            $coat = $routes[$zone]->steps[$film]->key ?? null;
            foreach (null === $coat ? [] : $this->unmet->before($zone, $coat) as $one) {
                $together =
                    $one->orTogether && in_array($this->actions[$zone][$film], $this->actions[$one->before], true);
                // Who goes with it is barred by what bars the other.
                $barred += $together ? $this->unmet->alone($one) : 1;
            }
        }

        return $barred;
    }

    /**
     * They are not wiped for their next coat: filler or the like is still abraded before it.
     *
     * @param array<int|string, true> $zones
     * @param array<int|string, int> $at
     */
    private function isBlockedFirst(array $zones, array $at): bool
    {
        foreach (Keys::of($zones) as $zone) {
            if ($this->dirty[$zone][$this->nextFilm[$zone][$at[$zone]]] > $this->dirty[$zone][$at[$zone]]) {
                return true;
            }
        }

        return false;
    }

    /** Paint of two colours is never one mix. */
    private function paint(int|string $zone, RouteStep $step): string
    {
        return null === $step->product ? '' : $this->pieces[$zone]->context->system->shade($step->product)->key();
    }

    /**
     * What can be done next, with what of other zones has to come before it done.
     *
     * @param array<int|string, Route> $routes
     * @param array<int|string, int> $at
     *
     * @return array<int|string, non-empty-array<int|string, true>> action => zones that have it next
     */
    private function ahead(array $routes, array $at): array
    {
        [$ahead, $waiting] = $this->free($routes, $at, true);
        if ([] === $ahead && [] !== $waiting) {
            // What lies between two zones keeps them from going together: then they do not.
            [$ahead, $waiting] = $this->free($routes, $at, false);
        }
        if ([] === $ahead && [] !== $waiting) {
            // The routes ask for a circle: the one that waits for least goes on, and what it passes over is said.
            uasort($waiting, static fn(array $a, array $b): int => count($a[1]) <=> count($b[1]));
            $zone = array_key_first($waiting);
            $this->broken = [...$this->broken, ...$waiting[$zone][1]];

            return [$waiting[$zone][0] => [$zone => true]];
        }

        return $ahead;
    }

    /**
     * @param array<int|string, Route> $routes
     * @param array<int|string, int> $at
     * @param bool $asOne what should go in one go waits for the other
     *
     * @return array{
     *     array<int|string, non-empty-array<int|string, true>>,
     *     array<int|string, array{string, list<Precedence>}>,
     * } what can be done next, action => zones; and by zone what cannot, with what it waits for
     */
    private function free(array $routes, array $at, bool $asOne): array
    {
        $ahead = $waiting = $joins = [];
        foreach ($routes as $zone => $route) {
            $action = $this->actions[$zone][$at[$zone]] ?? null;
            if (null === $action) {
                continue;
            }
            $before = $this->unmet->before((string) $zone, $route->steps[$at[$zone]]->key, $asOne);
            if ([] === array_filter($before, static fn(Precedence $p): bool => !$p->orTogether)) {
                $ahead[$action][$zone] = true;
                $joins[$zone] = [$action, $before];
            } else {
                $waiting[$zone] = [$action, $before];
            }
        }
        // Who can only go together with another goes where the other does, or waits for it.
        do {
            $left = false;
            foreach ($joins as $zone => [$action, $before]) {
                foreach ($before as $one) {
                    if (!isset($ahead[$action][$one->before])) {
                        unset($ahead[$action][$zone], $joins[$zone]);
                        $waiting[$zone] = [$action, $before];
                        $left = true;
                        break;
                    }
                }
            }
        } while ($left);

        return [array_filter($ahead, static fn(array $zones): bool => [] !== $zones), $waiting];
    }

    /**
     * From the top down, from the inside out, towards the way out.
     *
     * @param list<string> $zones
     *
     * @return list<string>
     */
    private function inTurn(array $zones): array
    {
        $turn = fn(string $z): array => ($this->pieces[$z]->part->spot ?? new Spot())->turn();
        usort($zones, static fn(string $a, string $b): int => $turn($a) <=> $turn($b));

        return $zones;
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
            // What is wiped already is coated: only before the wipe is there time for the dust of others.
            $opens =
                ($step->worked->opens || in_array(self::BLOWING, $step->tags, true)) &&
                !$step->laysFilm &&
                !$this->isBlockedFirst($zones, $at);
            $ranks[$action] = [
                $this->pieces[$first]->part->begin ?? '',
                $this->states->isBound($zones) ? 0 : 1,
                ($step->shared ? $this->stillComing($action, $zones, $at) : 0) +
                ($opens && $step->worked->opens
                    ? $this->dirtAhead($zones, $at) + $this->coatBarred($zones, $at, $routes)
                    : 0),
                $opens ? $this->dustAbout($zones, $at) : 0,
                $step->order,
                -count($zones),
                $first,
            ];
        }
        $earliest = self::least($ranks);
        // Nothing left to another season is begun for want of other work.
        $ranks = array_filter($ranks, static fn(array $rank): bool => $rank[0] === $ranks[$earliest][0]);
        // Neither beside what is wiped or wet nor in one place with it, where that can be; else at least not beside.
        foreach ([true, false] as $inPlace) {
            $left = $ranks;
            for ($action = $earliest; [] !== $left; $action = [] === $left ? '' : self::least($left)) {
                $first = (string) array_key_first($ahead[$action]);
                $step = $routes[$first]->steps[$at[$first]];
                $zones = Keys::of($ahead[$action]);
                if (
                    // Wiping early for want of anything else would only bring the dust of others onto it.
                    (!$inPlace || 0 === $ranks[$action][2]) &&
                    !$this->clashes($step, $this->place($first, $step), $zones, $hour) &&
                    !$this->states->isDisturbed($this->catalogue->step($step->step), $zones, $inPlace)
                ) {
                    return $action;
                }
                unset($left[$action]);
            }
        }

        return $earliest;
    }

    /** @param array<int|string, array{string, int, int, int, int, int, string}> $ranks */
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
