<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\View\LayerView;
use App\Api\View\LocalTopicView;
use App\Api\View\Option;
use App\Api\View\RouteView;
use App\Api\View\SchoolChoice;
use App\Api\View\SchoolOption;
use App\Api\View\StepView;
use App\Catalog\Catalogues;
use App\Entity\PartRow;
use App\Entity\Workshop;
use App\Work\RowMapper;
use App\Work\YardAir;
use Hull\Bench\Replayed;
use Hull\Bench\RouteFigures;
use Hull\Bench\Workpiece;
use Hull\Catalog\Catalogue;
use Hull\Catalog\Caution;
use Hull\Catalog\Protection;
use Hull\Job\Route;
use Hull\Job\RouteStep;
use Hull\Piece\MaskingTimes;
use Hull\Quantity\Duration;
use Hull\Route\Cause;
use Hull\Route\Finding;
use Hull\Route\Mender;
use Hull\Route\NoRoute;
use Hull\Route\Schools;
use Hull\Route\StepRunner;
use Psr\Clock\ClockInterface;

/** Builds the route screen: steps with reasons, findings with mends, films, schools. */
final readonly class RouteScreen
{
    public function __construct(
        private RowMapper $stored,
        private Catalogues $catalogues,
        private YardAir $air,
        private AirWords $words,
        private ClockInterface $clock,
    ) {}

    public function view(PartRow $row, UnitPresenter $shown): RouteView
    {
        $part = $this->stored->part($row);
        $substrate = $this->catalogues->for($row->workshop)->substrate($part->substrate);
        $none = $shown->value($part->area());
        $latest = $row->latestRoute();
        try {
            $piece = $this->stored->workpiece($row);
            $route = $piece->route();
        } catch (NoRoute $e) {
            return new RouteView(
                partId: (string) $row->id,
                jobId: (string) $row->job->id,
                number: 0,
                because: '',
                obstacle: $e->says,
                system: '',
                systemWhy: '',
                life: '',
                substrate: $substrate->name,
                substrateHatch: $substrate->hatch,
                area: $none,
                steps: [],
                findings: [],
                layers: [],
                build: null,
                handsOn: null,
                elapsed: null,
                schools: [],
                air: '',
            );
        }
        $replayed = $piece->replay($this->clock->now(), $this->air->series($row));
        $piece = $piece->inAir($replayed->air);
        [$steps, $layers] = $this->steps($piece, $route, $replayed, $shown, $row->workshop);
        $remaining = Route::of(Workpiece::remaining($route, $replayed));
        $done = array_values(
            array_filter($route->steps, static fn(RouteStep $s): bool => isset($replayed->finished[$s->key])),
        );
        $number = array_flip(array_map(static fn(RouteStep $s): string => $s->key, $route->steps));
        $findings = array_map(
            fn(array $f): View\FindingView => Screens::finding(
                $this->whole($f[0], $done),
                array_map(static fn(string $key): int => 1 + ($number[$key] ?? 0), $f[1]),
                $f[2],
            ),
            Cause::once($piece->taken((new Mender($piece->context))->findings($replayed->state, $remaining))),
        );
        $system = $piece->context->system;
        $figures = RouteFigures::of($piece, $route);

        return new RouteView(
            partId: (string) $row->id,
            jobId: (string) $row->job->id,
            number: $latest->number ?? 0,
            because: $latest->because ?? '',
            obstacle: '',
            system: $system->name,
            systemWhy: $system->why,
            life: $system->life->text(),
            substrate: $substrate->name,
            substrateHatch: $substrate->hatch,
            area: $none,
            steps: $steps,
            findings: $findings,
            layers: $layers,
            build: Screens::build($layers, $shown),
            handsOn: $shown->value(Duration::minutes($figures->handsOnMin)),
            elapsed: $shown->value(Duration::hours($figures->elapsedHours)),
            schools: $this->schools($piece),
            air: $this->words->of($row, $replayed->air, $shown),
        );
    }

    /**
     * A mend changes the remaining steps; with the finished ones before them it is a whole route again.
     *
     * @param list<RouteStep> $done
     */
    private function whole(Finding $finding, array $done): Finding
    {
        return $finding->with(
            array_map(
                static fn(\Hull\Route\Mend $m): \Hull\Route\Mend => new \Hull\Route\Mend(
                    $m->label,
                    Route::of([...$done, ...$m->route->steps]),
                ),
                $finding->mends,
            ),
        );
    }

    /** @return array{list<StepView>, list<LayerView>} steps, films at the end */
    private function steps(
        Workpiece $piece,
        Route $route,
        Replayed $replayed,
        UnitPresenter $shown,
        Workshop $workshop,
    ): array {
        $catalogue = $piece->context->catalogue();
        $runner = new StepRunner($piece->context);
        $reasons = $piece->reasons($route);
        $check = $piece->check();
        $state = $piece->surveyed;
        $steps = [];
        $layers = [];
        foreach ($route->steps as $routeStep) {
            $step = $catalogue->step($routeStep->step);
            $applied = $runner->apply($routeStep, $state);
            $area = $runner->work->area($step, $step->laysFilm ? $runner->product($routeStep) : null, $state);
            $state = $applied->state;
            $layers = array_slice($layers, 0, count($state->films));
            $top = $state->top();
            if (count($state->films) > count($layers) && null !== $top) {
                $layers[] = Screens::layer($top, $shown, isset($replayed->finished[$routeStep->key]), $routeStep->key);
            }
            $product = $runner->product($routeStep);
            $spoken = array_map(
                static fn(string $id): Caution => $catalogue->cautions[$id],
                array_values(array_unique([...$step->cautions, ...$product->cautions ?? []])),
            );
            $protect = array_map(static fn(Protection $p): string => $p->name, $catalogue->protectionFor($spoken));
            $test = null === $step->accept ? null : $catalogue->tests[$step->accept];
            $ifLeftOut = array_values(
                array_unique(
                    array_map(
                        static fn(Finding $f): string => sprintf(
                            '%s: %s',
                            $f->stepName,
                            lcfirst((string) $f->consequence),
                        ),
                        $reasons[$routeStep->key]->ifLeftOut ?? [],
                    ),
                ),
            );
            $steps[] = new StepView(
                key: $routeStep->key,
                step: $step->id,
                product: $routeStep->product,
                name: $check->name($routeStep),
                phase: $step->phase,
                phaseName: $catalogue->phases[$step->phase]->name,
                why: $step->why,
                how: $step->how,
                look: $step->look,
                accept: null === $test ? '' : sprintf('%s: %s (%s)', $test->name, $test->pass, $test->standard),
                onFail: $test->fail ?? '',
                uses: implode(', ', array_map($catalogue->material(...), $step->uses)),
                grits: $step->grits?->text() ?? '',
                ifLeftOut: array_slice($ifLeftOut, 0, 4),
                cautions: array_map(static fn(Caution $c): string => $c->name, $spoken),
                protect: $protect,
                asks: self::asked($catalogue, [...$step->requires, ...$product->requires ?? []]),
                local: array_map(
                    static fn(LocalTopicView $t): string => $t->name . ': ' . $t->text,
                    BoardScreen::local(
                        $catalogue,
                        $workshop,
                        array_map(static fn(Caution $c): string => $c->id, $spoken),
                    ),
                ),
                handsOn: $shown->value(Duration::minutes($applied->handsOnMin)),
                setUp: $shown->value(Duration::minutes($applied->setUpMin)),
                working: $shown->value(Duration::minutes($applied->workingMin())),
                workedOn: $applied->workingMin() > 0.0 && $area->m2() > 0.0 ? $shown->value($area) : null,
                mostlySetUp: $applied->isMostlySetUp(),
                wait: null === $applied->waitHours ? null : $shown->value(Duration::hours($applied->waitHours)),
                because: $routeStep->because,
                status: self::status($routeStep->key, $replayed, $piece, $route),
                layersAfter: count($layers),
                masks: MaskingTimes::touches($step),
            );
        }

        return [$steps, $layers];
    }

    /**
     * @param list<string> $requires
     *
     * @return list<Option>
     */
    private static function asked(Catalogue $catalogue, array $requires): array
    {
        return array_map(static function (string $id) use ($catalogue): Option {
            $asked = $catalogue->limits[$id];

            return new Option($asked->id, $asked->name, $asked->hint);
        }, array_values(array_unique($requires)));
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
    private function schools(Workpiece $piece): array
    {
        $schools = new Schools($piece->context->traits, $piece->part->schools);
        $choices = [];
        foreach ($schools->asked() as $school) {
            $answer = $piece->context->answer($school->id);
            $options = [];
            foreach ($school->answers as $option) {
                $options[] = new SchoolOption(
                    $option->id,
                    $option->name,
                    $option->hint,
                    $option->id === $answer,
                    $schools->arguments($school, $option->id),
                    $schools->arguments($school, $option->id, true),
                );
            }
            $choices[] = new SchoolChoice($school->id, $school->question, $answer, $options);
        }

        return $choices;
    }
}
