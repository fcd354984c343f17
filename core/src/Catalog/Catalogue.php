<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Climate\Enclosure;
use Hull\Climate\Season;
use Hull\Compute\Figures;
use Hull\Compute\Registry;
use Hull\Effort\Paces;
use Hull\Film\Methods;
use Hull\Input\Keys;
use Hull\Surface\Fact;
use Hull\Surface\Product;
use Hull\Surface\Shelf;

/** Everything restorers know, as data, found by id. */
final readonly class Catalogue
{
    /** Tag of the steps with which every route ends. */
    private const CLOSING = 'closing';

    public Methods $methods;
    public Paces $paces;

    /** Id of the step that lays a coat. */
    public string $coat;

    /** @var list<string> ids of the steps every route ends with, the hand-over last */
    public array $closing;

    /** @var array<int|string, list<FilmSystem>> those made for a material, in their order, by its id */
    private array $systemsOf;

    /**
     * @param array<int|string, Fact> $facts
     * @param array<int|string, Choice> $signs questions of the substrate helper
     * @param array<int|string, Substrate> $substrates
     * @param array<int|string, Condition> $conditions
     * @param array<int|string, Service> $services
     * @param array<int|string, Aim> $aims what may be wanted of a part, the likely ones first
     * @param array<int|string, Choice> $finishes
     * @param array<int|string, Enclosure> $places
     * @param array<int|string, Hazard> $hazards of a place
     * @param array<int|string, Choice> $phases
     * @param array<int|string, Capability> $limits
     * @param array<int|string, Protection> $protection
     * @param array<int|string, Caution> $cautions
     * @param array<int|string, School> $schools
     * @param array<int|string, AcceptanceTest> $tests
     * @param array<int|string, Supply> $supplies
     * @param array<int|string, Product> $products
     * @param array<int|string, Step> $steps
     * @param list<Rule> $rules
     * @param list<Interlock> $interlocks
     * @param array<int|string, FilmSystem> $systems
     * @param list<AbrasiveRun> $abrasives
     * @param array<int|string, Consumable> $consumables
     * @param array<int|string, Covering> $coverings what of a part stays bare or clean
     * @param array<int|string, LocalTopic> $local
     * @param array<int|string, Season> $climates usual years, the first where nobody said
     * @param Figures $figures what formulas stand on
     * @param array<int|string, string> $sorts tags that products of one sort share => what is said where they do not
     */
    public function __construct(
        public array $facts,
        public array $signs,
        public array $substrates,
        public array $conditions,
        public array $services,
        public array $aims,
        public array $finishes,
        public array $places,
        public array $hazards,
        public Figures $figures,
        public array $phases,
        public array $limits,
        public array $protection,
        public array $cautions,
        public array $schools,
        public array $tests,
        public array $supplies,
        public array $products,
        public array $steps,
        public array $rules,
        public array $interlocks,
        public array $systems,
        public array $abrasives,
        public array $consumables,
        public array $coverings,
        public array $local,
        public array $sorts,
        public array $climates,
    ) {
        [$this->methods, $this->paces] = [$figures->methods, $figures->paces];
        $coats = array_filter($steps, static fn(Step $s): bool => $s->laysFilm);
        $this->coat =
            [] === $coats ? throw new \LogicException('No step lays a film.') : $coats[array_key_first($coats)]->id;
        $closing = array_filter($steps, static fn(Step $s): bool => in_array(self::CLOSING, $s->tags, true));
        usort(
            $closing,
            static fn(Step $a, Step $b): int => [$a->isClosing(), $a->order] <=> [$b->isClosing(), $b->order],
        );
        $this->closing = array_map(static fn(Step $s): string => $s->id, $closing);
        $of = static fn(Substrate $substrate): array => array_values(
            array_filter($systems, static fn(FilmSystem $s): bool => $s->isFor($substrate)),
        );
        $this->systemsOf = array_map($of, $substrates);
    }

    /** @return list<FilmSystem> those made for a material, in their order */
    public function systemsOf(Substrate $substrate): array
    {
        return $this->systemsOf[$substrate->id] ?? [];
    }

    /** Every formula, with the figures of this catalogue. */
    public function formulas(): Registry
    {
        return $this->figures->formulas();
    }

    /** The usual year of a place, by its id; the first where there is none of that name. */
    public function season(string $id): Season
    {
        return $this->climates[$id] ??
            ($this->climates[array_key_first($this->climates) ?? ''] ?? throw new \LogicException('No climate.'));
    }

    /** How a step is worked, by all its tags together and by what it uses. */
    public function manner(Step $step): WorkingConditions
    {
        $manner = $step->worked;
        foreach ($step->uses as $id) {
            $film = $this->products[$id] ?? null;
            $manner = $manner->and(
                new WorkingConditions(
                    air: null === $film ? $this->supplies[$id]->air ?? null : $film->limits(),
                    airHours: $this->supplies[$id]->airHours ?? 0.0,
                ),
            );
        }

        return $manner;
    }

    /** @return list<string> ids of what a new yard is without until it says otherwise */
    public function withoutAtStart(): array
    {
        return Keys::of(array_filter($this->limits, static fn(Capability $c): bool => !$c->atStart));
    }

    /** What is wanted where nothing else is asked for or likely: the last of the aims. */
    public function usualAim(): Aim
    {
        return $this->aims[array_key_last($this->aims) ?? ''] ?? throw new \LogicException('Nothing can be wanted.');
    }

    public function step(string $id): Step
    {
        return $this->steps[$id] ?? throw new \LogicException('No step ' . $id . '.');
    }

    public function product(string $id): Product
    {
        return $this->products[$id] ?? throw new \LogicException('No product ' . $id . '.');
    }

    public function substrate(string $id): Substrate
    {
        return $this->substrates[$id] ?? throw new \LogicException('No substrate ' . $id . '.');
    }

    /** @return array<int|string, Fact> */
    public function drifting(): array
    {
        return array_filter($this->facts, static fn(Fact $f): bool => 0.0 !== $f->perHour);
    }

    public function rule(string $id): ?Rule
    {
        foreach ($this->rules as $rule) {
            if ($rule->need->id === $id) {
                return $rule;
            }
        }

        return null;
    }

    /**
     * @param list<Caution> $cautions
     *
     * @return list<Protection> the worst of each kind they ask for
     */
    public function protectionFor(array $cautions): array
    {
        $ids = array_unique(array_merge([], ...array_map(static fn(Caution $c): array => $c->protect, $cautions)));

        return Protection::worst(array_values(array_map(fn(string $id): Protection => $this->protection[$id], $ids)));
    }

    public function shelf(string $material): Shelf
    {
        return $this->supplies[$material]->shelf ?? ($this->products[$material]->shelf ?? new Shelf());
    }

    /** @return list<string> what a supply or product is to its neighbours */
    public function chemicals(string $material): array
    {
        return $this->supplies[$material]->chemicals ?? ($this->products[$material]->chemicals ?? []);
    }

    /** Name of a supply or of a product's class. */
    public function material(string $id): string
    {
        return $this->supplies[$id]->name ??
            ($this->products[$id]->name ?? throw new \LogicException('No material ' . $id . '.'));
    }
}
