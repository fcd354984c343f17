<?php

declare(strict_types=1);

namespace Hull\Schedule\Reading;

use Hull\Bench\Workpiece;
use Hull\Catalog\Catalogue;
use Hull\Catalog\Step;
use Hull\Climate\PartWarmth;
use Hull\Climate\RateLine;
use Hull\Cure\Readiness;
use Hull\Piece\Stand;
use Hull\Quantity\Message;
use Hull\Route\StepRunner;
use Hull\Schedule\Constraint\Airs;
use Hull\Schedule\Constraint\LagTime;
use Hull\Schedule\Constraint\RainFree;
use Hull\Schedule\Constraint\WetFilm;
use Hull\Surface\Dew;
use Hull\Surface\FilmPhase;
use Hull\Surface\Product;
use Hull\Surface\SurfaceState;

/** What the air of a place does for a step: how long its chemistry works, how a film dries, when rain undoes it. */
final readonly class StepAir
{
    /** Key of the place among all places of the yard. */
    public string $at;
    public bool $sheltered;

    private Catalogue $catalogue;
    private PartWarmth $warmth;

    public function __construct(Workpiece $piece, private StepRunner $runner, private Airs $airs, Stand $stand)
    {
        $this->catalogue = $piece->context->catalogue();
        $this->warmth = $piece->context->warmth();
        $this->at = $stand->at;
        $this->sheltered = $stand->sheltered;
    }

    /** What passes by itself after a step; null where nothing does. */
    public function passing(Step $definition, SurfaceState $state): ?LagTime
    {
        $takes = $definition->takes;

        return match (true) {
            null === $takes->waitFor && $takes->waitHours <= 0.0 => null,
            'dwell' === $takes->waitFor => LagTime::on($this->dwell($definition), $takes->waitHours),
            'drying' === $takes->waitFor => LagTime::on(
                $this->airs->drying($this->at),
                $this->runner->drying->base($this->runner->exposure($state)),
                $takes->waitHours,
            ),
            default => LagTime::hours($takes->waitHours),
        };
    }

    public static function working(Step $definition): Message
    {
        return 'drying' === $definition->takes->waitFor
            ? Message::of('the part to dry')
            : Message::of('{step} to have worked', step: lcfirst($definition->name));
    }

    /** Chemistry and cure; colder than what it is worked in they stand still. A bath is not warmed by the sun. */
    public function dwell(Step $definition): RateLine
    {
        return $this->airs->dwell(
            $this->at,
            $this->catalogue->manner($definition)->air?->leastC() ?? -\INF,
            $definition->worked->apart ? new PartWarmth() : $this->warmth,
        );
    }

    /** The rain on the part; null where none gets in. */
    public function rain(SurfaceState $state): ?RainFree
    {
        return $this->sheltered
            ? null
            : $this->airs->rain($this->at, $this->runner->drying->base($this->runner->exposure($state)));
    }

    /**
     * How long after it nobody else comes in, hours: where what nobody breathes is sprayed indoors, while it flashes
     * off; 0 for everything else.
     */
    public function keptClear(Product $product, string $method): float
    {
        // An own product may hold it and ask nothing of the workshop.
        $asked = array_filter(
            [...$product->requires, ...$product->chemicals],
            fn(string $id): bool => $this->catalogue->limits[$id]->keptClear ?? false,
        );

        return $this->sheltered && [] !== $asked && $this->catalogue->methods->spray($method, $product->requires)
            ? $this->catalogue->figures->hours('kept-clear', 'flash')
            : 0.0;
    }

    public function wet(Product $product, string $method): WetFilm
    {
        $touch = $this->airs->cure($this->at, $product, FilmPhase::Tacky, $this->warmth);
        $dry = null === $touch ? LagTime::hours(0.0) : LagTime::on($touch);
        $rain = $this->airs->ready($this->at, $product, Readiness::Rain, $this->warmth);
        $safe = null === $rain ? $dry : LagTime::on($rain);

        return new WetFilm(
            $this->airs->gate(
                $this->at,
                $product,
                $this->warmth,
                $this->catalogue->methods->spray($method, $product->requires),
            ),
            $dry,
            $safe,
            Dew::UntilRainSafe === $product->dew ? $safe : $dry,
            Dew::Never !== $product->dew,
        );
    }
}
