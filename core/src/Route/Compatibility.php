<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Catalog\Catalogue;
use Hull\Catalog\FilmSystem;
use Hull\Catalog\Life;
use Hull\Catalog\Scope;
use Hull\Catalog\Service;
use Hull\Catalog\Step;
use Hull\Catalog\Substrate;
use Hull\Catalog\SystemLayer;
use Hull\Catalog\Traits;
use Hull\Climate\Air;
use Hull\Input\Keys;
use Hull\Job\RouteStep;
use Hull\Quantity\Area;
use Hull\Quantity\Percentage;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;
use Hull\Surface\Precondition;
use Hull\Surface\Product;
use Hull\Surface\SurfaceState;

/**
 * May this film go over that one on this material? Answered without a job, by the rules a route is held to: on clean,
 * sound material in a bay at 20 C and 50 %, the lower film laid as its systems lay it.
 */
final class Compatibility
{
    /** @var list<FilmSystem> of the material, whatever the service */
    private readonly array $systems;

    /** @var array<int|string, array{StepRunner, PrepSearch}> by lower film and service */
    private array $benches = [];

    public function __construct(private readonly Catalogue $catalogue, private readonly Substrate $substrate)
    {
        $this->systems = array_values(
            array_filter(
                $catalogue->systems,
                static fn(FilmSystem $s): bool => (new Scope($s->scope->families, $s->scope->except))->covers(
                    $substrate,
                    [],
                    '',
                    '',
                    static fn(string $q): string => '',
                ),
            ),
        );
    }

    /** @return list<Product> films some system lays on the material, in the order of the catalogue */
    public function films(): array
    {
        $ids = [];
        foreach ($this->systems as $system) {
            foreach ($system->layers as $layer) {
                $ids[$layer->product->id] = true;
            }
        }

        return array_values(
            array_filter($this->catalogue->products, static fn(Product $p): bool => isset($ids[$p->id])),
        );
    }

    /** @param Product|null $below null for the bare material */
    public function ask(?Product $below, Product $above): Verdict
    {
        $under = null === $below ? [] : $this->under($below);
        $service = $this->service($above);
        [$runner, $search] = $this->benches[$below?->id . '/' . $service] ??= $this->bench($service);
        $goal = new RouteStep('', $this->catalogue->coat, $above->id);
        $fresh = $this->laid($under, $runner);
        $between = $this->between($search->find($fresh, $runner->needs($goal)));
        if ([] === $under) {
            return new Verdict(
                $between,
                $between,
                null === $between ? $this->stuck($search, $runner, $fresh, $goal) : [],
            );
        }
        $cured = $fresh->cured();
        $later = $this->between($search->find($cured, $runner->needs($goal)));

        return new Verdict(
            $between,
            $later,
            null === $between && null === $later ? $this->stuck($search, $runner, $cured, $goal) : [],
        );
    }

    /** @return list<Precondition> */
    private function stuck(PrepSearch $search, StepRunner $runner, SurfaceState $state, RouteStep $goal): array
    {
        return array_values(
            array_filter(
                $runner->broken($goal, $state),
                static fn(Precondition $n): bool => null === $search->find($state, [$n]),
            ),
        );
    }

    /**
     * @param list<RouteStep>|null $path
     *
     * @return list<Step>|null
     */
    private function between(?array $path): ?array
    {
        return null === $path ? null : array_map(fn(RouteStep $s): Step => $this->catalogue->step($s->step), $path);
    }

    /**
     * The lower film with what its systems lay under it; a film no system lays here lies on the bare material.
     *
     * @return list<Product>
     */
    private function under(Product $below): array
    {
        foreach ($this->systems as $system) {
            $coats = $system->coats();
            foreach ($coats as $index => $coat) {
                if ($coat->id === $below->id) {
                    return array_slice($coats, 0, $index + 1);
                }
            }
        }

        return [$below];
    }

    /** @param list<Product> $under */
    private function laid(array $under, StepRunner $runner): SurfaceState
    {
        $state = SurfaceState::of($this->substrate->id, []);
        foreach ($under as $product) {
            $state = $runner->effects(new RouteStep('', $this->catalogue->coat, $product->id), $state->cured());
        }

        return $state;
    }

    /** A service of the material in which some system lays the film. */
    private function service(Product $above): string
    {
        $services = Keys::of(
            array_filter($this->catalogue->services, fn(Service $s): bool => $s->suits($this->substrate)),
        );
        foreach ($this->systems as $system) {
            if (
                in_array(
                    $above->id,
                    array_map(static fn(SystemLayer $l): string => $l->product->id, $system->layers),
                    true,
                )
            ) {
                return array_values(array_intersect($services, $system->scope->services))[0] ?? ($services[0] ?? '');
            }
        }

        return $services[0] ?? '';
    }

    /** @return array{StepRunner, PrepSearch} */
    private function bench(string $service): array
    {
        $air = Air::of(Temperature::celsius(20.0), RelativeHumidity::percent(50.0));
        $traits = new Traits(
            catalogue: $this->catalogue,
            substrate: $this->substrate,
            facts: [],
            services: [$service],
            finish: (string) array_key_first($this->catalogue->finishes),
            area: Area::squareMetres(1.0),
            damaged: Percentage::ratio(0.0),
            air: $air,
            placeKind: 'heated-bay',
            exposure: 'open',
            method: (string) array_key_first($this->catalogue->methods->all),
            lattice: false,
            lacks: [],
        );
        $context = new PartContext(
            $traits,
            [],
            (new Schools($traits, []))->resolved(),
            new FilmSystem(
                id: 'asked',
                name: 'asked',
                scope: new Scope(),
                aims: [],
                onlyWhen: [],
                whyNot: '',
                layers: [],
                ends: [],
                why: '',
                life: new Life(1.0, 1.0),
                requires: [],
            ),
            $this->catalogue->usualAim(),
        );
        $runner = new StepRunner($context);

        return [$runner, new PrepSearch($context, $runner)];
    }
}
