<?php

declare(strict_types=1);

namespace Hull\Bench;

use Hull\Catalog\Product;
use Hull\Climate\Air;
use Hull\Compute\Inputs;
use Hull\Compute\Registry;
use Hull\Compute\Result;
use Hull\Compute\Source;
use Hull\Cure\CureRows;
use Hull\Input\InvalidInput;
use Hull\Quantity\AreaRate;
use Hull\Quantity\Duration;
use Hull\Quantity\FilmThickness;
use Hull\Quantity\Percentage;
use Hull\Quantity\SpreadingRate;
use Hull\Quantity\Temperature;
use Hull\Quantity\Volume;
use Hull\Route\Route;
use Hull\Route\RoutePlanner;
use Hull\Route\RouteStep;
use Hull\Route\StepRunner;
use Hull\Surface\SurfaceState;

/** Works out the sheet of every coat on a route, all through the registry of computations. */
final readonly class CoatSheets
{
    private Registry $registry;

    /** @param Air $air the air the coats are mixed and laid in: measured where there is a reading */
    public function __construct(private Workpiece $workpiece, private Air $air)
    {
        $this->registry = Registry::standard();
    }

    /**
     * @param Volume $vessel the mixing vessel at hand
     *
     * @return list<CoatSheet>
     */
    public function of(Route $route, Volume $vessel): array
    {
        $runner = new StepRunner($this->workpiece->context);
        $state = $this->workpiece->surveyed;
        $sheets = [];
        $coats = [];
        foreach ($route->steps as $step) {
            $product = $runner->product($step);
            if (RoutePlanner::COAT === $step->step && null !== $product) {
                $coats[$product->id] = ($coats[$product->id] ?? 0) + 1;
                $sheets[] = $this->sheet($step, $product, $coats[$product->id], $state, $vessel);
            }
            $state = $runner->apply($step, $state)->state;
        }

        return $sheets;
    }

    /** Paint of one coat on a part, by its area, the film, the profile under the first one and the loss of its method. */
    public static function paint(Workpiece $piece, Product $product, SurfaceState $under): Result
    {
        return Registry::standard()->run('film.quantity', [
            'area' => $piece->context->area(),
            'dft' => $product->dft,
            'solids' => $product->solids,
            'loss' => self::loss($piece)->quantity('loss', Percentage::class),
            'thinner' => Percentage::ratio($product->ratio->thinnerShare),
            'profile' => FilmThickness::micrometres(null === $under->top() ? $under->fact('profile') : 0.0),
        ], Source::from($product->source));
    }

    private static function loss(Workpiece $piece): Result
    {
        return Registry::standard()->run('film.loss', ['method' => $piece->part->method, 'shape' => $piece->part->smallOrLattice ? 'lattice-or-small' : 'plain', 'place' => $piece->place->isOutdoors() ? 'outdoors' : 'indoors']);
    }

    private function sheet(RouteStep $step, Product $product, int $coat, SurfaceState $under, Volume $vessel): CoatSheet
    {
        $context = $this->workpiece->context;
        $source = Source::from($product->source);
        $loss = self::loss($this->workpiece);
        $lost = $loss->quantity('loss', Percentage::class);
        $quantity = self::paint($this->workpiece, $product, $under);
        $thinner = Percentage::ratio($product->ratio->thinnerShare);
        $need = $quantity->quantity('mixed', Volume::class);
        $coverage = $this->registry->run('film.spreading-rate', ['solids' => $product->solids, 'dft' => $product->dft], $source);
        $potLife = null === $product->potLife ? null : $this->registry->run('mix.pot-life', ['reference' => $product->potLife, 'temperature' => $this->air->temperature], $source);
        $takes = $context->catalogue()->step($step->step)->takes;
        $onePart = $product->ratio->isOnePart();
        $batches = $this->registry->run('mix.batches', [
            'need' => $need,
            'pace' => $takes->minPerM2 > 0.0 ? AreaRate::m2PerHour(60.0 / $takes->minPerM2) : null,
            'coverage' => SpreadingRate::m2PerLitre($coverage->quantity('rate', SpreadingRate::class)->m2PerL() * (1.0 - $lost->ratioValue()) / (1.0 + $thinner->ratioValue())),
            'usable' => $potLife?->quantity('usable', Duration::class),
            'vessel' => $vessel,
        ], $source);

        return new CoatSheet(
            $step->key,
            $product,
            $coat,
            $loss,
            $quantity,
            $this->registry->run('film.wet', ['dft' => $product->dft, 'solids' => $product->solids, 'thinner' => $thinner], $source),
            $coverage,
            $this->registry->run('mix.by-volume', ['ratio' => $product->ratio, 'total' => $batches->quantity('each', Volume::class), 'baseDensity' => $product->baseDensity, 'hardenerDensity' => $onePart ? null : $product->hardenerDensity, 'thinnerDensity' => $product->thinnerDensity], $source),
            $potLife,
            $batches,
            $this->registry->run('climate.apply-gate', ['temperature' => $this->air->temperature, 'humidity' => $this->air->humidity, 'least' => $product->least, 'most' => $product->most, 'leastHumidity' => $product->leastHumidity, 'mostHumidity' => $product->mostHumidity], $source),
            ['touch' => $this->time($product->cure?->touch, $source), 'recoatMin' => $this->time($product->cure?->recoatMin, $source), 'recoatMax' => $this->time($product->cure?->recoatMax, $source), 'full' => $this->time($product->cure?->full, $source)],
        );
    }

    private function time(?CureRows $rows, Source $source): ?Result
    {
        if (null === $rows) {
            return null;
        }
        $inputs = array_map(static fn (array $row): Inputs => Inputs::row(['temperature' => Temperature::celsius($row[0]), 'hours' => Duration::hours($row[1])]), $rows->rows());
        try {
            return $this->registry->run('cure.rows', ['rows' => $inputs, 'temperature' => $this->air->temperature], $source);
        } catch (InvalidInput) {
            return null;
        }
    }
}
