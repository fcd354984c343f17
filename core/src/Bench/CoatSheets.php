<?php

declare(strict_types=1);

namespace Hull\Bench;

use Hull\Climate\Air;
use Hull\Compute\Inputs;
use Hull\Compute\Registry;
use Hull\Compute\Result;
use Hull\Compute\Source;
use Hull\Cure\CureRow;
use Hull\Cure\CureRows;
use Hull\Input\InvalidInput;
use Hull\Job\Route;
use Hull\Job\RouteStep;
use Hull\Quantity\Area;
use Hull\Quantity\AreaRate;
use Hull\Quantity\Count;
use Hull\Quantity\Duration;
use Hull\Quantity\FilmThickness;
use Hull\Quantity\Percentage;
use Hull\Quantity\SpreadingRate;
use Hull\Quantity\Temperature;
use Hull\Quantity\Volume;
use Hull\Route\StepRunner;
use Hull\Route\StepWork;
use Hull\Surface\Product;
use Hull\Surface\SurfaceState;

/** Works out the sheet of every coat on a route, all through the registry of computations. */
final readonly class CoatSheets
{
    private Registry $registry;

    /** @param Air $air the air the coats are mixed and laid in: measured where there is a reading */
    public function __construct(private Workpiece $workpiece, private Air $air)
    {
        $this->registry = $workpiece->context->catalogue()->formulas();
    }

    /** The sheet of one coat; null for a step that lays none. */
    public function one(Route $route, string $stepKey, Tools $tools): ?CoatSheet
    {
        $coats = [];
        foreach (self::under($this->workpiece, $route) as [$step, $product, $state]) {
            $coats[$product->id] = ($coats[$product->id] ?? 0) + 1;
            if ($step->key === $stepKey) {
                return $this->sheet($step, $product, $coats[$product->id], $state, $tools);
            }
        }

        return null;
    }

    /** @return list<CoatSheet> */
    public function of(Route $route, Tools $tools): array
    {
        $coats = [];
        $sheets = [];
        foreach (self::under($this->workpiece, $route) as [$step, $product, $state]) {
            $coats[$product->id] = ($coats[$product->id] ?? 0) + 1;
            $sheets[] = $this->sheet($step, $product, $coats[$product->id], $state, $tools);
        }

        return $sheets;
    }

    /**
     * Every coat of a route with the surface it goes on.
     *
     * @return list<array{RouteStep, Product, SurfaceState}>
     */
    public static function under(Workpiece $piece, Route $route): array
    {
        $runner = new StepRunner($piece->context);
        $state = $piece->surveyed;
        $coats = [];
        foreach ($route->steps as $step) {
            $product = $runner->product($step);
            if ($piece->context->catalogue()->coat === $step->step && null !== $product) {
                $coats[] = [$step, $product, $state];
            }
            $state = $runner->apply($step, $state)->state;
        }

        return $coats;
    }

    /**
     * Paint of one coat on a part, by its area, the film, the profile under the first one and the loss of its method.
     */
    public static function paint(Workpiece $piece, Product $product, SurfaceState $under, ?WhatIf $if = null): Result
    {
        return $piece->context
            ->catalogue()
            ->formulas()
            ->run(
                'film.quantity',
                [
                    'area' => self::coated($piece, $product),
                    'dft' => $product->dft,
                    'solids' => $product->solids,
                    'loss' => self::loss($piece, $product, $if)->quantity('loss', Percentage::class),
                    'thinner' => Percentage::ratio($product->ratio->thinnerShare),
                    'profile' => FilmThickness::micrometres(null === $under->top() ? $under->fact('profile') : 0.0),
                ],
                $product->sourceOf('dft', 'solids'),
            );
    }

    /** Paint of the coat that a step of a part's route lays; null for a step that lays none. */
    public static function paintOf(Workpiece $piece, string $stepKey): ?Volume
    {
        foreach (self::under($piece, $piece->route()) as [$step, $product, $state]) {
            if ($step->key === $stepKey) {
                return self::paint($piece, $product, $state)->quantity('needed', Volume::class);
            }
        }

        return null;
    }

    /** What of a part a coat of the film covers: all of it, or the spots that are mended. */
    public static function coated(Workpiece $piece, Product $film): Area
    {
        return $piece->context->areaOf($piece->context->catalogue()->step($piece->context->catalogue()->coat), $film);
    }

    /** By the coats that are on it already, or else by the method. */
    private static function loss(Workpiece $piece, Product $product, ?WhatIf $if): Result
    {
        $measured = null === $if || $if->isAsPlanned() ? PaintUse::loss($piece, $product) : null;

        return $measured ??
            $piece->context
                ->catalogue()
                ->formulas()
                ->run('film.loss', [
                    'method' => $piece->method($product, $if?->method)->id,
                    'shape' => $piece->part->smallOrLattice ? 'lattice-or-small' : 'plain',
                    'place' => $piece->isOutdoors() || true === $if?->breeze ? 'outdoors' : 'indoors',
                    'more' => $if?->loss,
                ]);
    }

    private function sheet(RouteStep $step, Product $product, int $coat, SurfaceState $under, Tools $tools): CoatSheet
    {
        $context = $this->workpiece->context;
        $loss = self::loss($this->workpiece, $product, null);
        $lost = $loss->quantity('loss', Percentage::class);
        $quantity = self::paint($this->workpiece, $product, $under);
        $thinner = Percentage::ratio($product->ratio->thinnerShare);
        $coverage = $this->coverage($product);
        $kind = $context->catalogue()->step($step->step);
        $batch = new Batch($this->registry, $product, $tools, $this->air);
        $batches = $this->batches($step, $product, $quantity, $batch);
        $each = $batches->quantity('each', Volume::class);
        $fan = $this->workpiece->method($product)->fan;

        return new CoatSheet(
            stepKey: $step->key,
            product: $product,
            coat: $coat,
            proportions: $product->proportions(),
            loss: $loss,
            quantity: $quantity,
            wet: $this->registry->run(
                'film.wet',
                ['dft' => $product->dft, 'solids' => $product->solids, 'thinner' => $thinner],
                $product->sourceOf('dft', 'solids', 'ratio'),
            ),
            coverage: $coverage,
            mix: $batch->parts($each),
            readings: $batch->readings($each),
            dose: $batch->dose($each),
            smallest: $batch->smallest(),
            potLife: $batch->potLife(),
            batches: $batches,
            coatTime: $this->registry->run('mix.coat-time', [
                'work' => Duration::minutes((new StepWork($context))->working($kind, $product, $under)),
                'batches' => $batches->quantity('count', Count::class),
                'induction' => $product->induction,
                'helper' => $tools->helper ? 'yes' : 'no',
            ]),
            fan: null === $fan
                ? null
                : $this->registry->run(
                    'film.overlap',
                    [
                        'fan' => $fan[0],
                        'overlap' => $fan[1],
                        'speed' => $fan[2],
                        'area' => self::coated($this->workpiece, $product),
                    ],
                    Source::Typical,
                ),
            can: $product->isAerosol()
                ? $this->registry->run(
                    'film.aerosol',
                    [
                        'volume' => $product->can(),
                        'solids' => $product->solids,
                        'loss' => $lost,
                        'dft' => $product->dft,
                        'part' => self::coated($this->workpiece, $product),
                    ],
                    $product->sourceOf('solids', 'dft', 'packs'),
                )
                : null,
            waste: $this->registry->run('mix.waste', [
                'mixed' => $quantity->quantity('needed', Volume::class),
                'onPart' => $quantity->quantity('theoretical', Volume::class),
                'density' => $product->baseDensity,
            ]),
            gate: Gate::of($this->air, $product),
            cure: [
                'touch' => $this->time($product->cure?->touch, $product),
                'recoatMin' => $this->time($product->cure?->recoatMin, $product),
                'recoatMax' => $this->time($product->cure?->recoatMax, $product),
                'full' => $this->time($product->cure?->full, $product),
            ],
        );
    }

    private function coverage(Product $product): Result
    {
        return $this->registry->run(
            'film.spreading-rate',
            ['solids' => $product->solids, 'dft' => $product->dft],
            $product->sourceOf('dft', 'solids'),
        );
    }

    /** @param Result $paint of the coat, see paint() */
    public function batches(RouteStep $step, Product $product, Result $paint, Batch $batch): Result
    {
        $context = $this->workpiece->context;
        $minutes =
            (new StepWork($context))->working($context->catalogue()->step($step->step), $product) /
            max(1e-9, self::coated($this->workpiece, $product)->m2());
        $reaches = 1.0 - $paint->inputs->quantity('loss', Percentage::class)->ratioValue();

        return $batch->batches(
            $paint->quantity('mixed', Volume::class),
            $minutes > 0.0 ? AreaRate::m2PerHour(60.0 / $minutes) : null,
            SpreadingRate::m2PerLitre(
                ($this->coverage($product)->quantity('rate', SpreadingRate::class)->m2PerL() * $reaches) /
                    (1.0 + $product->ratio->thinnerShare),
            ),
        );
    }

    private function time(?CureRows $rows, Product $product): ?Result
    {
        if (null === $rows) {
            return null;
        }
        $inputs = array_map(
            static fn(CureRow $row): Inputs => Inputs::row([
                'temperature' => Temperature::celsius($row->celsius),
                'hours' => Duration::hours($row->hours),
            ]),
            $rows->rows(),
        );
        try {
            return $this->registry->run(
                'cure.rows',
                ['rows' => $inputs, 'temperature' => $this->air->temperature],
                $product->sourceOf('cure'),
            );
        } catch (InvalidInput) {
            return null;
        }
    }
}
