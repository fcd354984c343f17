<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Catalog\Aim;
use Hull\Catalog\Capability;
use Hull\Catalog\Catalogue;
use Hull\Catalog\FilmSystem;
use Hull\Catalog\Rule;
use Hull\Catalog\Scope;
use Hull\Catalog\Step;
use Hull\Catalog\Substrate;
use Hull\Catalog\Traits;
use Hull\Climate\Air;
use Hull\Climate\PartWarmth;
use Hull\Film\Method;
use Hull\Quantity\Area;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;
use Hull\Surface\Product;

/**
 * What a route depends on beside the surface: size, place, service, schools, gear, and the films it is meant to end
 * with.
 */
final readonly class PartContext
{
    /** Nearly everything of the trade cures and dries within these (typical). */
    private const LEAST_C = 10.0;
    private const MOST_C = 35.0;
    private const MOST_RH = 0.8;

    /** The rules that count on this part. */
    public RuleTable $rules;

    /**
     * @param array<int|string, float> $extents share of the area by fact, 0 to 1
     * @param array<int|string, string> $schools question => answer, every question answered
     */
    public function __construct(
        public Traits $traits,
        public array $extents,
        public array $schools,
        public FilmSystem $system,
        public Aim $aim,
    ) {
        $this->rules = new RuleTable(
            array_values(array_filter($this->catalogue()->rules, fn(Rule $r): bool => $this->covers($r->scope))),
            $this,
        );
    }

    public function catalogue(): Catalogue
    {
        return $this->traits->catalogue;
    }

    /**
     * The same part in air that things cure in. What the order of work is does not hang on the cold of a place; when it
     * can be done does, and that is the schedule's to say.
     */
    public function workable(): self
    {
        $air = $this->air();

        return $air->temperature->c() >= self::LEAST_C &&
            $air->temperature->c() <= self::MOST_C &&
            $air->humidity->value() <= self::MOST_RH
            ? $this
            : new self(
                $this->traits->inAir(Air::of(Temperature::celsius(20.0), RelativeHumidity::percent(50))),
                $this->extents,
                $this->schools,
                $this->system,
                $this->aim,
            );
    }

    public function warmth(): PartWarmth
    {
        return new PartWarmth(
            $this->catalogue()->figures->hours('part-lag', $this->substrate()->mass),
            $this->traits->absorbs,
        );
    }

    public function substrate(): Substrate
    {
        return $this->traits->substrate;
    }

    public function area(): Area
    {
        return $this->traits->area;
    }

    /** What a step is done on: the whole part, or where only spots are mended, what is damaged with its margin. */
    public function areaOf(Step $step, ?Product $film = null): Area
    {
        $share = $this->aim->share($step, $film->tags ?? [], $this->traits->damaged->ratioValue());

        return Area::squareMetres($this->area()->m2() * $share);
    }

    /** A product as it is laid here: in the texture of its layer. */
    public function product(string $id): Product
    {
        return $this->system->layer($id)->product ?? $this->catalogue()->product($id);
    }

    /** How a product is put on here: as the part is painted, if that lays it, or as it has to be. */
    public function method(Product $product): Method
    {
        return $this->catalogue()->methods->for($product->tags, [$this->traits->method], $product->requires);
    }

    public function air(): Air
    {
        return $this->traits->air;
    }

    public function covers(Scope $scope): bool
    {
        return $scope->covers(
            $this->substrate(),
            $this->traits->services,
            $this->traits->finish,
            $this->aim->id,
            $this->answer(...),
        );
    }

    /** The step is for this material, service and school, and the workshop has what it takes. */
    public function offers(Step $step): bool
    {
        return $this->covers($step->scope) && [] === $this->lacks($step->requires);
    }

    /** @return list<string> ids of what to warn of at a step of this part */
    public function cautions(Step $step, ?Product $product): array
    {
        return array_values(
            array_filter(
                array_unique([...$step->cautions, ...$product->cautions ?? []]),
                fn(string $id): bool => !$this->catalogue()->cautions[$id]->forHeavy || $this->traits->mayBeHeavy(),
            ),
        );
    }

    /** The step would do on this material, though it is not what the chosen schools do. */
    public function allows(Step $step): bool
    {
        return $this->covers($step->scope->ofAnySchool()) && [] === $this->lacks($step->requires);
    }

    /**
     * @param list<string> $requires
     *
     * @return list<Capability> what the workshop is without
     */
    public function lacks(array $requires): array
    {
        return array_values(
            array_map(
                fn(string $id): Capability => $this->catalogue()->limits[$id],
                array_intersect($requires, $this->traits->lacks),
            ),
        );
    }

    public function answer(string $question): string
    {
        return $this->schools[$question] ?? $this->catalogue()->schools[$question]->default();
    }
}
