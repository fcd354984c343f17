<?php

declare(strict_types=1);

namespace Hull\Board;

use Hull\Bench\Workpiece;
use Hull\Catalog\Catalogue;
use Hull\Catalog\Condition;
use Hull\Catalog\FilmSystem;
use Hull\Catalog\Service;
use Hull\Catalog\Substrate;
use Hull\Climate\Air;
use Hull\Job\Observed;
use Hull\Job\Part;
use Hull\Job\Place;
use Hull\Quantity\Percentage;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;
use Hull\Route\NoRoute;

/** Tries every material in every condition for every service, and says what comes of it. */
final class Coverage
{
    private const AREA_M2 = 1.0;
    private const FINISH = 'tidy';
    /** What systems that keep something find on the part. */
    private const KEPT = 'old-coating';

    /** @var array<int|string, int> lengths of routes by what decides them */
    private array $known = [];

    public function __construct(private readonly Catalogue $catalogue) {}

    /** @return CoverageCell one square metre in a heated bay at 20 C and 50 %, the condition at its worst grade */
    public function cell(
        Substrate $substrate,
        Condition $condition,
        Service $service,
        string $finish = self::FINISH,
    ): CoverageCell {
        if (!$substrate->isOf($condition->families)) {
            return CoverageCell::empty(
                sprintf('%s does not occur on %s', lcfirst($condition->name), lcfirst($substrate->name)),
            );
        }
        try {
            $piece = Workpiece::of(
                $this->catalogue,
                $this->part($substrate, $condition, $service, $finish),
                $this->place(),
            );
            $key = implode('|', [
                $substrate->id,
                $condition->id,
                $piece->context->system->id,
                ...array_map(static fn(\Hull\Catalog\Rule $r): string => $r->need->id, $piece->context->rules->all),
            ]);
            $steps = $this->known[$key] ??= count($piece->plan()->steps);

            return new CoverageCell($steps, $piece->context->system->id, '');
        } catch (NoRoute $e) {
            return CoverageCell::empty($e->getMessage());
        }
    }

    /** The first material and service on which the system is planned when somebody picks it; null for none. */
    public function reached(FilmSystem $system): ?SystemReached
    {
        foreach ($this->catalogue->substrates as $substrate) {
            foreach ($this->catalogue->services as $service) {
                $part = $this->part(
                    $substrate,
                    !isset($system->onlyWhen['facts']) ? null : $this->catalogue->conditions[self::KEPT],
                    $service,
                    $system->scope->finishes[0] ?? self::FINISH,
                );
                if ([] !== $system->scope->services && !in_array($service->id, $system->scope->services, true)) {
                    continue;
                }
                try {
                    $piece = Workpiece::of($this->catalogue, $part->wanting(null, $system->id), $this->place());

                    return new SystemReached($system, $substrate, $service, count($piece->plan()->steps));
                } catch (NoRoute) {
                    continue;
                }
            }
        }

        return null;
    }

    private function part(Substrate $substrate, ?Condition $condition, Service $service, string $finish): Part
    {
        $shape = \Hull\JobFile\ShapeReader::shape(
            \Hull\Input\Node::root(['kind' => 'strip', 'width' => 1.0, 'length' => self::AREA_M2]),
            1,
        );

        return new Part(
            id: 'part',
            name: 'Part',
            substrate: $substrate->id,
            conditions: null === $condition
                ? []
                : [new Observed($condition->id, $condition->worst()->id, Percentage::percent(100))],
            shapes: [$shape],
            service: $service->id,
            finish: $finish,
            place: 'bay',
            method: 'hvlp',
            smallOrLattice: false,
            exposure: 'open',
            schools: [],
            route: null,
            log: [],
        );
    }

    private function place(): Place
    {
        return new Place(
            'bay',
            'Heated bay',
            'heated-bay',
            Air::of(Temperature::celsius(20), RelativeHumidity::percent(50)),
        );
    }
}
