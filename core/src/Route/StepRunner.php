<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Catalog\RuleLevel;
use Hull\Catalog\Step;
use Hull\Climate\Drying;
use Hull\Climate\Dwell;
use Hull\Job\RouteStep;
use Hull\Quantity\FilmThickness;
use Hull\Quantity\InvalidQuantity;
use Hull\Surface\Effect;
use Hull\Surface\Film;
use Hull\Surface\Precondition;
use Hull\Surface\Product;
use Hull\Surface\SurfaceState;

/** The one `apply(step, state)` that planner, checker and bench share. */
final class StepRunner
{
    private const DRYING_BY_WETNESS = [1 => 'open', 2 => 'seams', 3 => 'cavities'];

    /** @var array<int|string, \Hull\Surface\Fact> */
    private readonly array $drifting;

    /** @var array<int|string, list<Precondition>> */
    private array $needs = [];

    /** Area worked in one go (estimate). */
    public const SECTION_M2 = 12.0;

    public readonly StepWork $work;
    public readonly Drying $drying;

    /** @var array<string, list<Effect>> by step */
    private array $done = [];

    /** @var array<string, array<int, Effect>> step => effects that begin to count hours */
    private array $begins = [];

    public function __construct(private readonly PartContext $context)
    {
        $this->work = new StepWork($context);
        $this->drying = Drying::of($context->catalogue()->figures->table('drying'));
        $this->drifting = $context->catalogue()->drifting();
    }

    /** Planned: the step takes its planned time at the place's air. */
    public function apply(RouteStep $routeStep, SurfaceState $state): Applied
    {
        $step = $this->context->catalogue()->step($routeStep->step);
        $film = $step->laysFilm ? $this->product($routeStep) : null;
        $setUp = $this->work->setUp($step, $film, $state);
        $minutes = $setUp + $this->work->working($step, $film, $state);
        $after = $this->effects($routeStep, $this->pass($state, ($minutes / 60) * $this->section()), $step);
        $wait = $this->wait($step, $state, $after);

        return new Applied(null === $wait ? $after : $this->pass($after, $wait), $minutes, $wait, $setUp);
    }

    /** Only what the step does, no time: the bench knows the real time. */
    public function effects(
        RouteStep $routeStep,
        SurfaceState $state,
        ?Step $step = null,
        ?FilmThickness $measured = null,
    ): SurfaceState {
        $step ??= $this->context->catalogue()->step($routeStep->step);
        $state = $state->strip($step->strips);
        $state = $this->sinceItsDwell($step, Effect::all($this->done($step), $state));
        $product = $this->product($routeStep);
        if ($step->laysFilm && null !== $product) {
            $state = Effect::all($product->does, $state)->lay(
                Film::fresh($product, $measured ?? $product->dft, null !== $measured),
            );
        }

        return $step->cures ? $state->cured() : $state;
    }

    /** @return list<Effect> what it does: in places it brings nothing about that has to be so on all of the part */
    private function done(Step $step): array
    {
        return $this->done[$step->id] ??= $this->work->isAllOver($step)
            ? $step->does
            : array_values(
                array_filter(
                    $step->does,
                    fn(Effect $e): bool => $e->takesDown() ||
                        !($this->context->catalogue()->facts[$e->fact]->allOver ?? false),
                ),
            );
    }

    /** Hours it begins to count count from the end of its own dwell: metal in a bath lies in no air. */
    private function sinceItsDwell(Step $step, SurfaceState $state): SurfaceState
    {
        $begins = $this->begins[$step->id] ??= array_filter(
            $step->does,
            fn(Effect $e): bool => $e->level > 0.0 && ($this->drifting[$e->fact]->perHour ?? 0.0) > 0.0,
        );
        $dwell =
            [] === $begins || !in_array($step->takes->waitFor, [null, 'dwell'], true)
                ? null
                : $this->wait($step, $state, $state);
        if (null === $dwell || $dwell <= 0.0) {
            return $state;
        }
        $begun = [];
        foreach ($begins as $effect) {
            $begun[$effect->fact] = $effect->level - $dwell * $this->drifting[$effect->fact]->perHour;
        }

        return $state->withAll($begun);
    }

    public function pass(SurfaceState $state, float $hours, ?\Hull\Climate\Air $air = null): SurfaceState
    {
        return $state->after($hours, $air ?? $this->context->air(), $this->drifting);
    }

    /** A wait that has nothing left to wait for. */
    public function isIdle(RouteStep $routeStep, SurfaceState $state): bool
    {
        $step = $this->context->catalogue()->step($routeStep->step);

        return $step->onlyWaits &&
            [] === $this->broken($routeStep, $state) &&
            0.0 === $this->apply($routeStep, $state)->waitHours;
    }

    public function isPossible(RouteStep $routeStep, SurfaceState $state): bool
    {
        return Precondition::allHold($this->needs($routeStep), $state);
    }

    /** @return list<Precondition> */
    public function broken(RouteStep $routeStep, SurfaceState $state): array
    {
        $broken = [];
        foreach ($this->needs($routeStep) as $need) {
            if (!$need->predicate->holds($state)) {
                $broken[] = $need;
            }
        }

        return $broken;
    }

    /** @return list<Precondition> */
    public function needs(RouteStep $routeStep): array
    {
        return $this->needs[$routeStep->step . '/' . $routeStep->product] ??= $this->needsOf(
            $this->context->catalogue()->step($routeStep->step),
            $this->product($routeStep),
        );
    }

    /** @return list<Precondition> its own, its product's, and the rules for its kind that a route can keep */
    private function needsOf(Step $step, ?Product $product): array
    {
        $needs = $step->needs;
        foreach ($this->context->rules->of($step, $product) as $rule) {
            if (RuleLevel::Order === $rule->level || RuleLevel::Stop === $rule->level) {
                $needs[] = $rule->need;
            }
        }

        return null === $product || !$step->laysFilm ? $needs : [...$needs, ...$product->needs];
    }

    /** @return list<string> ids of the facts that change with time */
    public function drifts(): array
    {
        return array_map('strval', array_keys($this->drifting));
    }

    public function product(RouteStep $routeStep): ?Product
    {
        return null === $routeStep->product ? null : $this->context->product($routeStep->product);
    }

    /**
     * Share of a part that lies open at a time, 0 to 1: what is larger than one person strips, masks and coats in a
     * day is worked in sections, each with its own clock, so that bare metal does not wait for the far end of the
     * hull.
     */
    public function section(): float
    {
        return min(1.0, self::SECTION_M2 / max(1e-6, $this->context->area()->m2()));
    }

    private function wait(Step $step, SurfaceState $before, SurfaceState $after): ?float
    {
        $fixed = $step->takes->waitHours;
        $for = $step->takes->waitFor;
        if (null === $for) {
            return $fixed;
        }
        if ('dwell' === $for) {
            return $fixed * Dwell::factor($this->context->air()->temperature);
        }
        if ('drying' === $for) {
            try {
                return $fixed + $this->drying->time($this->exposure($before), $this->context->air())->h();
            } catch (InvalidQuantity) {
                return null;
            }
        }
        $top = $after->top();
        if (null === $top) {
            return $fixed;
        }
        $clock = match ($for) {
            'touch' => $top->touch,
            'handle' => $top->handle,
            'sand' => $top->sand,
            'recoat' => $top->isShut() ? $top->recoatAgain ?? $top->recoatMin : $top->recoatMin,
            default => $top->full,
        };
        $left = $clock->remainingIn($this->context->air());

        return null === $left ? null : $fixed + $left->h();
    }

    /** The worse of how wet the part is and how it holds water. */
    public function exposure(SurfaceState $state): string
    {
        $byState = self::DRYING_BY_WETNESS[(int) min(3, max(1, $state->fact('wet')))];

        return $this->drying->slower($byState, $this->context->traits->exposure);
    }
}
