<?php

declare(strict_types=1);

namespace Hull\Bench;

use Hull\Catalog\Catalogue;
use Hull\Catalog\FilmSystem;
use Hull\Catalog\Substrate;
use Hull\Climate\Air;
use Hull\Climate\ClimateSeries;
use Hull\Film\Method;
use Hull\Job\EntryKind;
use Hull\Job\LogEntry;
use Hull\Job\Part;
use Hull\Job\Place;
use Hull\Job\Route;
use Hull\Job\RouteStep;
use Hull\Quantity\Instant;
use Hull\Route\FilmChoice;
use Hull\Route\Finding;
use Hull\Route\Mender;
use Hull\Route\NoRoute;
use Hull\Route\PartContext;
use Hull\Route\Reason;
use Hull\Route\Reasons;
use Hull\Route\RouteCheck;
use Hull\Route\RoutePlanner;
use Hull\Route\StepRunner;
use Hull\Route\Surroundings;
use Hull\Surface\Product;
use Hull\Surface\SurfaceState;

/** One part on the bench: its survey, its route and its log, seen through the engine. */
final readonly class Workpiece
{
    private function __construct(
        public Part $part,
        public Place $place,
        public PartContext $context,
        public SurfaceState $surveyed,
    ) {}

    /** @throws NoRoute when the catalogue has no film system for this part */
    public static function of(Catalogue $catalogue, Part $part, Place $place, ?Surroundings $around = null): self
    {
        $choice = FilmChoice::of($catalogue, $part, $place, $around ?? Surroundings::none());
        [$aim, $picked] = $choice->chooser->choose($choice->part->aim, $choice->part->film);
        $system = $choice->layers->laid($picked, $choice->part);
        $context = new PartContext(
            $choice->traits,
            $choice->found->extents,
            [
                ...$choice->schools,
                ...self::bent($catalogue, $choice->traits->substrate, $system, $choice->schools),
                ...$aim->answers,
            ],
            $system,
            $aim,
        );

        return new self($part, $place, $context, SurfaceState::of($part->substrate, $choice->found->facts));
    }

    /**
     * Answers that give way to the film system, because no system follows them in this service.
     *
     * @param array<int|string, string> $schools
     *
     * @return array<int|string, string> question => answer
     */
    private static function bent(Catalogue $catalogue, Substrate $substrate, FilmSystem $system, array $schools): array
    {
        $bent = [];
        foreach ($system->scope->schools as $question => $answers) {
            if (
                $substrate->isOf($catalogue->schools[$question]->families) &&
                !in_array($schools[$question], $answers, true) &&
                [] !== $answers
            ) {
                $bent[$question] = $answers[0];
            }
        }

        return $bent;
    }

    /**
     * The same part by other schools or in another workshop, not begun yet.
     *
     * @param array<int|string, string> $schools question => answer
     *
     * @throws NoRoute
     */
    public function with(array $schools, Surroundings $around): self
    {
        return self::of($this->context->catalogue(), $this->part->following($schools), $this->place, $around);
    }

    /**
     * The same part with this route.
     *
     * @param list<LogEntry>|null $log and this record; null for its own
     */
    public function routed(Route $route, ?array $log = null): self
    {
        $part = $this->part->with($route, $log ?? $this->part->log);

        return new self($part, $this->place, $this->context, $this->surveyed);
    }

    /** The same part and route with an empty record. */
    public function notBegun(): self
    {
        return new self($this->part->with($this->route(), []), $this->place, $this->context, $this->surveyed);
    }

    /** The same part in other air than its place is set to: the waits and the advice of now, and the same films. */
    public function inAir(Air $air): self
    {
        $c = $this->context;

        return new self(
            $this->part,
            new Place($this->place->id, $this->place->name, $this->place->kind, $air, $this->place->hazards),
            new PartContext($c->traits->inAir($air), $c->extents, $c->schools, $c->system, $c->aim),
            $this->surveyed,
        );
    }

    /** The same part, route and record painted another way, which takes other hours. */
    public function paintedBy(string $method): self
    {
        $c = $this->context;

        return new self(
            $this->part->paintedBy($method),
            $this->place,
            new PartContext($c->traits->paintedBy($method), $c->extents, $c->schools, $c->system, $c->aim),
            $this->surveyed,
        );
    }

    /** The same part and route somewhere else. */
    public function in(Place $place): self
    {
        return new self($this->part, $place, $this->context, $this->surveyed);
    }

    /** Wind, rain and sun get at it where it is worked. */
    public function isOutdoors(): bool
    {
        return !$this->context->catalogue()->places[$this->place->kind]->sheltered;
    }

    /** How a product is put on: as wanted, or else as the part is painted, if either lays it; a can from the can. */
    public function method(Product $product, ?string $wanted = null): Method
    {
        return $this->context
            ->catalogue()
            ->methods->for($product->tags, [$wanted, $this->part->method], $product->requires);
    }

    public function plan(): Route
    {
        return (new RoutePlanner($this->context))->plan($this->surveyed);
    }

    /** The route as it stands: the stored one, or planned afresh. */
    public function route(): Route
    {
        return $this->part->route ?? $this->plan();
    }

    /** @return list<Finding> with mends, for an order of work from the surveyed surface on */
    public function findings(Route $route): array
    {
        return $this->taken((new Mender($this->context))->findings($this->surveyed, $route));
    }

    /**
     * What is wrong with what is still to be done, after what the record says was done.
     *
     * @return list<Finding> with mends; of the whole route where nothing was logged yet
     */
    public function findingsNow(): array
    {
        $times = array_map(static fn(LogEntry $e): \DateTimeImmutable => $e->at, Record::effective($this->part->log));
        if ([] === $times) {
            return $this->findings($this->route());
        }
        $replayed = $this->replay(max($times));

        return $this->taken(
            (new Mender($this->context))->findings(
                $replayed->state,
                Route::of(self::remaining($this->route(), $replayed)),
            ),
        );
    }

    /**
     * Stops for which the record names somebody become cautions that say who.
     *
     * @param list<Finding> $findings
     *
     * @return list<Finding>
     */
    public function taken(array $findings): array
    {
        $by = [];
        foreach (Record::effective($this->part->log) as $entry) {
            if (EntryKind::Taken === $entry->kind && null !== $entry->rule) {
                $by[$entry->rule] = sprintf('%s: %s', $entry->by, $entry->note);
            }
        }

        return array_map(
            static fn(Finding $f): Finding => $f->mayBeTaken && isset($by[$f->needId])
                ? $f->takenBy($by[$f->needId])
                : $f,
            $findings,
        );
    }

    /** @return array<int|string, Reason> */
    public function reasons(Route $route): array
    {
        return (new Reasons($this->context))->of($this->surveyed, $route);
    }

    /** @param ClimateSeries|null $air of its place; without it the readings in the record are all that is known */
    public function replay(\DateTimeImmutable $now, ?ClimateSeries $air = null): Replayed
    {
        return (new Replay($this->context))->to(
            $this->surveyed,
            $this->route(),
            $this->part->log,
            Instant::hour($now),
            $air,
        );
    }

    /** @return list<RouteStep> the steps of a route that are not finished */
    public static function remaining(Route $route, Replayed $replayed): array
    {
        return array_values(
            array_filter($route->steps, static fn(RouteStep $s): bool => !isset($replayed->finished[$s->key])),
        );
    }

    /** Waits that stand next in line and have nothing left to wait for; they need no entry in the record. */
    public function isPassed(string $key, Route $route, Replayed $replayed): bool
    {
        $runner = new StepRunner($this->context);
        foreach (self::remaining($route, $replayed) as $step) {
            if (!$runner->isIdle($step, $replayed->state)) {
                return false;
            }
            if ($step->key === $key) {
                return true;
            }
        }

        return false;
    }

    /** The step to do next: not finished, and not a wait that is over. */
    public function next(Replayed $replayed): ?RouteStep
    {
        $route = $this->route();
        foreach (self::remaining($route, $replayed) as $step) {
            if (!$this->isPassed($step->key, $route, $replayed)) {
                return $step;
            }
        }

        return null;
    }

    public function check(): RouteCheck
    {
        return new RouteCheck($this->context);
    }
}
