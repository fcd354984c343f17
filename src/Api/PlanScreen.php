<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\View\BreakView;
use App\Api\View\LostView;
use App\Api\View\MayBegin;
use App\Api\View\MoveView;
use App\Api\View\PlannedView;
use App\Api\View\PlanPart;
use App\Api\View\PlanPerson;
use App\Api\View\PlanView;
use App\Api\View\SpanView;
use App\Api\View\TryView;
use App\Api\View\ZoneView;
use App\Catalog\Catalogues;
use App\Entity\JobRow;
use App\Entity\Workshop;
use App\Plan\PlanDocument;
use App\Plan\PlanLate;
use App\Plan\PlanMove;
use App\Plan\PlannedWork;
use App\Plan\PlanWait;
use App\Work\RowMapper;
use App\Work\YardAir;
use App\Work\YardPlan;
use Hull\Catalog\Catalogue;
use Hull\Cure\ZoneTimes;
use Hull\Quantity\Duration;
use Hull\Quantity\Instant;
use Hull\Quantity\Interval;
use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Constraint\Times;
use Hull\Schedule\Explaining\InARow;
use Hull\Schedule\Explaining\Stretch;
use Hull\Schedule\Placing\Schedule;
use Hull\Schedule\Replanning\TrialMove;
use Psr\Clock\ClockInterface;

/** Builds the schedule of the yard as a page shows it. */
final readonly class PlanScreen
{
    /** Why a plan may no longer hold. */
    public const GONE = 'a part was removed, or its job closed';
    private const HOURS_BEFORE = 12.0;
    private const DAYS = 45;

    public function __construct(
        private YardPlan $plans,
        private YardAir $air,
        private RowMapper $stored,
        private Catalogues $catalogues,
        private PlaceHoursScreen $hours,
        private ClockInterface $clock,
    ) {}

    /** @param list<JobRow> $jobs */
    public function view(Workshop $workshop, array $jobs, UnitPresenter $shown): PlanView
    {
        $row = $this->plans->latest();
        $pending = $this->plans->pending();
        $plan = PlanDocument::of($row);
        $zone = new \DateTimeZone($workshop->timezone);
        $now = Instant::hour($this->clock->now());
        // Hours of work are not days on the calendar: 90 h, not 3 d 18 h.
        $hours = static fn(?float $hours): ?View\Value => null === $hours
            ? null
            : new View\Value(
                ($h = max(0.0, $hours)) < 10.0 ? $shown->value(Duration::hours($h))->text : sprintf('%.0f h', $h),
                $h,
                'h',
                null,
            );
        $places = $this->air->places();
        $parts = $this->parts($jobs);
        $there = array_map(static fn(PlanPart $p): string => $p->id, $parts);
        // What was removed since is no longer anybody's work.
        $of = static fn(PlannedWork|PlanWait|PlanLate|PlanMove $n): bool => in_array($n->part, $there, true);
        $kept = array_values(array_filter($plan->work, $of));
        $catalogue = $this->catalogues->for($workshop);
        $heads = InARow::heads(
            $catalogue,
            array_map(
                static fn(PlannedWork $w): Stretch => new Stretch($w->step, $w->place, $w->who, $w->start, $w->end),
                $kept,
            ),
        );
        $work = array_map(
            static fn(PlannedWork $w, int $n, int $head): PlannedView => self::planned(
                $w,
                $shown,
                $catalogue,
                $head === $n ? null : $kept[$head]->id,
            ),
            $kept,
            array_keys($kept),
            $heads,
        );

        return new PlanView(
            now: Screens::instant($now) ?? '',
            zone: $workshop->timezone,
            version: $row->version ?? 0,
            madeAt: null === $row ? null : Screens::instant(Instant::hour($row->at)),
            note: $row->note ?? '',
            status: $pending->status ?? ($row->status ?? 'none'),
            done: $pending->done ?? 0,
            tries: $pending->tries ?? 0,
            outdated: [...$this->plans->outdated($row), ...count($kept) < count($plan->work) ? [self::GONE] : []],
            finish: self::hour($plan->finish),
            bound: self::hour($plan->bound),
            handsOn: $hours($plan->handsOn),
            rework: $hours($plan->rework),
            late: null === $plan->late ? null : $shown->value(Duration::hours(max(0.0, $plan->late))),
            better: self::hour($plan->better),
            found: self::hour($plan->found?->finish),
            sooner: self::sooner($plan->found?->sooner),
            again: $plan->again,
            pinned: [] !== $plan->pins,
            parts: $parts,
            work: $work,
            unplaced: array_map(
                static fn(PlanWait $w): LostView => new LostView($w->id, $w->part, $w->name, $w->says),
                array_values(array_filter($plan->unplaced, $of)),
            ),
            missed: array_map(
                static fn(PlanLate $l): View\MissedView => new View\MissedView(
                    $l->part,
                    self::hour($l->due) ?? '',
                    self::hour($l->end),
                ),
                array_values(array_filter($plan->missed, $of)),
            ),
            closed: array_map(
                static fn(PlanWait $w): View\ClosedView => new View\ClosedView(
                    $w->part,
                    $w->name,
                    $w->says,
                    $w->bares,
                    $w->air,
                    $w->with,
                ),
                array_values(array_filter($plan->lost, $of)),
            ),
            moves: array_map(
                static fn(PlanMove $m): MoveView => new MoveView(
                    id: $m->id,
                    part: $m->part,
                    name: $m->name,
                    from: self::hour($m->from),
                    to: self::hour($m->to),
                    why: $m->says,
                    stays: $m->stays ?? '',
                    rework: self::rework($m->rework, $shown),
                    slip: $m->slip,
                ),
                array_values(array_filter($plan->moves, $of)),
            ),
            people: array_map(
                static fn(Person $p): PlanPerson => new PlanPerson($p->name, self::spans($p->work->spans)),
                YardPlan::crew($workshop)->persons($now - self::HOURS_BEFORE, $now + 24.0 * self::DAYS, $zone),
            ),
            places: array_values(
                array_map(fn(\Hull\Job\Place $p): View\PlaceHours => $this->hours->of($workshop, $p, $shown), $places),
            ),
        );
    }

    /** What breaks, and until when what follows may begin, with one activity put elsewhere. */
    public function tried(Schedule $schedule, string $id, float $start): TryView
    {
        $yard = $schedule->yard;
        $placed = TrialMove::placed($schedule, $id, $start);
        $chain = $yard->chains[$yard->activity($id)->part];
        $windows = [];
        foreach (array_slice($chain, (int) array_search($id, $chain, true)) as $on) {
            $latest = Times::latest($yard->activity($on), $placed);
            $windows[] = new MayBegin(
                $on,
                self::finite(Times::earliest($yard, $yard->activity($on), $placed)[0]),
                self::finite($latest[0] ?? \INF),
            );
        }

        return new TryView(
            array_map(
                static fn(TrialMove $n): BreakView => new BreakView(
                    $n->id,
                    $yard->activity($n->id)->name,
                    $n->words($yard),
                    Screens::instant($n->until) ?? '',
                    $n->kind,
                ),
                TrialMove::of($schedule, $id, $start),
            ),
            $windows,
            array_map(
                static fn(ZoneTimes $z): ZoneView => new ZoneView(
                    Screens::instant($z->laid) ?? '',
                    Screens::instant($z->opens),
                    Screens::instant($z->closes),
                    Screens::instant($z->reached),
                ),
                Times::zones($yard->activity($id), $placed),
            ),
        );
    }

    private static function finite(float $hour): ?string
    {
        return is_finite($hour) ? Screens::instant($hour) : null;
    }

    /**
     * @param list<JobRow> $jobs
     *
     * @return list<PlanPart>
     */
    private function parts(array $jobs): array
    {
        $parts = [];
        foreach ($jobs as $job) {
            foreach ($job->parts as $row) {
                $part = $this->stored->part($row);
                $parts[] = new PlanPart(
                    (string) $row->id,
                    $part->name,
                    $job->name,
                    $this->catalogues->for($row->workshop)->substrate($part->substrate)->hatch,
                );
            }
        }

        return $parts;
    }

    private static function planned(
        PlannedWork $w,
        UnitPresenter $shown,
        Catalogue $catalogue,
        ?string $row,
    ): PlannedView {
        $product = $catalogue->products[$w->product] ?? null;
        $gear = array_map(static fn(string $id): string => str_replace('-', ' ', $id), $w->gear);

        return new PlannedView(
            id: $w->id,
            part: $w->part,
            name: $w->name,
            place: $w->place,
            start: self::hour($w->start) ?? '',
            end: self::hour($w->end) ?? '',
            dry: self::hour($w->dry) ?? '',
            who: $w->who,
            why: $w->says,
            kind: $w->kind,
            other: $w->other,
            slack: $shown->value(Duration::hours($w->slack)),
            critical: $w->critical,
            rework: self::rework($w->rework, $shown),
            setUp: $w->setUp,
            coat: $w->coat,
            fixed: $w->fixed,
            from: self::hour($w->from),
            until: self::hour($w->until),
            with: [...null === $product || str_contains($w->name, $product->name) ? [] : [$product->name], ...$gear],
            hangs: $w->hangs,
            row: $row,
        );
    }

    private static function rework(float $rework, UnitPresenter $shown): ?View\Value
    {
        return $rework > 0.0 ? $shown->value(Duration::hours($rework)) : null;
    }

    /**
     * @param list<Interval> $spans
     *
     * @return list<SpanView>
     */
    private static function spans(array $spans): array
    {
        return array_map(
            static fn(Interval $s): SpanView => new SpanView(
                Screens::instant($s->from) ?? '',
                Screens::instant($s->to) ?? '',
            ),
            $spans,
        );
    }

    private static function sooner(?float $hours): ?View\Value
    {
        return null === $hours
            ? null
            : new View\Value(
                $hours < 24.0 ? sprintf('%.0f h', $hours) : round($hours / 24.0, 1) . ' days',
                $hours,
                'h',
                null,
            );
    }

    private static function hour(?float $hour): ?string
    {
        return null === $hour ? null : Screens::instant($hour);
    }
}
