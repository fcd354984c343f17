<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Catalog\Capability;
use Hull\Catalog\Rule;
use Hull\Catalog\RuleLevel;
use Hull\Job\Route;
use Hull\Job\RouteStep;
use Hull\Quantity\Message;
use Hull\Quantity\Temperature;
use Hull\Surface\Product;
use Hull\Surface\SurfaceState;

/** Replays an order of work and names every need that the surface does not meet when its step comes. */
final readonly class RouteCheck
{
    /** A film abraded so fine or finer is keyed: no window matters to it. */
    private const KEYED = 180.0;

    private StepRunner $runner;

    private RuleTable $spoken;

    public function __construct(private PartContext $context)
    {
        $this->runner = new StepRunner($context);
        $this->spoken = new RuleTable(
            array_values(
                array_filter(
                    $context->rules->all,
                    static fn(Rule $r): bool => RuleLevel::Gate === $r->level || RuleLevel::Caution === $r->level,
                ),
            ),
            $context,
        );
    }

    /** @return list<Finding> without mends; see Mender */
    public function findings(SurfaceState $from, Route $route): array
    {
        $findings = [];
        $state = $from;
        $hour = 0.0;
        $chemistry = new Chemistry($this->context->catalogue());
        $said = [];
        $below = null;
        foreach ($route->steps as $routeStep) {
            $findings = [...$findings, ...$this->broken($routeStep, $state)];
            foreach ($this->spoken($routeStep, $state) as $finding) {
                if (!isset($said[$finding->needId])) {
                    $said[$finding->needId] = true;
                    $findings[] = $finding;
                }
            }
            $applied = $this->runner->apply($routeStep, $state);
            foreach ($chemistry->meet($routeStep, $hour, $applied->handsOnMin / 60.0) as $encounter) {
                $lock = $encounter->lock;
                $findings[] = new Finding(
                    stepKey: $routeStep->key,
                    stepName: $this->name($routeStep),
                    needId: $lock->id,
                    says: $lock->says,
                    consequence: $lock->consequence,
                    source: $lock->source,
                    severity: Severity::Stop,
                );
            }
            if (null === $applied->waitHours) {
                $findings[] = new Finding(
                    stepKey: $routeStep->key,
                    stepName: $this->name($routeStep),
                    needId: 'never',
                    says: 'the air must let it dry or cure',
                    consequence: Message::of(
                        'At {temperature} and {humidity} % it never gets there.',
                        temperature: Temperature::celsius(round($this->context->air()->temperature->c())),
                        humidity: (int) round($this->context->air()->humidity->percentValue()),
                    ),
                    source: 'cure rows of the product',
                    severity: Severity::Broken,
                );
            }
            $findings = [...$findings, ...$this->climate($routeStep)];
            if ($this->context->catalogue()->step($routeStep->step)->laysFilm) {
                $product = $this->runner->product($routeStep);
                $step = $this->context->catalogue()->step($routeStep->step);
                $strokes = $this->runner->work->working($step, $product, $state) / 60.0;
                $outlasted = $this->outlasted($below, $strokes, $state);
                if (null !== $outlasted && !isset($said[$outlasted->needId])) {
                    $said[$outlasted->needId] = true;
                    $findings[] = $outlasted;
                }
                $below = [$routeStep, $strokes];
            }
            $state = $applied->state;
            $hour += $applied->handsOnMin / 60.0 + ($applied->waitHours ?? 0.0);
        }

        return [...$findings, ...$this->atTheEnd($state, $route)];
    }

    public function name(RouteStep $routeStep): string
    {
        $product = $this->runner->product($routeStep);

        return $this->context->catalogue()->step($routeStep->step)->name .
            (null === $product ? '' : ': ' . $this->context->system->shade($product->id)->named($product->name));
    }

    /** @return list<Finding> */
    public function broken(RouteStep $routeStep, SurfaceState $state): array
    {
        $findings = [];
        $step = $this->context->catalogue()->step($routeStep->step);
        foreach ($this->runner->broken($routeStep, $state) as $need) {
            $stop = RuleLevel::Stop === $this->context->catalogue()->rule($need->id)?->level;
            $findings[] = new Finding(
                stepKey: $routeStep->key,
                stepName: $this->name($routeStep),
                needId: $need->id,
                says: $need->says,
                consequence: $need->consequence,
                source: $need->source,
                severity: $stop ? Severity::Stop : Severity::Broken,
            );
        }
        $product = $this->runner->product($routeStep);
        $lacks = $this->context->lacks([...$step->requires, ...$product->requires ?? []]);
        if ([] !== $lacks) {
            $findings[] = new Finding(
                stepKey: $routeStep->key,
                stepName: $this->name($routeStep),
                needId: 'workshop-lacks',
                says: Message::of(
                    'this workshop does without: {gear}',
                    gear: array_map(static fn(Capability $l): string => $l->name, $lacks),
                ),
                consequence: Message::row(
                    array_map(static fn(Capability $l): Message => Message::of(ucfirst($l->hint) . '.'), $lacks),
                ),
                source: 'what the workshop has',
                severity: Severity::Stop,
            );
        }
        if (
            !$this->context->substrate()->isOf($step->scope->families) ||
            ([] !== $step->scope->except && $this->context->substrate()->isOf($step->scope->except))
        ) {
            $findings[] = new Finding(
                stepKey: $routeStep->key,
                stepName: $this->name($routeStep),
                needId: 'not-on-this',
                says: Message::of(
                    'this step is not for {material}',
                    material: lcfirst($this->context->substrate()->name),
                ),
                consequence: 'It does nothing there, or harms it.',
                source: 'steps of the catalogue',
                severity: Severity::Broken,
            );
        }

        return $findings;
    }

    /** @return list<Finding> what no step can mend: the place, the people, the part itself */
    public function spoken(RouteStep $routeStep, SurfaceState $state): array
    {
        $step = $this->context->catalogue()->step($routeStep->step);
        $product = $this->runner->product($routeStep);
        $findings = [];
        foreach ($this->spoken->of($step, $product) as $rule) {
            if (!$rule->need->predicate->holds($state)) {
                $need = $rule->need;
                $findings[] = new Finding(
                    stepKey: $routeStep->key,
                    stepName: $this->name($routeStep),
                    needId: $need->id,
                    says: $need->says,
                    consequence: $need->consequence,
                    source: $need->source,
                    severity: RuleLevel::Gate === $rule->level ? Severity::Stop : Severity::Caution,
                    mayBeTaken: RuleLevel::Gate === $rule->level,
                );
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function climate(RouteStep $routeStep): array
    {
        $product = $this->runner->product($routeStep);
        if (null === $product || !$this->context->catalogue()->step($routeStep->step)->laysFilm) {
            return [];
        }
        $gate = \Hull\Compute\Registry::standard()->run('climate.apply-gate', [
            'temperature' => $this->context->air()->temperature,
            'humidity' => $this->context->air()->humidity,
            'least' => $product->least,
            'most' => $product->most,
            'leastHumidity' => $product->leastHumidity,
            'mostHumidity' => $product->mostHumidity,
        ]);

        return array_map(
            fn(string|Message $warning): Finding => new Finding(
                stepKey: $routeStep->key,
                stepName: $this->name($routeStep),
                needId: 'climate',
                says: 'the air must suit the film',
                consequence: $warning,
                source: 'ISO 8502-4 and the product sheet',
                severity: Severity::Caution,
            ),
            $gate->outcome->warnings,
        );
    }

    /**
     * @param array{RouteStep, float}|null $below the coat below, and the hours its strokes take
     * @param float $hours the strokes of the coat on it take
     * @param SurfaceState $state before it is laid
     */
    private function outlasted(?array $below, float $hours, SurfaceState $state): ?Finding
    {
        $film = null === $below ? null : $this->runner->product($below[0]);
        if (null === $below || null === $film || $state->fact('grit') >= self::KEYED) {
            return null;
        }
        $outlasted = OutlastedWindow::of($film, $below[1], $hours, $this->context->air());

        return null === $outlasted
            ? null
            : new Finding(
                stepKey: $below[0]->key,
                stepName: $this->name($below[0]),
                needId: 'outlasts-window',
                says: 'one coat takes longer than its film waits for the next',
                consequence: $outlasted->words(),
                source: 'recoat rows of the sheet, hours of the method',
                severity: Severity::Caution,
            );
    }

    /** @return list<Finding> */
    private function atTheEnd(SurfaceState $state, Route $route): array
    {
        $findings = [];
        $system = $this->context->system;
        $missing = array_slice($system->coats(), RoutePlanner::coatsOn($system, $state));
        if ([] !== $missing) {
            $names = array_map(static fn(Product $p): string => $p->name, $missing);
            $findings[] = new Finding(
                stepKey: null,
                stepName: 'End of the route',
                needId: 'system-complete',
                says: Message::of('the film system must be complete; missing: {coats}', coats: $names),
                consequence: 'The film is too thin or too weak for this service.',
                source: Message::of('film system {system}', system: $system->name),
                severity: Severity::Broken,
            );
        }
        foreach ($system->ends as $need) {
            if (!$need->predicate->holds($state)) {
                $findings[] = new Finding(
                    stepKey: null,
                    stepName: 'End of the route',
                    needId: $need->id,
                    says: $need->says,
                    consequence: $need->consequence,
                    source: Message::of('film system {system}', system: $system->name),
                    severity: Severity::Broken,
                );
            }
        }
        $last = $route->steps[count($route->steps) - 1] ?? null;
        if (null === $last || !$this->context->catalogue()->step($last->step)->isClosing()) {
            $findings[] = new Finding(
                stepKey: null,
                stepName: 'End of the route',
                needId: 'handed-over',
                says: 'the work must end with the hand-over',
                consequence: 'Nobody signs for a film that was never checked.',
                source: 'trade practice',
                severity: Severity::Broken,
            );
        }

        return $findings;
    }
}
