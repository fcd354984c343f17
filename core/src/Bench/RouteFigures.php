<?php

declare(strict_types=1);

namespace Hull\Bench;

use Hull\Catalog\Capability;
use Hull\Catalog\Caution;
use Hull\Catalog\FilmSystem;
use Hull\Catalog\Protection;
use Hull\Job\Route;
use Hull\Quantity\Volume;
use Hull\Route\Effort;
use Hull\Route\StepRunner;

/** A whole route in figures, to hold one against another. All estimates from typical times and prices. */
final readonly class RouteFigures
{
    /** Less than this apart is a trifle: minutes and share of the work, hours to the end, minor units of money. */
    private const MINUTES = 15.0;
    private const SHARE = 0.05;
    private const HOURS = 6.0;
    private const MONEY = 500;

    /**
     * @param float $handsOnMin minutes of work
     * @param float $elapsedHours from the first step to the last, work and waits one after another, nights not counted
     * @param int $money minor units: cleaners and abrasives per area, paint by volume
     * @param float $risk minutes one would give to avoid what can go wrong
     * @param float $voc grams of solvent that go into the air
     * @param list<Capability> $gear
     * @param list<Caution> $cautions
     * @param list<Protection> $protection the worst of each kind over the whole route
     */
    private function __construct(
        public int $steps,
        public float $handsOnMin,
        public float $elapsedHours,
        public int $money,
        public FilmSystem $system,
        public float $risk,
        public array $gear,
        public array $cautions,
        public array $protection,
        public int $hazard,
        public float $voc,
    ) {}

    /** @param \Hull\Climate\Air|null $air in which the waits are reckoned; that of the place where it is null */
    public static function of(Workpiece $piece, Route $route, ?\Hull\Climate\Air $air = null): self
    {
        $piece = null === $air ? $piece : $piece->inAir($air);
        $context = $piece->context;
        $catalogue = $context->catalogue();
        $runner = new StepRunner($context);
        $state = $piece->surveyed;
        [$minutes, $hours, $money, $risk, $voc] = [0.0, 0.0, 0.0, 0.0, 0.0];
        $requires = [];
        $cautions = [];
        foreach ($route->steps as $routeStep) {
            $step = $catalogue->step($routeStep->step);
            $product = $runner->product($routeStep);
            $applied = $runner->apply($routeStep, $state);
            $minutes += $applied->handsOnMin;
            $hours += $applied->handsOnMin / 60.0 + ($applied->waitHours ?? 0.0);
            $risk += $step->takes->penalty;
            $money += Effort::money($step, $runner->work->area($step, null, $state));
            if (null !== $product && $step->laysFilm) {
                $litres = CoatSheets::paint($piece, $product, $state)->quantity('needed', Volume::class)->litresValue();
                $money += $litres * $product->price;
                $voc += $litres * $product->voc;
            }
            $state = $applied->state;
            $requires = [...$requires, ...$step->requires, ...$product->requires ?? []];
            $cautions = [...$cautions, ...$context->cautions($step, $product)];
        }
        $spoken = array_map(
            static fn(string $id): Caution => $catalogue->cautions[$id],
            array_values(array_unique($cautions)),
        );

        return new self(
            steps: count($route->steps),
            handsOnMin: $minutes,
            elapsedHours: $hours,
            money: (int) round($money),
            system: $context->system,
            risk: $risk,
            gear: array_map(
                static fn(string $id): Capability => $catalogue->limits[$id],
                array_values(array_unique($requires)),
            ),
            cautions: $spoken,
            protection: $catalogue->protectionFor($spoken),
            hazard: max([0, ...array_map(static fn(Caution $c): int => $c->hazard, $spoken)]),
            voc: $voc,
        );
    }

    /** Whether somebody would choose between the two: by days, hours, money, hazard, or what is on it in the end. */
    public function isAnotherWayThan(self $other): bool
    {
        $hands = abs($this->handsOnMin - $other->handsOnMin);

        return $this->system->id !== $other->system->id ||
            $this->hazard !== $other->hazard ||
            ($hands >= self::MINUTES && $hands >= self::SHARE * $other->handsOnMin) ||
            abs($this->elapsedHours - $other->elapsedHours) >= self::HOURS ||
            abs($this->money - $other->money) >= self::MONEY;
    }

    /** What a year of protection costs, in minutes of work and money together; less is better. */
    public function effortPerYear(): float
    {
        $years = max(0.25, $this->system->life->middle());

        return ($this->handsOnMin + $this->money * Effort::MINUTES_PER_MONEY + $this->risk) / $years;
    }
}
