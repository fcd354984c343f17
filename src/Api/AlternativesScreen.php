<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\View\AlternativesView;
use App\Api\View\AlternativeView;
use App\Api\View\FiguresView;
use App\Entity\PartRow;
use App\Work\Stored;
use Hull\Bench\Alternative;
use Hull\Bench\Alternatives;
use Hull\Bench\RouteFigures;
use Hull\Quantity\Duration;
use Hull\Route\RouteStep;

/** Builds the comparison of a plan with what other schools and other gear would make of the part. */
final readonly class AlternativesScreen
{
    public function __construct(private Stored $stored)
    {
    }

    public function view(PartRow $row, Shown $shown): AlternativesView
    {
        $piece = $this->stored->workpiece($row);
        $alternatives = new Alternatives($piece, $this->stored->around($row));
        $free = $alternatives->otherwise();
        $freed = null === $free ? null : $alternatives->freed();
        $all = $alternatives->all();
        $best = Alternatives::best($all);

        return new AlternativesView(
            '',
            $this->figures(RouteFigures::of($piece, $piece->plan()), $shown),
            null === $best ? '' : sprintf('%s: %s. %s', $best->school->question, $best->answer->name, $best->for[0]),
            array_map(fn (Alternative $a): AlternativeView => $this->one($a, $shown), $all),
            null === $free || null === $freed ? [] : array_map(static fn (RouteStep $s): string => $freed->check()->name($s), $free->steps),
            null === $freed ? '' : $freed->context->system->name,
            $row->job->without,
        );
    }

    private function one(Alternative $a, Shown $shown): AlternativeView
    {
        return new AlternativeView($a->school->id, $a->answer->id, $a->chosen, $a->closed, $a->system, null === $a->figures ? null : $this->figures($a->figures, $shown), $a->gains, $a->spares, null === $a->figures ? [] : array_map(static fn (\Hull\Catalog\Limit $l): string => $l->name, $a->figures->gear));
    }

    private function figures(RouteFigures $f, Shown $shown): FiguresView
    {
        return new FiguresView($f->steps, $shown->value(Duration::minutes($f->handsOnMin)), $shown->value(Duration::hours($f->elapsedHours)), number_format($f->money / 100, 0, '.', ' '), $f->system->lifeText(), (int) round($f->risk), $f->hazard);
    }
}
