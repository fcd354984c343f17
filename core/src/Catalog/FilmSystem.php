<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Surface\Precondition;
use Hull\Surface\Product;
use Hull\Surface\Shade;

/** The films that protect a substrate in a service, bottom to top, and what the surface must be at the end. */
final readonly class FilmSystem
{
    /**
     * @param list<string> $aims what it leads to
     * @param array<int|string, float|string|list<string>> $onlyWhen what must hold of the part, see Traits
     * @param string $whyNot said where it does not
     * @param list<SystemLayer> $layers empty where nothing is to lie on the part
     * @param list<Precondition> $ends what must be true before the closing steps, such as waxed
     * @param list<string> $requires gear, skills and tastes of its products
     * @param list<string> $stands services it stands beside its own, where a part has several; it is not laid for them
     */
    public function __construct(
        public string $id,
        public string $name,
        public Scope $scope,
        public array $aims,
        public array $onlyWhen,
        public string $whyNot,
        public array $layers,
        public array $ends,
        public string $why,
        public Life $life,
        public array $requires,
        public array $stands = [],
    ) {}

    /** It is made for the material. */
    public function isFor(Substrate $substrate): bool
    {
        return $substrate->isOf($this->scope->families) &&
            ([] === $this->scope->except || !$substrate->isOf($this->scope->except));
    }

    /**
     * What of several services it does not stand: the leading one must be its own.
     *
     * @param non-empty-list<string> $services
     *
     * @return list<string>
     */
    public function fails(array $services): array
    {
        $own = $this->scope->services;
        if ([] === $own) {
            return [];
        }
        $led = in_array($services[0], $own, true) ? [] : [$services[0]];

        return [...$led, ...array_values(array_diff(array_slice($services, 1), $own, $this->stands))];
    }

    /** @return list<Product> one entry per coat, bottom to top */
    public function coats(): array
    {
        $coats = [];
        foreach ($this->layers as $layer) {
            for ($i = 0; $i < $layer->coats; ++$i) {
                $coats[] = $layer->product;
            }
        }

        return $coats;
    }

    /** The layer that lays a product; null where none does. */
    public function layer(string $product): ?SystemLayer
    {
        foreach ($this->layers as $layer) {
            if ($layer->product->id === $product) {
                return $layer;
            }
        }

        return null;
    }

    /** A product in the colour in which it is laid here. */
    public function shade(string $product): Shade
    {
        return new Shade($product, $this->layer($product)->colour ?? '');
    }

    /**
     * The same system with other layers, and what those ask for.
     *
     * @param list<SystemLayer> $layers
     */
    public function laidAs(array $layers): self
    {
        return new self(
            id: $this->id,
            name: $this->name,
            scope: $this->scope,
            aims: $this->aims,
            onlyWhen: $this->onlyWhen,
            whyNot: $this->whyNot,
            layers: $layers,
            ends: $this->ends,
            why: $this->why,
            life: $this->life,
            requires: array_values(
                array_unique(
                    array_merge([], ...array_map(static fn(SystemLayer $l): array => $l->product->requires, $layers)),
                ),
            ),
            stands: $this->stands,
        );
    }
}
