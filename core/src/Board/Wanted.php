<?php

declare(strict_types=1);

namespace Hull\Board;

use Hull\Bench\Batch;
use Hull\Bench\CoatSheets;
use Hull\Bench\Replayed;
use Hull\Bench\Tools;
use Hull\Bench\WhatIf;
use Hull\Bench\Workpiece;
use Hull\Catalog\Catalogue;
use Hull\Catalog\Consumable;
use Hull\Catalog\Step;
use Hull\Compute\Registry;
use Hull\Job\Part;
use Hull\Piece\MaskingPlan;
use Hull\Quantity\Count;
use Hull\Quantity\Volume;
use Hull\Route\StepRunner;
use Hull\Store\CoatAhead;

/** Adds up what the steps of a job that are not done yet take, before anyone looks into the store. */
final class Wanted
{
    /** @var list<CoatAhead> */
    public array $coats = [];

    /** @var array<int|string, float> litres of thinner and cleaner, litres or kilograms of supplies, by supply */
    public array $supplies = [];

    /** @var array<int|string, float> by consumable */
    public array $consumables = [];

    /** @var array<int, float> by grit */
    public array $discs = [];

    /** @var array<int|string, string> id => name of what no rate by area is known for */
    public array $unmeasured = [];

    /** @var array<int|string, float> batches of each coat of the part at hand, by step key */
    private array $batches = [];

    private function __construct(private readonly WhatIf $if) {}

    /**
     * @param array<int|string, Workpiece> $pieces by part id
     * @param array<int|string, Replayed> $done what the record says of each, by part id
     */
    public static function of(array $pieces, array $done, ?WhatIf $if = null): self
    {
        $parts = array_map(static fn(Workpiece $p): Part => $p->part, $pieces);
        $each = [];
        foreach ($pieces as $id => $piece) {
            $each[] = self::ofPart((string) $id, $piece, $done[$id], $parts, $if);
        }

        return self::together($each, $if);
    }

    /**
     * @param Replayed $done what the record says of it; only what is finished counts
     * @param array<int|string, Part> $parts of the whole job
     */
    public static function ofPart(string $id, Workpiece $piece, Replayed $done, array $parts, ?WhatIf $if = null): self
    {
        $wanted = new self($if ?? WhatIf::asPlanned());
        $masking = [] === $piece->part->covered ? null : MaskingPlan::of($piece, $parts);
        $wanted->coatsOf($id, $piece, $done);
        $wanted->stepsOf($piece, $done, $masking);
        if (null !== $masking && $masking->isAhead($piece, $done)) {
            $wanted->masks($masking);
        }
        $wanted->batches = [];

        return $wanted;
    }

    /** @param array<int|string, self> $each by part */
    public static function together(array $each, ?WhatIf $if = null): self
    {
        $all = new self($if ?? WhatIf::asPlanned());
        foreach ($each as $one) {
            $all->coats = [...$all->coats, ...$one->coats];
            $all->unmeasured += $one->unmeasured;
            foreach ($one->supplies as $id => $amount) {
                $all->supplies[$id] = ($all->supplies[$id] ?? 0.0) + $amount;
            }
            foreach ($one->consumables as $id => $amount) {
                $all->consumables[$id] = ($all->consumables[$id] ?? 0.0) + $amount;
            }
            foreach ($one->discs as $grit => $discs) {
                $all->discs[$grit] = ($all->discs[$grit] ?? 0.0) + $discs;
            }
        }
        ksort($all->discs);

        return $all;
    }

    private function coatsOf(string $id, Workpiece $piece, Replayed $done): void
    {
        $under = array_values(
            array_filter(
                CoatSheets::under($piece, $piece->route()),
                static fn(array $c): bool => !isset($done->finished[$c[0]->key]),
            ),
        );
        $last = count($under) - 1;
        $sheets = new CoatSheets($piece, $piece->context->air());
        foreach ($under as $number => [$step, $product, $state]) {
            $paint = CoatSheets::paint($piece, $product, $state, $this->if);
            $this->batches[$step->key] = $sheets
                ->batches(
                    $step,
                    $product,
                    $paint,
                    new Batch(Registry::standard(), $product, Tools::usual(), $piece->context->air()),
                )
                ->quantity('count', Count::class)
                ->value();
            for ($again = $number === $last ? $this->if->coats : 0; $again >= 0; --$again) {
                $litres = $paint->quantity('needed', Volume::class);
                $this->coats[] = new CoatAhead(
                    partId: $id,
                    part: $piece->part->name,
                    stepKey: $step->key,
                    shade: $piece->context->system->shade($product->id),
                    paint: $litres,
                    onPart: $paint->quantity('theoretical', Volume::class),
                    swallowed: $paint->quantity('swallowed', Volume::class),
                );
                $thinner = $paint->quantity('mixed', Volume::class)->litresValue() - $litres->litresValue();
                if ($thinner > 0.0) {
                    $this->add($piece->context->catalogue(), $product->thinnerSupply, $thinner);
                }
            }
        }
    }

    /** @param MaskingPlan|null $masking what is covered by measure; null where nobody said, and area has to do */
    private function stepsOf(Workpiece $piece, Replayed $done, ?MaskingPlan $masking): void
    {
        $runner = new StepRunner($piece->context);
        $catalogue = $piece->context->catalogue();
        foreach (Workpiece::remaining($piece->route(), $done) as $routeStep) {
            $step = $catalogue->step($routeStep->step);
            $product = $runner->product($routeStep);
            $m2 = $runner->work->area($step, $product)->m2();
            foreach ($step->grits->of ?? [] as $grit) {
                $this->discs[$grit] = ($this->discs[$grit] ?? 0.0) + $m2 / ($step->grits->run->discLife[$grit] ?? 1.0);
            }
            $this->suppliesOf($catalogue, $step, $m2);
            $cleaner = null !== $product && $step->laysFilm ? $product->cleaner : '';
            $method =
                null === $product
                    ? $this->if->method ?? $piece->part->method
                    : $piece->method($product, $this->if->method)->id;
            foreach ($catalogue->consumables as $consumable) {
                if (null !== $masking && [] !== $consumable->masks) {
                    continue;
                }
                $this->consumable(
                    $catalogue,
                    $consumable,
                    $step,
                    $method,
                    $consumable->used(
                        $m2,
                        $runner->work->minutes($step, $step->laysFilm ? $product : null) / 60.0,
                        $this->batches[$routeStep->key] ?? 0.0,
                    ),
                    $cleaner,
                );
            }
        }
    }

    private function masks(MaskingPlan $masking): void
    {
        foreach ($masking->needs as $id => $amount) {
            $this->consumables[$id] = ($this->consumables[$id] ?? 0.0) + $amount;
        }
    }

    /** What a step uses by area: supplies that have a rate; the others are only named. */
    private function suppliesOf(Catalogue $catalogue, Step $step, float $m2): void
    {
        foreach ($step->uses as $id) {
            $counted =
                [] !==
                array_filter(
                    $catalogue->consumables,
                    static fn(Consumable $c): bool => in_array($id, $c->stepTags, true),
                );
            $rate = ($catalogue->supplies[$id] ?? null)?->perM2();
            if (null !== $rate) {
                $this->add($catalogue, $id, $rate->value() * $m2);
            } elseif (!$counted && 'abrasives' !== $id && 'wipes' !== $id) {
                $this->unmeasured[$id] = $catalogue->material($id);
            }
        }
    }

    private function consumable(
        Catalogue $catalogue,
        Consumable $c,
        Step $step,
        string $method,
        float $used,
        string $cleaner,
    ): void {
        if (
            [] === array_intersect($c->stepTags, [...$step->tags, ...$step->uses]) ||
            ([] !== $c->methods && !in_array($method, $c->methods, true))
        ) {
            return;
        }
        if (!$c->cleaner) {
            $this->consumables[$c->id] = ($this->consumables[$c->id] ?? 0.0) + $used;
        } elseif ('' !== $cleaner) {
            $this->add($catalogue, $cleaner, $used);
        }
    }

    /** What nobody buys is not counted. */
    private function add(Catalogue $catalogue, string $supply, float $amount): void
    {
        if ('' !== $supply && !$catalogue->supplies[$supply]->free) {
            $this->supplies[$supply] = ($this->supplies[$supply] ?? 0.0) + $amount;
        }
    }
}
