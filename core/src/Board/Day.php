<?php

declare(strict_types=1);

namespace Hull\Board;

use Hull\Bench\CoatSheets;
use Hull\Bench\Workpiece;
use Hull\Catalog\Catalogue;
use Hull\Catalog\Caution;
use Hull\Catalog\Protection;
use Hull\Input\Keys;
use Hull\Route\ChemicalConflict;

/** What a day of work takes: what to wear, what to mind, where the waste goes, what must not meet. */
final readonly class Day
{
    /**
     * @param list<SharedAction> $actions
     * @param float $minutes of work
     * @param list<Protection> $protection the worst of each kind
     * @param list<Caution> $cautions
     * @param array<int|string, list<string>> $disposal where waste goes => names of the steps that leave it
     * @param float $voc grams of solvent that go into the air
     * @param list<ChemicalConflict> $encounters
     */
    private function __construct(
        public array $actions,
        public float $minutes,
        public array $protection,
        public array $cautions,
        public array $disposal,
        public float $voc,
        public array $encounters,
    ) {}

    /**
     * @param array<int|string, Workpiece> $pieces
     * @param list<SharedAction> $actions
     * @param list<ChemicalConflict> $encounters
     */
    public static function of(
        Catalogue $catalogue,
        array $pieces,
        array $actions,
        float $minutes,
        array $encounters,
    ): self {
        $cautions = [];
        $disposal = [];
        $voc = 0.0;
        foreach ($actions as $action) {
            $step = $catalogue->step($action->step);
            $product = null === $action->product ? null : $catalogue->product($action->product);
            $warned = array_map(
                static fn(string $zone): array => $pieces[$zone]->context->cautions($step, $product),
                Keys::of($action->zones),
            );
            foreach (array_unique(array_merge([], ...$warned)) as $id) {
                $caution = $catalogue->cautions[$id];
                $cautions[$id] = $caution;
                if ('' !== $caution->disposal) {
                    $disposal[$caution->disposal][$step->name] = $step->name;
                }
            }
            if (null !== $product && $step->laysFilm) {
                foreach (Keys::of($action->zones) as $zone) {
                    $voc +=
                        (CoatSheets::paintOf($pieces[$zone], $action->zones[$zone])?->litresValue() ?? 0.0) *
                        $product->voc;
                }
            }
        }
        $spoken = array_values($cautions);
        usort($spoken, static fn(Caution $a, Caution $b): int => [$b->hazard, $a->id] <=> [$a->hazard, $b->id]);

        return new self(
            actions: $actions,
            minutes: $minutes,
            protection: $catalogue->protectionFor($spoken),
            cautions: $spoken,
            disposal: array_map(array_values(...), $disposal),
            voc: $voc,
            encounters: $encounters,
        );
    }
}
