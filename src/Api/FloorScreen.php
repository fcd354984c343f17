<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\View\FloorPlaceView;
use App\Api\View\FloorStayView;
use App\Api\View\FloorView;
use App\Api\View\LiesView;
use App\Api\View\LiftView;
use App\Catalog\Catalogues;
use App\Entity\JobRow;
use App\Entity\Workshop;
use App\Plan\PlanDocument;
use App\Plan\PlannedWork;
use App\Work\RowMapper;
use App\Work\YardAir;
use App\Work\YardPlan;
use Hull\Job\Part;
use Hull\Quantity\Area;
use Hull\Quantity\Instant;
use Hull\Quantity\Length;
use Hull\Quantity\Message;
use Hull\Schedule\Explaining\FloorMap;
use Hull\Schedule\Explaining\FloorStay;
use Hull\Schedule\Explaining\Lifts;
use Psr\Clock\ClockInterface;

/** Builds the map of the yard's floors over the days. */
final readonly class FloorScreen
{
    private const MOST_DAYS = 60;

    public function __construct(
        private YardPlan $plans,
        private YardAir $air,
        private RowMapper $stored,
        private Catalogues $catalogues,
        private ClockInterface $clock,
    ) {}

    /** @param list<JobRow> $jobs */
    public function view(Workshop $workshop, array $jobs, UnitPresenter $shown): FloorView
    {
        $zone = new \DateTimeZone($workshop->timezone);
        [$parts, $of, $own] = $this->parts($jobs);
        $work = array_values(
            array_filter(
                PlanDocument::of($this->plans->latest())->work,
                static fn(PlannedWork $w): bool => isset($parts[$w->part]),
            ),
        );
        $first = self::local(Instant::hour($this->clock->now()), $zone)->setTime(0, 0);
        $day = static fn(float $hour): int => (int) $first
            ->diff(self::local($hour, $zone)->setTime(0, 0))
            ->format('%r%a');
        $spans = [];
        foreach ($work as $w) {
            $span = [$w->part, $w->place, $w->start, $w->end, $w->dry];
            // While it hangs on another it takes no floor of its own.
            $stands = $w->place === $own[$w->part];
            if ($stands && $day(max($span[3], $span[4])) >= 0 && $day($span[2]) < self::MOST_DAYS) {
                $span[2] = max($span[2], Instant::hour($first));
                $spans[] = $span;
            }
        }
        $map = FloorMap::of($spans, $parts, YardPlan::crew($workshop)->floors, $day);
        $last = max([0, ...array_map(static fn(FloorStay $s): int => $s->to, $map->stays)]);

        return new FloorView(
            days: array_map(
                static fn(int $d): string => $first->modify(sprintf('+%d days', $d))->format('Y-m-d'),
                range(0, min(self::MOST_DAYS, $last)),
            ),
            places: $this->places($map, $parts, $of, $shown),
            lifts: $this->lifts($workshop, $work, $parts, $shown),
            lies: $this->lies($jobs),
        );
    }

    /**
     * @param list<JobRow> $jobs
     *
     * @return array{array<int|string, Part>, array<int|string, string>, array<int|string, string>} parts, the names of
     *                                           their jobs and the keys of the places they are worked in, by row
     */
    private function parts(array $jobs): array
    {
        $parts = $of = $own = [];
        foreach ($jobs as $job) {
            $places = $this->stored->places($job);
            foreach ($job->parts as $row) {
                $part = $this->stored->part($row);
                $parts[(string) $row->id] = $part;
                $of[(string) $row->id] = $job->name;
                $own[(string) $row->id] = YardAir::key($places[$part->place]);
            }
        }

        return [$parts, $of, $own];
    }

    /**
     * @param array<int|string, Part> $parts
     * @param array<int|string, string> $of
     *
     * @return list<FloorPlaceView>
     */
    private function places(FloorMap $map, array $parts, array $of, UnitPresenter $shown): array
    {
        $views = [];
        $names = $this->air->places();
        foreach ($map->sides as $place => $sides) {
            $stays = array_values(
                array_filter($map->stays, static fn(FloorStay $s): bool => $s->place === (string) $place),
            );
            $views[] = new FloorPlaceView(
                name: $names[$place]->name ?? (string) $place,
                long: round($sides->long, 3),
                wide: round($sides->wide, 3),
                area: $shown->value(Area::squareMetres($sides->long * $sides->wide))->text,
                said: $sides->said,
                stays: array_map(
                    static fn(FloorStay $s): FloorStayView => new FloorStayView(
                        partId: $s->part,
                        name: $parts[$s->part]->name,
                        job: $of[$s->part],
                        from: $s->from,
                        to: $s->to,
                        worked: $s->worked,
                        x: round($s->x, 3),
                        y: round($s->y, 3),
                        long: round($s->long, 3),
                        wide: round($s->wide, 3),
                        reckoned: $s->reckoned,
                        fits: $s->fits,
                        size: $shown->value(Length::metres($s->long))->text .
                            ' × ' .
                            $shown->value(Length::metres($s->wide))->text,
                    ),
                    $stays,
                ),
            );
        }

        return $views;
    }

    /**
     * @param list<PlannedWork> $work
     * @param array<int|string, Part> $parts
     *
     * @return list<LiftView>
     */
    private function lifts(Workshop $workshop, array $work, array $parts, UnitPresenter $shown): array
    {
        usort($work, static fn(PlannedWork $a, PlannedWork $b): int => $a->start <=> $b->start);
        $lifts = Lifts::of(
            $this->catalogues->for($workshop),
            array_map(static fn(PlannedWork $w): array => [$w->part, $w->place, $w->step], $work),
            $parts,
        );

        return array_map(static function (Lifts $l) use ($parts, $shown): LiftView {
            $weight = $parts[$l->part]->room?->weight;

            return new LiftView(
                partId: $l->part,
                name: $parts[$l->part]->name,
                weight: null === $weight ? '' : $shown->value($weight)->text,
                times: $l->times,
                says: $l->hoist
                    ? 'hoist, trolley or more hands: too much for two'
                    : Message::of('{people} people, for the whole of the lift', people: $l->people),
            );
        }, $lifts);
    }

    /**
     * @param list<JobRow> $jobs
     *
     * @return list<LiesView>
     */
    private function lies(array $jobs): array
    {
        $lies = [];
        foreach ($jobs as $job) {
            foreach ($job->tags->isEmpty() ? [] : $this->stored->job($job)->register as $tag) {
                if ($tag->isOpen() && '' !== $tag->lies) {
                    $lies[] = new LiesView((string) $job->id, $job->name, $tag->number, $tag->what, $tag->lies);
                }
            }
        }

        return $lies;
    }

    private static function local(float $hour, \DateTimeZone $zone): \DateTimeImmutable
    {
        return Instant::at($hour, $zone);
    }
}
