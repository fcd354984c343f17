<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Input\Node;
use Hull\Surface\Precondition;
use Hull\Surface\Product;

/**
 * Reads the film systems: those given whole, and those put together from a foundation (what grips the substrate) and
 * a top (what the service asks for). A top goes on a foundation whose last film has one of the tags it lies over.
 */
final readonly class SystemReader
{
    /**
     * @param array<int|string, Product> $products
     * @param list<string> $tags of products
     * @param \Closure(Node): Scope $scope
     * @param \Closure(?Node, string): list<Precondition> $needs
     * @param \Closure(?Node): array<int|string, float|string|list<string>> $when
     * @param \Closure(Scope): bool $occurs whether some material in some service is covered
     * @param list<string> $services ids
     * @param string $aim what a system leads to that does not say it
     */
    public function __construct(
        private Node $data,
        private array $products,
        private array $tags,
        private \Closure $scope,
        private \Closure $needs,
        private \Closure $when,
        private \Closure $occurs,
        private array $services,
        private string $aim,
    ) {}

    /** @return array<int|string, FilmSystem> the whole ones first, each in the order of the catalogue */
    public function systems(): array
    {
        $systems = [];
        foreach ($this->data->field('systems')->items() as $n) {
            $this->add(
                $systems,
                $n,
                new FilmSystem(
                    id: $this->id($n),
                    name: $n->field('name')->text(),
                    scope: ($scope = ($this->scope)($n)),
                    aims: $this->aims($scope),
                    onlyWhen: ($this->when)($n->optional('only_when')),
                    whyNot: $n->optional('why_not')?->text(300) ?? '',
                    layers: $this->layers($n),
                    ends: ($this->needs)($n->optional('ends'), $this->id($n)),
                    why: $n->field('why')->text(400),
                    life: $this->life($n),
                    requires: $this->requires($this->layers($n)),
                    stands: $this->stands($n),
                ),
            );
        }
        foreach ($this->data->field('foundations')->items() as $foundation) {
            foreach ($this->data->field('tops')->items() as $top) {
                $this->compose($systems, $foundation, $top);
            }
        }

        return $systems;
    }

    /** @param array<int|string, FilmSystem> $systems */
    private function compose(array &$systems, Node $foundation, Node $top): void
    {
        $below = $this->layers($foundation);
        $last = $below[count($below) - 1] ?? null;
        $over = array_map(fn(Node $t): string => $t->choice($this->tags), $top->field('over')->items());
        if (null === $last || [] === array_intersect($over, $last->product->tags)) {
            return;
        }
        $scope = self::both(($this->scope)($foundation), ($this->scope)($top));
        if (null === $scope || !($this->occurs)($scope)) {
            return;
        }
        $id = $this->id($foundation) . '+' . $this->id($top);
        $life = $this->life($top);
        $factor = $foundation->optional('life_factor')?->number() ?? 1.0;
        $layers = [...$below, ...$this->layers($top)];
        $this->add(
            $systems,
            $foundation,
            new FilmSystem(
                id: $id,
                name: $foundation->field('name')->text() . '; ' . lcfirst($top->field('name')->text()),
                scope: $scope,
                aims: $this->aims($scope),
                onlyWhen: [
                    ...($this->when)($foundation->optional('only_when')),
                    ...($this->when)($top->optional('only_when')),
                ],
                whyNot: ($foundation->optional('why_not') ?? $top->optional('why_not'))?->text(300) ?? '',
                layers: $layers,
                ends: ($this->needs)($top->optional('ends'), $id),
                why: $foundation->field('why')->text(400) . ' ' . $top->field('why')->text(400),
                life: $life->times($factor),
                requires: $this->requires($layers),
                stands: $this->stands($top),
            ),
        );
    }

    /** What both scopes cover; null when nothing. */
    private static function both(Scope $a, Scope $b): ?Scope
    {
        $lists = [];
        foreach (
            [
                [$a->families, $b->families],
                [$a->services, $b->services],
                [$a->finishes, $b->finishes],
                [$a->aims, $b->aims],
            ]
            as [$one, $other]
        ) {
            $shared = [] === $one ? $other : ([] === $other ? $one : array_values(array_intersect($one, $other)));
            if ([] === $shared && [] !== $one && [] !== $other) {
                return null;
            }
            $lists[] = $shared;
        }

        return new Scope(
            families: $lists[0],
            except: [...$a->except, ...$b->except],
            services: $lists[1],
            finishes: $lists[2],
            schools: [...$a->schools, ...$b->schools],
            aims: $lists[3],
        );
    }

    /** @return list<string> */
    private function stands(Node $n): array
    {
        return Names::known($n->optional('stands'), $this->services);
    }

    /** @param array<int|string, FilmSystem> $systems */
    private function add(array &$systems, Node $n, FilmSystem $system): void
    {
        if (isset($systems[$system->id])) {
            throw $n->refuse(sprintf('The id "%s" is used twice.', $system->id), 'an id of its own');
        }
        $systems[$system->id] = $system;
    }

    /** @return list<string> */
    private function aims(Scope $scope): array
    {
        return [] === $scope->aims ? [$this->aim] : $scope->aims;
    }

    private function id(Node $n): string
    {
        return $n->field('id')->text();
    }

    /** @return list<SystemLayer> */
    private function layers(Node $n): array
    {
        return array_map(
            fn(Node $l): SystemLayer => new SystemLayer(
                $this->products[$l->field('product')->keyOf($this->products)],
                $l->field('coats')->integer(1, 10),
                $l->field('role')->text(),
            ),
            $n->optional('layers')?->items() ?? [],
        );
    }

    private function life(Node $n): Life
    {
        $life = $n->field('life')->items(2);

        return 2 === count($life)
            ? new Life($life[0]->number(), $life[1]->number())
            : throw $n->field('life')->refuse('A life is a range.', 'two numbers of years, such as [4, 6]');
    }

    /**
     * @param list<SystemLayer> $layers
     *
     * @return list<string>
     */
    private function requires(array $layers): array
    {
        return array_values(
            array_unique(
                array_merge([], ...array_map(static fn(SystemLayer $l): array => $l->product->requires, $layers)),
            ),
        );
    }
}
