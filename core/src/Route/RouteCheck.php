<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Surface\SurfaceState;

/** Replays an order of work and names every need that the surface does not meet when its step comes. */
final readonly class RouteCheck
{
    private StepRunner $runner;

    public function __construct(private PartContext $context)
    {
        $this->runner = new StepRunner($context);
    }

    /** @return list<Finding> without mends; see Mender */
    public function findings(SurfaceState $from, Route $route): array
    {
        $findings = [];
        $state = $from;
        foreach ($route->steps as $routeStep) {
            foreach ($this->runner->broken($routeStep, $state) as $need) {
                $findings[] = new Finding($routeStep->key, $this->name($routeStep), $need->id, $need->says, $need->consequence, $need->source, Severity::Broken);
            }
            $applied = $this->runner->apply($routeStep, $state);
            if (null === $applied->waitHours) {
                $findings[] = new Finding($routeStep->key, $this->name($routeStep), 'never', 'the air must let it dry or cure', sprintf('At %.0f C and %.0f %% it never gets there.', $this->context->air->temperature->c(), $this->context->air->humidity->percentValue()), 'cure rows of the product', Severity::Broken);
            }
            $findings = [...$findings, ...$this->climate($routeStep)];
            $state = $applied->state;
        }

        return [...$findings, ...$this->atTheEnd($state, $route)];
    }

    public function name(RouteStep $routeStep): string
    {
        $product = $this->runner->product($routeStep);

        return $this->context->catalogue->step($routeStep->step)->name.(null === $product ? '' : ': '.$product->name);
    }

    /** @return list<Finding> */
    private function climate(RouteStep $routeStep): array
    {
        $product = $this->runner->product($routeStep);
        if (null === $product || !$this->context->catalogue->step($routeStep->step)->laysFilm) {
            return [];
        }
        $gate = \Hull\Compute\Registry::standard()->run('climate.apply-gate', [
            'temperature' => $this->context->air->temperature,
            'humidity' => $this->context->air->humidity,
            'least' => $product->least,
            'most' => $product->most,
            'leastHumidity' => $product->leastHumidity,
            'mostHumidity' => $product->mostHumidity,
        ]);

        return array_map(fn (string $warning): Finding => new Finding($routeStep->key, $this->name($routeStep), 'climate', 'the air must suit the film', $warning, 'ISO 8502-4 and the product sheet', Severity::Caution), $gate->outcome->warnings);
    }

    /** @return list<Finding> */
    private function atTheEnd(SurfaceState $state, Route $route): array
    {
        $findings = [];
        $missing = array_slice($this->context->system->coats(), (new RoutePlanner($this->context))->coatsOn($state));
        if ([] !== $missing) {
            $names = array_map(static fn (\Hull\Catalog\Product $p): string => $p->name, $missing);
            $findings[] = new Finding(null, 'End of the route', 'system-complete', sprintf('the film system must be complete; missing: %s', implode(', ', $names)), 'The film is too thin or too weak for this service.', 'film system '.$this->context->system->name, Severity::Broken);
        }
        $last = $route->steps[count($route->steps) - 1] ?? null;
        if (null === $last || 'hand-over' !== $last->step) {
            $findings[] = new Finding(null, 'End of the route', 'handed-over', 'the work must end with the hand-over', 'Nobody signs for a film that was never checked.', 'trade practice', Severity::Broken);
        }

        return $findings;
    }
}
