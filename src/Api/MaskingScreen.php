<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\View\MaskedFaceView;
use App\Api\View\MaskedSpotView;
use App\Api\View\MaskingLineView;
use App\Api\View\MaskingNeed;
use App\Api\View\MaskingView;
use App\Api\View\TaggedItemView;
use App\Catalog\Catalogues;
use App\Entity\PartRow;
use App\Work\RowMapper;
use Hull\Catalog\Catalogue;
use Hull\Catalog\Consumable;
use Hull\Compute\Result;
use Hull\Job\ItemState;
use Hull\Job\Part;
use Hull\Piece\MaskedFace;
use Hull\Piece\MaskedSpot;
use Hull\Piece\MaskingLine;
use Hull\Piece\MaskingPlan;
use Hull\Quantity\Area;
use Hull\Quantity\Duration;
use Hull\Quantity\Length;
use Hull\Quantity\Message;
use Hull\Route\NoRoute;

/** Builds the masking plan of a part. */
final readonly class MaskingScreen
{
    public function __construct(private RowMapper $stored, private Catalogues $catalogues) {}

    public function view(PartRow $row, UnitPresenter $shown): MaskingView
    {
        $catalogue = $this->catalogues->for($row->workshop);
        $part = $this->stored->part($row);
        try {
            $plan = MaskingPlan::of(
                $this->stored->workpiece($row),
                array_map(
                    fn(PartRow $p): Part => $p === $row ? $part : $this->stored->part($p),
                    array_values($row->job->parts->toArray()),
                ),
            );
        } catch (NoRoute $e) {
            return new MaskingView(
                partId: (string) $row->id,
                jobId: (string) $row->job->id,
                slug: $part->id,
                name: $part->name,
                obstacle: $e->says,
                lines: [],
                faces: [],
                staysSays: '',
                tooLong: false,
                needs: [],
                plugs: [],
            );
        }

        return new MaskingView(
            partId: (string) $row->id,
            jobId: (string) $row->job->id,
            slug: $part->id,
            name: $part->name,
            obstacle: '',
            lines: array_map(
                static fn(MaskingLine $l): MaskingLineView => self::line($catalogue, $l, $shown),
                $plan->lines,
            ),
            faces: array_map(
                static fn(MaskedFace $f): MaskedFaceView => self::face($f, $shown),
                MaskedFace::all($part->shapes, $plan),
            ),
            staysSays: self::stays($plan),
            tooLong: $plan->tooLong,
            needs: self::needs($catalogue, $plan, $shown),
            plugs: self::plugs($plan, $shown),
        );
    }

    private static function line(Catalogue $catalogue, MaskingLine $line, UnitPresenter $shown): MaskingLineView
    {
        $covered = $line->covered;
        $said = static fn(?Length $l): string => null === $l ? '' : $shown->value($l)->text;
        $film = $line->worked?->quantity('film', Area::class)->m2() ?? 0.0;

        return new MaskingLineView(
            name: $line->name,
            kind: null === $covered ? '' : $catalogue->coverings[$covered->kind]->name,
            by: $line->by,
            count: $line->count,
            across: $said($covered?->across),
            along: $said($covered?->along),
            acrossM: $covered?->across?->m(),
            alongM: $covered?->along?->m(),
            on: $covered->on ?? '',
            tape: $line->worked instanceof Result ? $shown->of($line->worked, 'tape', Length::class) : null,
            film: $line->worked instanceof Result && $film > 0.0
                ? $shown->of($line->worked, 'film', Area::class)
                : null,
            putOn: $line->on,
            before: $line->onBefore,
            off: $line->off,
            hours: null === $line->hours ? '' : $shown->value(Duration::hours($line->hours))->text,
            when: self::when($line),
            why: $line->why,
            estimated: $line->estimated,
        );
    }

    private static function face(MaskedFace $face, UnitPresenter $shown): MaskedFaceView
    {
        return new MaskedFaceView(
            name: $face->name,
            longM: $face->long,
            highM: $face->high,
            long: $shown->value(Length::metres($face->long))->text,
            high: $shown->value(Length::metres($face->high))->text,
            spots: array_map(
                static fn(MaskedSpot $s): MaskedSpotView => new MaskedSpotView(
                    $s->number,
                    $s->by,
                    $s->x,
                    $s->y,
                    $s->wide,
                    $s->high,
                ),
                $face->spots,
            ),
            crowded: $face->crowded,
        );
    }

    private static function when(MaskingLine $line): string|Message
    {
        return match (true) {
            null === $line->after || '' === $line->off => '',
            $line->after < 0.01 => 'wet, right after the last coat over it',
            default => Message::of('{time} after the last coat over it', time: Duration::hours($line->after)),
        };
    }

    private static function stays(MaskingPlan $plan): string|Message
    {
        if (null === $plan->hours || null === $plan->tape) {
            return '';
        }
        $on = Duration::hours($plan->hours);
        $may = Duration::hours($plan->tape->staysH ?? 0.0);

        return $plan->tooLong
            ? Message::of(
                'The tape would be on for {time}, nights not counted; even {tape} stays no longer than {most}, half ' .
                    'of it in the sun. Take it off after the coat before that and mask again.',
                time: $on,
                tape: lcfirst($plan->tape->name),
                most: $may,
            )
            : Message::of(
                'The tape is on for about {time}, nights not counted: {tape}, which may stay {most}, ' .
                    'half of it in the sun.',
                time: $on,
                tape: lcfirst($plan->tape->name),
                most: $may,
            );
    }

    /** @return list<MaskingNeed> */
    private static function needs(Catalogue $catalogue, MaskingPlan $plan, UnitPresenter $shown): array
    {
        $needs = [];
        foreach ($plan->needs as $id => $amount) {
            /** @var Consumable $of */
            $of = $catalogue->consumables[$id];
            // Film is bought by the metre of its roll, so the figure says nothing without the width.
            $wide = null === $of->width ? '' : sprintf(', %s wide', $shown->value($of->width)->text);
            $needs[] = new MaskingNeed(
                $of->id,
                $of->name . $wide,
                $shown->value($of->amount($amount))->text,
                $of->note,
            );
        }

        return $needs;
    }

    /** @return list<TaggedItemView> */
    private static function plugs(MaskingPlan $plan, UnitPresenter $shown): array
    {
        $plugs = [];
        foreach ($plan->lines as $line) {
            if ('plug' === $line->by) {
                $plugs[] = new TaggedItemView(
                    what: 'plug, ' . lcfirst($line->name),
                    size: null === $line->covered?->across ? '' : $shown->value($line->covered->across)->text,
                    count: $line->count,
                    state: ItemState::Reuse->value,
                    stateWords: ItemState::Reuse->words(),
                    done: 0,
                );
            }
        }

        return $plugs;
    }
}
