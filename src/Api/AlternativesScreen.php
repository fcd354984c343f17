<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\View\AlternativesView;
use App\Api\View\AlternativeView;
use App\Api\View\AnswersView;
use App\Api\View\BesideRow;
use App\Api\View\BesideView;
use App\Api\View\WayView;
use App\Entity\PartRow;
use App\Work\RowMapper;
use App\Work\YardAir;
use Hull\Bench\Alternative;
use Hull\Bench\Alternatives;
use Hull\Bench\RouteFigures;
use Hull\Bench\SideBySide;
use Hull\Bench\Workpiece;
use Hull\Catalog\Capability;
use Hull\Catalog\Protection;
use Hull\Catalog\School;
use Hull\Climate\Air;
use Hull\Job\Route;
use Hull\Job\RouteStep;
use Hull\Route\Schools;
use Hull\Surface\Film;
use Psr\Clock\ClockInterface;

/** Builds the comparison of a plan with what other schools and other gear would make of the part. */
final readonly class AlternativesScreen
{
    public function __construct(private RowMapper $stored, private YardAir $air, private ClockInterface $clock) {}

    public function view(PartRow $row, UnitPresenter $shown): AlternativesView
    {
        $piece = $this->stored->workpiece($row);
        $air = $this->now($row, $piece);
        $alternatives = new Alternatives($piece, $this->stored->around($row), $air);
        $free = $alternatives->otherwise();
        $freed = null === $free ? null : $alternatives->freed();

        return new AlternativesView(
            '',
            Screens::figures(RouteFigures::of($piece, $piece->plan(), $air), $row, $shown),
            array_map(static fn(School $s): string => $s->id, $alternatives->questions()),
            null === $free || null === $freed
                ? []
                : array_map(static fn(RouteStep $s): string => $freed->check()->name($s), $free->steps),
            null === $freed ? '' : $freed->context->system->name,
            $row->job->without,
        );
    }

    public function answers(PartRow $row, string $question, UnitPresenter $shown): AnswersView
    {
        $piece = $this->stored->workpiece($row);
        $alternatives = new Alternatives($piece, $this->stored->around($row), $this->now($row, $piece));
        $school = $piece->context->catalogue()->schools[$question];

        return new AnswersView(
            array_map(fn(Alternative $a): AlternativeView => $this->one($a, $row, $shown), $alternatives->of($school)),
        );
    }

    /** The air there now, as every other screen of the part reckons in. */
    private function now(PartRow $row, Workpiece $piece): Air
    {
        return $piece->replay($this->clock->now(), $this->air->series($row))->air;
    }

    private function one(Alternative $a, PartRow $row, UnitPresenter $shown): AlternativeView
    {
        return new AlternativeView(
            school: $a->school->id,
            answer: $a->answer->id,
            chosen: $a->chosen,
            closed: $a->closed,
            system: $a->system,
            figures: null === $a->figures ? null : Screens::figures($a->figures, $row, $shown),
            gains: $a->gains,
            spares: $a->spares,
            matters: $a->matters,
            gear: null === $a->figures
                ? []
                : array_map(static fn(Capability $l): string => $l->name, $a->figures->gear),
            effort: $a->effort(),
            because: sprintf('%s: %s. %s', $a->school->question, $a->answer->name, $a->for[0] ?? ''),
        );
    }

    public function beside(PartRow $row, string $question, string $answer, UnitPresenter $shown): BesideView
    {
        $piece = $this->stored->workpiece($row);
        $school = $piece->context->catalogue()->schools[$question];
        $other = $piece->with([...$piece->part->schools, $question => $answer], $this->stored->around($row));
        [$plan, $route] = [$piece->plan(), $other->plan()];
        $schools = new Schools($piece->context->traits, $piece->part->schools);
        $rows = array_map(static function (array $r) use ($piece, $other): BesideRow {
            $step = $r[0] ?? $r[1];
            $phase = null === $step ? '' : $piece->context->catalogue()->step($step->step)->phase;

            return new BesideRow(
                null === $r[0] ? null : $piece->check()->name($r[0]),
                null === $r[1] ? null : $other->check()->name($r[1]),
                '' === $phase ? '' : $piece->context->catalogue()->phases[$phase]->name,
            );
        }, SideBySide::rows($plan, $route));

        return new BesideView(
            $this->way($school->answers[$piece->context->answer($question)]->name, $piece, $plan, $row, $shown),
            $this->way($school->answers[$answer]->name, $other, $route, $row, $shown),
            $rows,
            $schools->arguments($school, $answer),
            $schools->arguments($school, $answer, true),
        );
    }

    private function way(string $title, Workpiece $piece, Route $route, PartRow $row, UnitPresenter $shown): WayView
    {
        $figures = RouteFigures::of($piece, $route, $this->now($row, $piece));
        $layers = [];
        foreach ($route->steps as $step) {
            $product = null === $step->product ? null : $piece->context->catalogue()->product($step->product);
            if (null !== $product && $piece->context->catalogue()->step($step->step)->laysFilm) {
                $layers[] = Screens::layer(Film::fresh($product, $product->dft), $shown, false, $step->key);
            }
        }

        return new WayView(
            $title,
            $piece->context->system->name,
            Screens::figures($figures, $row, $shown),
            $layers,
            array_map(static fn(Capability $l): string => $l->name, $figures->gear),
            array_map(static fn(Protection $p): string => $p->name, $figures->protection),
        );
    }
}
