<?php

declare(strict_types=1);

namespace Hull\Bench;

use Hull\Catalog\Caution;
use Hull\Job\Route;
use Hull\Job\RouteStep;
use Hull\Quantity\Volume;
use Hull\Route\StepRunner;

/** A step of a route as it is handed to whoever works by it: how long, what follows, what it takes, what to mind. */
final readonly class RouteLine
{
    /**
     * @param float $minutes hands-on
     * @param float $setUp minutes of these to set up and clean up, where that is most of them; else 0
     * @param float|null $waitHours that pass by themselves afterwards; null where they never pass in this air
     * @param Volume|null $paint for the coat it lays, as poured
     * @param list<Caution> $cautions that no step before it has spoken of
     * @param string $note of the product's sheet, where the product is used for the first time
     */
    private function __construct(
        public RouteStep $step,
        public string $name,
        public float $minutes,
        public float $setUp,
        public ?float $waitHours,
        public ?Volume $paint,
        public array $cautions,
        public string $note,
    ) {}

    /** @return list<self> */
    public static function of(Workpiece $piece, Route $route): array
    {
        $catalogue = $piece->context->catalogue();
        $runner = new StepRunner($piece->context);
        $state = $piece->surveyed;
        $spoken = [];
        $used = [];
        $lines = [];
        foreach ($route->steps as $routeStep) {
            $step = $catalogue->step($routeStep->step);
            $product = $step->laysFilm ? $runner->product($routeStep) : null;
            $applied = $runner->apply($routeStep, $state);
            $cautions = array_diff($piece->context->cautions($step, $product), $spoken);
            $spoken = [...$spoken, ...$cautions];
            $lines[] = new self(
                step: $routeStep,
                name: $piece->check()->name($routeStep),
                minutes: $applied->handsOnMin,
                setUp: $applied->isMostlySetUp() ? $applied->setUpMin : 0.0,
                waitHours: $applied->waitHours,
                paint: null === $product
                    ? null
                    : CoatSheets::paint($piece, $product, $state)->quantity('needed', Volume::class),
                cautions: array_map(
                    static fn(string $id): Caution => $catalogue->cautions[$id],
                    array_values($cautions),
                ),
                note: null === $product || isset($used[$product->id]) ? '' : $product->notes,
            );
            $used = null === $product ? $used : [...$used, $product->id => true];
            $state = $applied->state;
        }

        return $lines;
    }
}
