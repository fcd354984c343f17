<?php

declare(strict_types=1);

namespace App\Work;

use App\Catalog\Catalogues;
use App\Entity\PartRow;
use Hull\Bench\Workpiece;
use Hull\Climate\PlaceAir;
use Hull\Job\Place;
use Hull\Quantity\Instant;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;
use Hull\Route\FilmChoice;
use Hull\Route\NoRoute;
use Hull\Schedule\Explaining\AlonePart;
use Hull\Schedule\Explaining\HalfMonth;
use Hull\Schedule\Explaining\Remedies;
use Hull\Schedule\Explaining\Remedy;
use Hull\Schedule\Explaining\UsualYear;
use Hull\Schedule\Placing\Lost;
use Hull\Schedule\Search\Scheduler;
use Psr\Clock\ClockInterface;

/** One part as if nothing else were in the yard: what would give it its hours, and when in a year it has them. */
final readonly class PartHelp
{
    public function __construct(
        private RowMapper $stored,
        private YardAir $air,
        private Catalogues $catalogues,
        private ClockInterface $clock,
    ) {}

    /**
     * What would give a part its hours that has none, each tried with the part alone; and in a usual year from when on.
     *
     * @return array{Lost|null, list<Remedy>, Remedy|null} what closes it, even alone; what helps; waiting
     */
    public function of(PartRow $row): array
    {
        $piece = $this->stored->workpiece($row);
        $at = YardAir::key($piece->place);
        $places = $this->places($piece);
        $airs = $this->air->airsWith($row->workshop, array_values($places));
        $alone = $this->alone($row, $piece);
        $yard = $alone->yard($piece, $at, $airs, $this->now());
        $lost = (new Scheduler(1))->plan($yard)->lost()[0] ?? null;
        $helped = null === $lost ? null : Remedies::helped($yard, $yard->activity($lost->cause));
        $tooLong = null !== $lost && $yard->isTooLong($yard->activity($lost->cause));
        if (null === $lost || null !== $helped) {
            return [$lost, null === $helped ? [] : [$helped], null];
        }
        $remedies = new Remedies(
            airs: $airs,
            places: $places,
            alone: $alone,
            air: fn(Place $place, ?Temperature $heat, ?RelativeHumidity $dry): PlaceAir => $this->air->air(
                $row->workshop,
                $place,
                $heat,
                $dry,
            ),
            now: $this->now(),
            floors: YardPlan::crew($row->workshop)->floors,
        );
        if ($tooLong) {
            return [$lost, $remedies->quicker($piece, $at, $lost->cause), null];
        }
        if (null === $lost->closed) {
            return [$lost, [], null];
        }
        // What is begun keeps its film.
        $isBegun = [] !== $piece->replay($this->clock->now(), $this->air->series($row))->finished;

        return [
            $lost,
            $remedies->of($piece, $at, $lost, $isBegun ? [] : $this->films($row, $piece)),
            $this->usual($row, $piece)->first(
                $alone->off(),
                $piece->in($places[$lost->at] ?? $piece->place),
                $lost->at,
                $lost->cause,
            ),
        ];
    }

    /**
     * When in a usual year what is left of it can be closed.
     *
     * @return list<HalfMonth> from the one that is running
     *
     * @throws NoRoute
     */
    public function year(PartRow $row): array
    {
        $piece = $this->stored->workpiece($row);

        return $this->usual($row, $piece)->of($this->alone($row, $piece)->off(), $piece, YardAir::key($piece->place));
    }

    private function alone(PartRow $row, Workpiece $piece): AlonePart
    {
        return new AlonePart(
            id: (string) $row->id,
            done: $piece->replay($this->clock->now(), $this->air->series($row)),
            crew: YardPlan::crew($row->workshop),
            zone: new \DateTimeZone($row->workshop->timezone),
            hanging: $this->stored->hanging($row->job)[(string) $row->id] ?? null,
        );
    }

    private function usual(PartRow $row, Workpiece $piece): UsualYear
    {
        $catalogue = $this->catalogues->for($row->workshop);
        $zone = new \DateTimeZone($row->workshop->timezone);

        return new UsualYear(
            season: $catalogue->season(YardPlan::crew($row->workshop)->climate),
            catalogue: $catalogue,
            airs: $this->air->airsWith($row->workshop, array_values($this->places($piece))),
            shift: intdiv($zone->getOffset($this->clock->now()), 3600),
            now: $this->now(),
        );
    }

    /** @return array<int|string, Place> by key */
    private function places(Workpiece $piece): array
    {
        return $this->air->places() + [YardAir::key($piece->place) => $piece->place];
    }

    private function now(): float
    {
        return Instant::hour($this->clock->now());
    }

    /** @return iterable<Workpiece> the same part with every other film that fits it */
    private function films(PartRow $row, Workpiece $piece): iterable
    {
        $choice = FilmChoice::of(
            $this->catalogues->for($row->workshop),
            $this->stored->part($row),
            $piece->place,
            $this->stored->around($row),
        );
        foreach ($choice->films() as $fit) {
            if ($fit->fits() && $fit->system->id !== $piece->context->system->id) {
                try {
                    yield $this->stored->wanting($row, $piece->part->aim, $fit->system->id);
                } catch (NoRoute) {
                    continue;
                }
            }
        }
    }
}
