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
use App\Work\PlanBody;
use App\Work\RowMapper;
use App\Work\YardAir;
use App\Work\YardPlan;
use Hull\Catalog\Catalogue;
use Hull\Input\Node;
use Hull\Quantity\Duration;
use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Constraint\Times;
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
        $body = Node::root($row->body ?? []);
        $zone = new \DateTimeZone($workshop->timezone);
        $now = (float) $this->clock->now()->format('U.u') / 3600.0;
        // Hours of work are not days on the calendar: 90 h, not 3 d 18 h.
        $hours = static fn(string $field): ?View\Value => null === $body->optional($field)
            ? null
            : new View\Value(
                ($h = max(0.0, $body->field($field)->number())) < 10.0
                    ? $shown->value(Duration::hours($h))->text
                    : sprintf('%.0f h', $h),
                $h,
                'h',
                null,
            );
        $places = $this->air->places();
        $parts = $this->parts($jobs);
        $there = array_map(static fn(PlanPart $p): string => $p->id, $parts);
        // What was removed since is no longer anybody's work.
        $of = static fn(Node $n): bool => in_array($n->field('part')->text(), $there, true);
        $kept = array_values(array_filter(PlanBody::work($row), $of));
        $catalogue = $this->catalogues->for($workshop);
        $work = array_map(static fn(Node $w): PlannedView => self::planned($w, $shown, $catalogue), $kept);

        return new PlanView(
            now: Screens::instant($now) ?? '',
            zone: $workshop->timezone,
            version: $row->version ?? 0,
            madeAt: null === $row ? null : Screens::instant((float) $row->at->format('U') / 3600.0),
            note: $row->note ?? '',
            status: $pending->status ?? ($row->status ?? 'none'),
            done: $pending->done ?? 0,
            tries: $pending->tries ?? 0,
            outdated: [
                ...$this->plans->outdated($row),
                ...count($kept) < count(PlanBody::work($row)) ? [self::GONE] : [],
            ],
            finish: self::hour($body->optional('finish')),
            bound: self::hour($body->optional('bound')),
            handsOn: $hours('hands_on'),
            paid: $hours('paid'),
            late: $hours('late'),
            better: self::hour($body->optional('better')),
            found: self::hour($body->optional('found')?->optional('finish')),
            sooner: self::sooner($body->optional('found')?->field('sooner')->number()),
            again: true === $body->optional('again')?->boolean(),
            pinned: [] !== ($body->optional('pins')?->fields() ?? []),
            parts: $parts,
            work: $work,
            without: array_map(
                static fn(Node $n): LostView => new LostView(
                    $n->field('id')->text(),
                    $n->field('part')->text(),
                    $n->field('name')->text(),
                    $n->field('says')->text(500),
                ),
                array_values(array_filter($body->optional('without')?->items(5000) ?? [], $of)),
            ),
            missed: array_map(
                static fn(Node $n): View\MissedView => new View\MissedView(
                    $n->field('part')->text(),
                    self::hour($n->field('due')) ?? '',
                    self::hour($n->optional('end')),
                ),
                array_values(array_filter($body->optional('missed')?->items(5000) ?? [], $of)),
            ),
            closed: array_map(
                static fn(Node $n): View\ClosedView => new View\ClosedView(
                    $n->field('part')->text(),
                    $n->field('name')->text(),
                    $n->field('says')->text(500),
                    $n->field('bares')->boolean(),
                    $n->field('air')->boolean(),
                ),
                array_values(array_filter($body->optional('lost')?->items(5000) ?? [], $of)),
            ),
            moves: array_map(
                static fn(Node $n): MoveView => new MoveView(
                    id: $n->field('id')->text(),
                    part: $n->field('part')->text(),
                    name: $n->field('name')->text(),
                    from: self::hour($n->optional('from')),
                    to: self::hour($n->optional('to')),
                    why: $n->field('why')->field('says')->text(500),
                    stays: $n->optional('stays')?->text(500) ?? '',
                    paid: self::paid($n, $shown),
                    slip: $n->field('slip')->boolean(),
                ),
                array_values(array_filter($body->optional('moves')?->items(5000) ?? [], $of)),
            ),
            people: array_map(
                static fn(Person $p): PlanPerson => new PlanPerson($p->name, self::spans($p->work)),
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
                static fn(array $z): ZoneView => new ZoneView(
                    Screens::instant($z[0]) ?? '',
                    Screens::instant($z[1]),
                    Screens::instant($z[2]),
                    Screens::instant($z[3]),
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

    public static function id(Node $w, string $field): string
    {
        $id = $w->optional($field)?->value;

        return is_string($id) ? $id : '';
    }

    private static function planned(Node $w, UnitPresenter $shown, Catalogue $catalogue): PlannedView
    {
        $why = $w->field('why');
        $name = $w->field('name')->text();
        $product = $catalogue->products[self::id($w, 'product')] ?? null;
        $gear = array_map(
            static fn(Node $n): string => str_replace('-', ' ', $n->text()),
            $w->optional('gear')?->items() ?? [],
        );

        return new PlannedView(
            id: $w->field('id')->text(),
            part: $w->field('part')->text(),
            name: $name,
            place: $w->field('place')->text(),
            start: self::hour($w->field('start')) ?? '',
            end: self::hour($w->field('end')) ?? '',
            dry: self::hour($w->field('dry')) ?? '',
            who: array_map(static fn(Node $n): string => $n->text(), $w->field('who')->items()),
            why: $why->field('says')->text(500),
            kind: $why->field('kind')->text(),
            other: $why->optional('other')?->text(),
            slack: $shown->value(Duration::hours($w->field('slack')->number())),
            critical: $w->field('critical')->boolean(),
            paid: self::paid($w, $shown),
            setUp: $w->field('set_up')->boolean(),
            coat: $w->field('coat')->boolean(),
            fixed: $w->field('fixed')->boolean(),
            from: self::hour($w->optional('from')),
            until: self::hour($w->optional('until')),
            with: [...null === $product || str_contains($name, $product->name) ? [] : [$product->name], ...$gear],
            hangs: array_map(static fn(Node $n): string => $n->text(500), $w->optional('hangs')?->items() ?? []),
        );
    }

    private static function paid(Node $n, UnitPresenter $shown): ?View\Value
    {
        $paid = $n->field('paid')->number();

        return $paid > 0.0 ? $shown->value(Duration::hours($paid)) : null;
    }

    /**
     * @param list<array{float, float}> $spans
     *
     * @return list<SpanView>
     */
    private static function spans(array $spans): array
    {
        return array_map(
            static fn(array $s): SpanView => new SpanView(Screens::instant($s[0]) ?? '', Screens::instant($s[1]) ?? ''),
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

    private static function hour(?Node $n): ?string
    {
        return null === $n ? null : Screens::instant($n->number());
    }
}
