<?php

declare(strict_types=1);

namespace Hull\Schedule\Reading;

use Hull\Catalog\Catalogue;
use Hull\Catalog\Step;
use Hull\Route\StepRunner;
use Hull\Surface\Product;
use Hull\Surface\SurfaceState;

/** How a step is handled in the yard: with what gear, in one load with others, and what it lays bare. */
final readonly class Handling
{
    /** Getting ready for it and clearing away, hours. */
    private const TURNING_TO_H = 0.25;
    /** Group of the films that protect what is under them. */
    private const FILMS = 'protecting';
    /** Tag of the steps by which a film whose window was missed is made good. */
    private const KEYING = 'making-good';

    public function __construct(private Catalogue $catalogue, private StepRunner $runner) {}

    /** @return list<string> ids */
    public function gear(Step $definition, ?Product $product, string $method): array
    {
        $asked = [
            ...$definition->requires,
            ...null === $product ? [] : $product->requires,
            ...null === $product ? [] : $this->catalogue->methods->get($method)->gear,
        ];

        return array_values(
            array_unique(
                array_filter($asked, fn(string $id): bool => 'gear' === ($this->catalogue->limits[$id]->kind ?? '')),
            ),
        );
    }

    /** Abrading and wiping a film whose window was missed, hours. */
    public function keying(): float
    {
        return self::TURNING_TO_H +
            array_sum(
                array_map(
                    fn(Step $s): float => $this->runner->work->minutes($s) / 60.0,
                    array_filter(
                        $this->catalogue->steps,
                        static fn(Step $s): bool => in_array(self::KEYING, $s->tags, true),
                    ),
                ),
            );
    }

    /** Several parts go in together. */
    public function isLoad(Step $step): bool
    {
        return $step->shared && $step->worked->loads;
    }

    /** It closes what was cut open. */
    public function closes(SurfaceState $before, SurfaceState $after): bool
    {
        foreach ($this->catalogue->facts as $id => $fact) {
            if ($fact->standsOpen && $before->fact((string) $id) > 0.0 && $after->fact((string) $id) <= 0.0) {
                return true;
            }
        }

        return false;
    }

    /** It takes a film off, lays metal bare, or cuts open what is closed again. */
    public function bares(SurfaceState $before, SurfaceState $after): bool
    {
        foreach ($this->catalogue->facts as $id => $fact) {
            $less = $after->fact((string) $id) <=> $before->fact((string) $id);
            if ($less < 0 && $after->fact((string) $id) <= 0.0 && in_array(self::FILMS, $fact->groups, true)) {
                return true;
            }
            if ($less > 0 && ($fact->stopsUnderFilm || $fact->standsOpen)) {
                return true;
            }
        }

        return count($after->films) < count($before->films);
    }
}
