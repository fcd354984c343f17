<?php

declare(strict_types=1);

namespace Hull\Catalog;

/** Everything restorers know, as data, found by id. */
final readonly class Catalogue
{
    /**
     * @param array<string, Fact>       $facts
     * @param array<string, Substrate>  $substrates
     * @param array<string, Condition>  $conditions
     * @param array<string, Choice>     $services
     * @param array<string, Choice>     $finishes
     * @param array<string, Choice>     $places
     * @param array<string, Choice>     $methods
     * @param array<string, Choice>     $phases
     * @param array<string, Step>       $steps
     * @param list<Rule>                $rules
     * @param array<string, Product>    $products
     * @param array<string, FilmSystem> $systems
     * @param array<string, School>     $schools
     * @param array<string, Choice>     $cautions
     */
    public function __construct(
        public array $facts,
        public array $substrates,
        public array $conditions,
        public array $services,
        public array $finishes,
        public array $places,
        public array $methods,
        public array $phases,
        public array $steps,
        public array $rules,
        public array $products,
        public array $systems,
        public array $schools,
        public array $cautions,
    ) {
    }

    public function step(string $id): Step
    {
        return $this->steps[$id] ?? throw new \LogicException('No step '.$id.'.');
    }

    public function product(string $id): Product
    {
        return $this->products[$id] ?? throw new \LogicException('No product '.$id.'.');
    }

    public function substrate(string $id): Substrate
    {
        return $this->substrates[$id] ?? throw new \LogicException('No substrate '.$id.'.');
    }

    /** @return array<string, Fact> */
    public function drifting(): array
    {
        return array_filter($this->facts, static fn (Fact $f): bool => 0.0 !== $f->perHour);
    }

    /** @return list<Need> every need of a step: its own, its product's, and the rules for its kind */
    public function needsOf(Step $step, ?Product $product, Substrate $substrate): array
    {
        $needs = $step->needs;
        foreach ($this->rules as $rule) {
            if ($rule->appliesTo($step, $product, $substrate)) {
                $needs[] = $rule->need;
            }
        }

        return null === $product || !$step->laysFilm ? $needs : [...$needs, ...$product->needs];
    }
}
