<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\View\LayerView;
use App\Api\View\RouteView;
use App\Api\View\SchoolChoice;
use App\Api\View\SchoolOption;
use App\Api\View\StepView;
use App\Entity\PartRow;
use App\Work\Stored;
use Hull\Bench\Replayed;
use Hull\Bench\Workpiece;
use Hull\Catalog\Catalogue;
use Hull\Quantity\Duration;
use Hull\Route\Finding;
use Hull\Route\Mender;
use Hull\Route\NoRoute;
use Hull\Route\Route;
use Hull\Route\RouteStep;
use Hull\Route\StepRunner;
use Psr\Clock\ClockInterface;

/** Builds the route screen: steps with reasons, findings with mends, films, schools. */
final readonly class RouteScreen
{
    public function __construct(private Stored $stored, private Catalogue $catalogue, private ClockInterface $clock)
    {
    }

    public function view(PartRow $row, Shown $shown): RouteView
    {
        $part = $this->stored->part($row);
        $substrate = $this->catalogue->substrate($part->substrate);
        $none = $shown->value($part->area());
        $latest = $row->latestRoute();
        try {
            $piece = $this->stored->workpiece($row);
            $route = $piece->route();
        } catch (NoRoute $e) {
            return new RouteView((string) $row->id, 0, '', $e->getMessage(), '', '', '', $substrate->name, $substrate->hatch, $none, [], [], [], null, null, null, $this->schools($row, null, $shown));
        }
        $replayed = $piece->replay($this->clock->now());
        [$steps, $layers, $hands, $elapsed] = $this->steps($piece, $route, $replayed, $shown);
        $remaining = Route::of(Workpiece::remaining($route, $replayed));
        $done = array_values(array_filter($route->steps, static fn (RouteStep $s): bool => isset($replayed->finished[$s->key])));
        $findings = array_map(fn (Finding $f): \App\Api\View\FindingView => Screens::finding($this->whole($f, $done)), (new Mender($piece->context))->findings($replayed->state, $remaining));
        $system = $piece->context->system;

        return new RouteView((string) $row->id, $latest->number ?? 0, $latest->because ?? '', '', $system->name, $system->why, $system->life, $substrate->name, $substrate->hatch, $none, $steps, $findings, $layers, Screens::build($layers, $shown), $shown->value(Duration::minutes($hands)), $shown->value(Duration::hours($elapsed)), $this->schools($row, $piece, $shown));
    }

    /**
     * A mend changes the remaining steps; with the finished ones before them it is a whole route again.
     *
     * @param list<RouteStep> $done
     */
    private function whole(Finding $finding, array $done): Finding
    {
        return $finding->with(array_map(static fn (\Hull\Route\Mend $m): \Hull\Route\Mend => new \Hull\Route\Mend($m->label, Route::of([...$done, ...$m->route->steps])), $finding->mends));
    }

    /** @return array{list<StepView>, list<LayerView>, float, float} steps, films at the end, hands-on minutes, elapsed hours */
    private function steps(Workpiece $piece, Route $route, Replayed $replayed, Shown $shown): array
    {
        $runner = new StepRunner($piece->context);
        $reasons = $piece->reasons($route);
        $check = $piece->check();
        $state = $piece->surveyed;
        $steps = [];
        $layers = [];
        $hands = 0.0;
        $elapsed = 0.0;
        foreach ($route->steps as $routeStep) {
            $step = $this->catalogue->step($routeStep->step);
            $applied = $runner->apply($routeStep, $state);
            $state = $applied->state;
            $layers = array_slice($layers, 0, count($state->films));
            $top = $state->top();
            if (count($state->films) > count($layers) && null !== $top) {
                $layers[] = Screens::layer($top, $shown, isset($replayed->finished[$routeStep->key]), $routeStep->key);
            }
            $product = $runner->product($routeStep);
            $cautions = array_map(fn (string $id): string => $this->catalogue->cautions[$id]->name, array_values(array_unique([...$step->cautions, ...$product->cautions ?? []])));
            $without = array_values(array_unique(array_map(static fn (Finding $f): string => sprintf('%s: %s', $f->stepName, lcfirst($f->consequence)), $reasons[$routeStep->key]->without ?? [])));
            $steps[] = new StepView($routeStep->key, $step->id, $routeStep->product, $check->name($routeStep), $step->phase, $this->catalogue->phases[$step->phase]->name, $step->why, $step->how, $step->look, $step->uses ?? '', array_slice($without, 0, 4), $cautions, $shown->value(Duration::minutes($applied->handsOnMin)), null === $applied->waitHours ? null : $shown->value(Duration::hours($applied->waitHours)), $routeStep->because, self::status($routeStep->key, $replayed, $piece, $route), count($layers));
            $hands += $applied->handsOnMin;
            $elapsed += $applied->handsOnMin / 60 + ($applied->waitHours ?? 0.0);
        }

        return [$steps, $layers, $hands, $elapsed];
    }

    public static function status(string $key, Replayed $replayed, Workpiece $piece, Route $route): string
    {
        return match (true) {
            isset($replayed->finished[$key]) => 'done',
            isset($replayed->started[$key]) => 'running',
            $piece->isPassed($key, $route, $replayed) => 'passed',
            default => 'open',
        };
    }

    /** @return list<SchoolChoice> */
    private function schools(PartRow $row, ?Workpiece $piece, Shown $shown): array
    {
        $part = $this->stored->part($row);
        $choices = [];
        foreach ($this->catalogue->schools as $school) {
            $answer = $part->schools[$school->id] ?? $school->default();
            $options = [];
            foreach ($school->answers as $option) {
                $options[] = new SchoolOption($option->id, $option->name, $option->hint, $option->id === $answer, null === $piece ? '' : $this->figures($piece, [...$part->schools, $school->id => $option->id], $shown));
            }
            $choices[] = new SchoolChoice($school->id, $school->question, $answer, $options);
        }

        return $choices;
    }

    /** @param array<string, string> $schools */
    private function figures(Workpiece $piece, array $schools, Shown $shown): string
    {
        $part = $piece->part;
        $other = new \Hull\Job\Part($part->id, $part->name, $part->substrate, $part->conditions, $part->shapes, $part->service, $part->finish, $part->place, $part->method, $part->smallOrLattice, $part->exposure, $schools, null, []);
        try {
            $workpiece = Workpiece::of($this->catalogue, $other, $piece->place);
            $route = $workpiece->plan();
        } catch (NoRoute) {
            return 'no route here';
        }
        $runner = new StepRunner($workpiece->context);
        $state = $workpiece->surveyed;
        $minutes = 0.0;
        $hours = 0.0;
        foreach ($route->steps as $step) {
            $applied = $runner->apply($step, $state);
            $state = $applied->state;
            $minutes += $applied->handsOnMin;
            $hours += $applied->handsOnMin / 60 + ($applied->waitHours ?? 0.0);
        }

        return sprintf('%s hands-on, %s in all, %d steps', $shown->value(Duration::minutes($minutes))->text, $shown->value(Duration::hours($hours))->text, count($route->steps));
    }
}
