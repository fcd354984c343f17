<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\View\FiguresView;
use App\Api\View\FindingView;
use App\Api\View\LayerView;
use App\Api\View\MendView;
use App\Api\View\StepRef;
use App\Api\View\WindowBand;
use App\Entity\PartRow;
use Hull\Bench\LaidCoat;
use Hull\Bench\RouteFigures;
use Hull\Job\RouteStep;
use Hull\Quantity\Duration;
use Hull\Quantity\FilmThickness;
use Hull\Quantity\Instant;
use Hull\Quantity\Message;
use Hull\Route\Finding;
use Hull\Route\Mend;
use Hull\Surface\Film;
use Hull\Surface\FilmPhase;

/** Parts that several screens share. */
final class Screens
{
    /** @param list<int> $alsoAt numbers of later steps it strikes as well */
    public static function finding(Finding $f, array $alsoAt = [], bool $saidBefore = false): FindingView
    {
        return new FindingView(
            stepKey: $f->stepKey,
            stepName: $f->stepName,
            says: $f->says,
            consequence: $f->consequence,
            source: $f->source,
            severity: $f->severity->value,
            rule: $f->needId,
            mayBeTaken: $f->mayBeTaken,
            takenBy: $f->takenBy,
            alsoAt: $alsoAt,
            saidBefore: $saidBefore,
            mends: array_map(
                static fn(Mend $m): MendView => new MendView($m->label, array_map(self::ref(...), $m->route->steps)),
                $f->mends,
            ),
        );
    }

    public static function ref(RouteStep $s): StepRef
    {
        return new StepRef($s->key, $s->step, $s->product, $s->because);
    }

    public static function layer(Film $film, UnitPresenter $shown, bool $laid, string $stepKey): LayerView
    {
        return new LayerView(
            $film->product->id,
            $film->product->name,
            $film->product->hatch,
            $shown->value($film->thickness),
            $laid,
            $stepKey,
        );
    }

    /** @param list<LayerView> $layers */
    public static function build(array $layers, UnitPresenter $shown): \App\Api\View\Value
    {
        return $shown->value(
            FilmThickness::micrometres(
                array_sum(array_map(static fn(LayerView $l): float => $l->thickness->value, $layers)),
            ),
        );
    }

    public static function figures(RouteFigures $f, PartRow $row, UnitPresenter $shown): FiguresView
    {
        return new FiguresView(
            steps: $f->steps,
            handsOn: $shown->value(Duration::minutes($f->handsOnMin)),
            elapsed: $shown->value(Duration::hours($f->elapsedHours)),
            money: number_format($f->money / 100, 0, '.', ' ') . ' ' . $row->workshop->currency,
            life: $f->system->life->text(),
            risk: (int) round($f->risk),
            hazard: $f->hazard,
            voc: sprintf('%.0f g', $f->voc),
        );
    }

    public static function band(LaidCoat $coat, int $number, float $now, bool $planned): WindowBand
    {
        $phase = match (true) {
            null !== $coat->fullAt && $coat->fullAt <= $now => FilmPhase::Cured,
            null !== $coat->closesAt && $coat->closesAt <= $now && null !== $coat->againAt && $coat->againAt > $now
                => FilmPhase::Shut,
            null !== $coat->closesAt && $coat->closesAt <= $now => FilmPhase::Lapsed,
            null !== $coat->opensAt && $coat->opensAt <= $now => FilmPhase::Open,
            null !== $coat->touchAt && $coat->touchAt <= $now => FilmPhase::Tacky,
            default => FilmPhase::Wet,
        };

        return new WindowBand(
            stepKey: $coat->stepKey,
            name: $coat->product->name,
            coat: Message::of('coat {number}', number: $number),
            laidAt: self::instant($coat->laidAt) ?? '',
            touchAt: self::instant($coat->touchAt),
            opensAt: self::instant($coat->opensAt),
            closesAt: self::instant($coat->closesAt),
            againAt: self::instant($coat->againAt),
            fullAt: self::instant($coat->fullAt),
            planned: $planned,
            phase: $phase->value,
            phaseWords: $phase->words(),
        );
    }

    /** Hours since 1970 UTC as an instant. */
    public static function instant(?float $hour): ?string
    {
        return null === $hour ? null : Instant::at($hour)->format('Y-m-d\TH:i:s\Z');
    }
}
