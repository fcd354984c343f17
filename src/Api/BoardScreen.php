<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\View\ActionView;
use App\Api\View\BoardView;
use App\Api\View\DayView;
use App\Api\View\DisposalView;
use App\Api\View\EncounterView;
use App\Api\View\LaneView;
use App\Api\View\LocalTopicView;
use App\Api\View\StillOnView;
use App\Catalog\Catalogues;
use App\Entity\JobRow;
use App\Entity\Workshop;
use App\Work\JobPieces;
use App\Work\RowMapper;
use Hull\Bench\Workpiece;
use Hull\Board\Day;
use Hull\Board\JobBoard;
use Hull\Board\SharedAction;
use Hull\Catalog\Catalogue;
use Hull\Catalog\Caution;
use Hull\Catalog\LocalTopic;
use Hull\Catalog\Protection;
use Hull\Input\Keys;
use Hull\Job\Part;
use Hull\Job\RouteStep;
use Hull\Piece\StillOn;
use Hull\Quantity\Duration;
use Hull\Quantity\Instant;
use Hull\Quantity\Message;
use Hull\Route\ChemicalConflict;
use Hull\Surface\Shade;
use Psr\Clock\ClockInterface;

/** Builds the screen of a whole job: lanes that run together at shared actions, and what the next day takes. */
final readonly class BoardScreen
{
    public function __construct(
        private RowMapper $stored,
        private Catalogues $catalogues,
        private ClockInterface $clock,
    ) {}

    public function view(JobRow $row, UnitPresenter $shown): BoardView
    {
        $now = $this->clock->now();
        $read = JobPieces::of($this->stored, $row, $now);
        [$pieces, $done] = [$read->pieces, $read->done];
        $catalogue = $this->catalogues->for($row->workshop);
        $lanes = [];
        $names = [];
        foreach ($row->parts as $part) {
            $is = $this->stored->part($part);
            $names[$is->id] = $is->name;
        }
        foreach ($row->parts as $part) {
            $id = (string) $part->id;
            $is = $this->stored->part($part);
            $substrate = $catalogue->substrate($is->substrate);
            $all = isset($pieces[$id]) ? count($pieces[$id]->route()->steps) : 0;
            $left = isset($pieces[$id]) ? count(Workpiece::remaining($pieces[$id]->route(), $done[$id])) : 0;
            $lanes[] = new LaneView(
                partId: $id,
                name: $is->name,
                substrate: $substrate->name,
                hatch: $substrate->hatch,
                place: $this->stored->places($row)[$is->place]->name,
                obstacle: $read->unrouted[$id] ?? '',
                done: $all - $left,
                all: $all,
                carrier: $names[self::carrier($is)] ?? '',
                whole: $names[$is->zoneOf ?? ''] ?? '',
            );
        }
        $board = JobBoard::of($catalogue, $pieces, $done);
        $places = $this->stored->places($row);
        $minutes = array_sum(array_map(static fn(SharedAction $a): float => $a->minutes, $board->actions));
        $saved = array_sum(array_map(static fn(SharedAction $a): float => $a->saved, $board->actions));

        return new BoardView(
            jobId: (string) $row->id,
            name: $row->name,
            due: RowMapper::due($row),
            lanes: $lanes,
            actions: array_map(
                static fn(SharedAction $a): ActionView => self::action(
                    $catalogue,
                    $board,
                    $a,
                    $places[$a->place]->name,
                    $shown,
                ),
                $board->actions,
            ),
            day: self::day($catalogue, $board->day(8.0, Instant::hour($now)), $pieces, $row->workshop, $shown),
            handsOn: $shown->value(Duration::minutes($minutes)),
            saved: $shown->value(Duration::minutes($saved)),
            sharedActions: count(
                array_filter(
                    $board->actions,
                    static fn(SharedAction $a): bool => count($a->zones) > 1 && !$catalogue->step($a->step)->isWait(),
                ),
            ),
            stillOn: array_map(
                static fn(StillOn $s): StillOnView => new StillOnView(
                    $s->part,
                    $pieces[$s->part]->part->name,
                    Message::of(
                        '{part} is still on {carrier}, where "{step}" is done already. Take it off ' .
                            'before more is done there.',
                        part: $pieces[$s->part]->part->name,
                        carrier: lcfirst($pieces[$s->carrier]->part->name),
                        step: lcfirst($catalogue->step($s->step)->name),
                    ),
                    $s->off,
                ),
                $board->stillOn(),
            ),
        );
    }

    /** Id of the part it comes off; empty for none. */
    private static function carrier(Part $part): string
    {
        foreach ($part->links as $link) {
            if ($link->comesOff()) {
                return $link->to;
            }
        }

        return '';
    }

    private static function action(
        Catalogue $catalogue,
        JobBoard $board,
        SharedAction $action,
        string $place,
        UnitPresenter $shown,
    ): ActionView {
        $step = $catalogue->step($action->step);
        $zones = Keys::of($action->zones);

        return new ActionView(
            step: $action->step,
            name: self::name($catalogue, $action->step, $action->shade()),
            phase: $catalogue->phases[$step->phase]->name,
            place: $place,
            lanes: $zones,
            handsOn: $shown->value(Duration::minutes($action->minutes)),
            saved: $action->saved > 0.0 ? $shown->value(Duration::minutes($action->saved)) : null,
            isWait: $step->isWait(),
            moves: match (true) {
                in_array('taking-off', $step->tags, true) => 'off',
                in_array('reassembling', $step->tags, true) => 'on',
                default => '',
            },
            after: $board->after($action),
        );
    }

    /** @param array<int|string, Workpiece> $pieces */
    private static function day(
        Catalogue $catalogue,
        Day $day,
        array $pieces,
        Workshop $workshop,
        UnitPresenter $shown,
    ): DayView {
        $disposal = [];
        foreach ($day->disposal as $where => $from) {
            $where = (string) $where;
            $disposal[] = new DisposalView($where, $from);
        }
        $cautions = array_map(static fn(Caution $c): string => $c->id, $day->cautions);
        $over = null !== $workshop->vocLimit && $day->voc > $workshop->vocLimit;

        return new DayView(
            handsOn: $shown->value(Duration::minutes($day->minutes)),
            actions: count($day->actions),
            wear: array_map(
                static fn(Protection $p): string => $p->name . ('' === $p->change ? '' : ' (' . $p->change . ')'),
                $day->protection,
            ),
            mind: array_map(static fn(Caution $c): string => $c->name, $day->cautions),
            disposal: $disposal,
            encounters: array_map(
                static fn(ChemicalConflict $e): EncounterView => self::encounter($catalogue, $e, $pieces),
                $day->encounters,
            ),
            local: self::local($catalogue, $workshop, $cautions),
            voc: sprintf('%.0f g', $day->voc),
            vocWarning: $over
                ? Message::of(
                    'More solvent than the {grams} g a day you allow: put a coat off, or take a film with less.',
                    grams: (int) $workshop->vocLimit,
                )
                : '',
        );
    }

    /**
     * @param list<string> $cautions
     *
     * @return list<LocalTopicView> what the workshop wrote for these cautions
     */
    public static function local(Catalogue $catalogue, Workshop $workshop, array $cautions): array
    {
        $topics = array_filter(
            $catalogue->local,
            static fn(LocalTopic $t): bool => $t->concerns($cautions) && '' !== ($workshop->local[$t->id] ?? ''),
        );

        return array_values(
            array_map(
                static fn(LocalTopic $t): LocalTopicView => new LocalTopicView(
                    $t->id,
                    $t->name,
                    $t->hint,
                    $workshop->local[$t->id],
                ),
                $topics,
            ),
        );
    }

    /** @param array<int|string, Workpiece> $pieces */
    private static function encounter(Catalogue $catalogue, ChemicalConflict $encounter, array $pieces): EncounterView
    {
        $said = static fn(RouteStep $step, array $zones): string => sprintf(
            '%s on %s',
            self::name($catalogue, $step->step, null === $step->product ? null : new Shade($step->product)),
            implode(
                ', ',
                array_map(static fn(mixed $z): string => is_string($z) ? $pieces[$z]->part->name : '', $zones),
            ),
        );

        return new EncounterView(
            $encounter->lock->says,
            $encounter->lock->consequence,
            $said($encounter->first, $encounter->firstZones),
            $said($encounter->then, $encounter->zones),
            array_map(static fn(string $id): string => $catalogue->step($id)->name, $encounter->lock->parting),
        );
    }

    private static function name(Catalogue $catalogue, string $step, ?Shade $paint): string
    {
        return $catalogue->step($step)->name .
            (null === $paint ? '' : ': ' . $paint->named($catalogue->product($paint->product)->name));
    }
}
