<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\View\NextHourView;
use App\Api\View\NextView;
use App\Api\View\PlaceMatters;
use App\Catalog\Catalogues;
use App\Entity\JobRow;
use App\Entity\Workshop;
use App\Plan\PlanDocument;
use App\Plan\PlanMove;
use App\Plan\PlannedWork;
use App\Work\RowMapper;
use App\Work\YardAir;
use App\Work\YardPlan;
use Hull\Catalog\Catalogue;
use Hull\Catalog\Caution;
use Hull\Catalog\Protection;
use Hull\Job\Place;
use Hull\Quantity\Duration;
use Hull\Quantity\Instant;
use Hull\Schedule\Explaining\NextHour;
use Psr\Clock\ClockInterface;

/** Builds what can begin now, worked out at this moment: the plan may be hours old. */
final readonly class NextHourScreen
{
    public function __construct(
        private YardPlan $plans,
        private YardAir $air,
        private RowMapper $stored,
        private Catalogues $catalogues,
        private PlaceHoursScreen $hours,
        private ClockInterface $clock,
    ) {}

    /** @param list<JobRow> $jobs */
    public function view(Workshop $workshop, array $jobs, UnitPresenter $shown): NextHourView
    {
        $row = $this->plans->latest();
        $names = $this->names($jobs);
        $now = Instant::hour($this->clock->now());
        $catalogue = $this->catalogues->for($workshop);
        $plan = PlanDocument::of($row);
        $work = $plan->work;
        $kept = array_values(array_filter($work, static fn(PlannedWork $w): bool => isset($names[$w->part])));
        $cautions = self::cautions($catalogue, $kept, $now, new \DateTimeZone($workshop->timezone));

        return new NextHourView(
            version: $row->version ?? 0,
            hasParts: [] !== $names,
            next: null === $row ? [] : $this->next($workshop, $work, $names, $now, $shown),
            outdated: [...$this->plans->outdated($row), ...count($kept) < count($work) ? [PlanScreen::GONE] : []],
            moved: count(array_filter($plan->moves, static fn(PlanMove $m): bool => null !== $m->from && !$m->slip)),
            note: $row->note ?? '',
            places: array_values(
                array_map(function (Place $p) use ($workshop, $shown): PlaceMatters {
                    $hours = $this->hours->of($workshop, $p, $shown);

                    return new PlaceMatters($hours->name, $hours->air, $hours->matters);
                }, $this->air->places()),
            ),
            wear: array_map(static fn(Protection $p): string => $p->name, $catalogue->protectionFor($cautions)),
            mind: array_map(static fn(Caution $c): string => $c->hint, $cautions),
        );
    }

    /**
     * @param list<JobRow> $jobs
     *
     * @return array<int|string, string> of the parts, by row id
     */
    private function names(array $jobs): array
    {
        $names = [];
        foreach ($jobs as $job) {
            foreach ($job->parts as $row) {
                $names[(string) $row->id] = $this->stored->part($row)->name;
            }
        }

        return $names;
    }

    /**
     * @param list<PlannedWork> $work of the plan
     * @param array<int|string, string> $names
     *
     * @return list<NextView>
     */
    private function next(Workshop $workshop, array $work, array $names, float $now, UnitPresenter $shown): array
    {
        $slack = [];
        foreach ($work as $w) {
            $slack[$w->id] = max(0.0, min($w->slack, $w->start + $w->slack - $now));
        }
        $schedule = $this->plans->schedule($workshop);

        return array_map(static function (NextHour $n) use ($schedule, $names, $shown): NextView {
            $activity = $schedule->yard->activity($n->id);
            $placed = $schedule->placed[$n->id];

            return new NextView(
                id: $n->id,
                part: $activity->part,
                partName: $names[$activity->part] ?? '',
                name: $activity->name,
                planned: $n->planned,
                fits: $n->fits,
                takes: $shown->value(Duration::hours(max(0.0, $placed->end - $placed->start))),
                slack: $shown->value(Duration::hours($n->slack)),
            );
        }, NextHour::of($schedule, $slack));
    }

    /**
     * @param list<PlannedWork> $work
     *
     * @return list<Caution> of what is planned for the rest of the day, worst first
     */
    private static function cautions(Catalogue $catalogue, array $work, float $now, \DateTimeZone $zone): array
    {
        $evening = Instant::hour(Instant::at($now, $zone)->modify('tomorrow midnight'));
        $cautions = [];
        foreach ($work as $w) {
            $step = $catalogue->steps[$w->step] ?? null;
            if (null === $step || $w->end < $now || $w->start > $evening) {
                continue;
            }
            $product = $catalogue->products[$w->product] ?? null;
            foreach ([...$step->cautions, ...$product->cautions ?? []] as $id) {
                $cautions[$id] = $catalogue->cautions[$id];
            }
        }
        $cautions = array_values($cautions);
        usort($cautions, static fn(Caution $a, Caution $b): int => [$b->hazard, $a->id] <=> [$a->hazard, $b->id]);

        return $cautions;
    }
}
