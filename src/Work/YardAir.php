<?php

declare(strict_types=1);

namespace App\Work;

use App\Catalog\Catalogues;
use App\Device\Sensors;
use App\Device\WeatherService;
use App\Entity\ForecastRow;
use App\Entity\PartRow;
use App\Entity\ReadingRow;
use App\Entity\Workshop;
use App\Keep\Pulse;
use App\Persistence\WorkshopScope;
use Doctrine\ORM\EntityManagerInterface;
use Hull\Bench\Record;
use Hull\Climate\Air;
use Hull\Climate\ClimateSeries;
use Hull\Climate\Forecast;
use Hull\Climate\PlaceAir;
use Hull\Climate\Weather;
use Hull\Job\Place;
use Hull\Piece\Whereabouts;
use Hull\Quantity\Instant;
use Hull\Quantity\Irradiance;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Speed;
use Hull\Quantity\Temperature;
use Hull\Schedule\Constraint\Airs;
use Hull\Schedule\Reading\LivedAir;
use Hull\Schedule\Reading\Planning;
use Psr\Clock\ClockInterface;
use Symfony\Contracts\Service\ResetInterface;

/**
 * The air of a yard's places, from its forecast and everything that was read in them. Places of one name are one
 * place.
 */
final class YardAir implements ResetInterface
{
    private const FORECAST_GOOD_S = 1800;
    private const READING_GOOD_S = 540;
    private const BEFORE_H = 240;

    /** @var array<int|string, Airs> by workshop and edge */
    private array $worked = [];

    /** @var array<string, PlaceAir> by workshop, edge and place */
    private array $ofPlaces = [];

    /** @var \WeakMap<PlaceAir, ClimateSeries> */
    private \WeakMap $series;

    /** @var array<string, ForecastRow|null> by workshop */
    private array $latest = [];

    /** @var array<string, Forecast> by row and edge */
    private array $outside = [];

    /** @var array<int|string, list<array{float, Air}>>|null */
    private ?array $logged = null;

    /** @var array<string, list<array{float, Air}>> by workshop and place */
    private array $readings = [];

    public function __construct(
        private readonly EntityManagerInterface $em,
        private readonly RowMapper $stored,
        private readonly WholeYard $whole,
        private readonly Catalogues $catalogues,
        private readonly WeatherService $weather,
        private readonly Sensors $sensors,
        private readonly Pulse $pulse,
        private readonly WorkshopScope $scope,
        private readonly ClockInterface $clock,
    ) {
        /** @var \WeakMap<PlaceAir, ClimateSeries> $series */
        $series = new \WeakMap();
        $this->series = $series;
    }

    /** Asks the services for what is newer, unless they were asked a little while ago. */
    public function refresh(Workshop $workshop): void
    {
        $now = $this->clock->now();
        $latest = $this->forecast();
        if (null === $latest || $now->getTimestamp() - $latest->at->getTimestamp() > self::FORECAST_GOOD_S) {
            $fetched = $this->weather->forecast();
            if (null !== $fetched) {
                $this->keep($workshop, $fetched);
            }
            $this->found(Pulse::WEATHER, null !== $fetched, $this->weather->isThere());
        }
        $read = $this->em->getRepository(ReadingRow::class)->findOneBy([], ['at' => 'DESC', 'id' => 'DESC']);
        if (null === $read || $now->getTimestamp() - $read->at->getTimestamp() > self::READING_GOOD_S) {
            $readings = $this->sensors->readings();
            foreach ($readings as [$place, $at, $air, $name]) {
                $this->read($workshop, $place, $at, $air, $name);
            }
            $this->found(Pulse::SENSORS, [] !== $readings, $this->sensors->isThere());
        }
        $this->em->flush();
    }

    private function found(string $service, bool $answers, bool $isThere): void
    {
        if ($isThere) {
            $answers ? $this->pulse->beat($service) : $this->pulse->missed($service);
        }
    }

    /**
     * A newer forecast takes the place of the one before. Hours before its first stay as they were last forecast: what
     * rained on a coat has rained on it, whatever is said of tomorrow.
     */
    public function keep(Workshop $workshop, Forecast $forecast): void
    {
        $row = $this->forecast();
        $before = null === $row ? null : self::asForecast($row);
        $oldest = (int) floor(Instant::hour($this->clock->now())) - self::BEFORE_H;
        $from = min($forecast->from, max($before->from ?? $forecast->from, $oldest));
        $past = [];
        for ($hour = $from; null !== $before && $hour < $forecast->from; ++$hour) {
            $past[] = $before->at($hour);
        }
        $hours = array_map(
            static fn(Weather $w): array => [
                $w->air->temperature->c(),
                $w->air->humidity->value(),
                $w->wind->mPerS(),
                $w->rainMm,
                $w->sun->wPerM2(),
            ],
            [...$past, ...$forecast->hours],
        );
        $this->em->persist(new ForecastRow($workshop, $this->clock->now(), $forecast->source, $from, $hours));
        $this->em->flush();
        $this->reset();
    }

    /** False when the place had a reading at that moment already. */
    public function read(Workshop $workshop, string $place, \DateTimeImmutable $at, Air $air, string $source): bool
    {
        if (null !== $this->em->getRepository(ReadingRow::class)->findOneBy(['place' => $place, 'at' => $at])) {
            return false;
        }
        $this->em->persist(
            new ReadingRow($workshop, $place, $at, $air->temperature->c(), $air->humidity->value(), $source),
        );
        $this->em->flush();
        $this->reset();

        return true;
    }

    /** What was worked out for an earlier request or message no longer counts. */
    public function reset(): void
    {
        $this->worked = [];
        $this->ofPlaces = [];
        $this->latest = [];
        $this->outside = [];
        $this->logged = null;
        $this->readings = [];
    }

    public function forecast(): ?ForecastRow
    {
        $owner = $this->scope->current();
        if (!array_key_exists($owner, $this->latest)) {
            $newest = ['at' => 'DESC', 'id' => 'DESC'];
            $this->latest[$owner] = $this->em->getRepository(ForecastRow::class)->findOneBy([], $newest);
        }

        return $this->latest[$owner];
    }

    public static function key(Place $place): string
    {
        return trim($place->name);
    }

    /** @param int $edge of the forecast: -1 colder, 1 warmer */
    public function airs(Workshop $workshop, int $edge = 0): Airs
    {
        return $this->worked[$workshop->id . '/' . $edge] ??= new Airs(
            array_map(fn(Place $p): PlaceAir => $this->once($workshop, $p, $edge), $this->places()),
        );
    }

    private function once(Workshop $workshop, Place $place, int $edge): PlaceAir
    {
        return $this->ofPlaces["$workshop->id/$edge/" . self::key($place)] ??= $this->air(
            $workshop,
            $place,
            edge: $edge,
        );
    }

    /** Places of one name are one place: the first of them. */
    private function first(Place $place): Place
    {
        return $this->places()[self::key($place)] ?? $place;
    }

    /**
     * The same with these places among them: one of a job that somebody removed or brought back meanwhile is missing.
     *
     * @param list<Place> $places
     */
    public function airsWith(Workshop $workshop, array $places, int $edge = 0): Airs
    {
        $airs = $this->airs($workshop, $edge);
        foreach ($places as $place) {
            if (!$airs->knows(self::key($place))) {
                $airs = $airs->with(self::key($place), $this->once($workshop, $place, $edge));
            }
        }

        return $this->worked[$workshop->id . '/' . $edge] = $airs;
    }

    /**
     * The air a part has been in and is in: that of its place, and of what it hangs on while it hangs there; null while
     * the yard has no forecast, when its own readings are all there is.
     */
    public function series(PartRow $row): ?ClimateSeries
    {
        if (null === $this->forecast()) {
            return null;
        }
        $place = $this->stored->places($row->job)[$this->stored->part($row)->place];
        $hanging = $this->stored->hanging($row->job)[(string) $row->id] ?? null;
        if (null === $hanging) {
            $air = $this->once($row->workshop, $this->first($place), 0);

            return $this->series[$air] ??= $air->series();
        }
        $piece = $this->stored->workpiece($row);
        $airs = $this->airsWith($row->workshop, array_values($this->stored->places($row->job)));
        $air = LivedAir::of($piece, new Whereabouts($piece, self::key($place), $hanging), $airs);

        return $this->series[$air] ??= $air->series();
    }

    /**
     * @param Temperature|null $heatTo as if it were heated to this
     * @param RelativeHumidity|null $dryTo as if it were dried to this
     * @param int $edge of the forecast: -1 colder, 1 warmer
     */
    public function air(
        Workshop $workshop,
        Place $place,
        ?Temperature $heatTo = null,
        ?RelativeHumidity $dryTo = null,
        int $edge = 0,
    ): PlaceAir {
        $now = (int) floor(Instant::hour($this->clock->now()));
        $kind = $this->catalogues->for($workshop)->places[$place->kind];
        $row = $this->forecast();
        $outside =
            null === $row
                ? Forecast::of($now, [Weather::of($place->air)], 'as the place is set')
                : ($this->outside[$row->id . '/' . $edge] ??= self::asForecast($row)->edge($edge, $now));
        $set = null === $heatTo ? $place->air : Air::of($heatTo, $place->air->humidity);
        $kind = null === $heatTo ? $kind : $kind->heated();

        return PlaceAir::of(
            place: $kind,
            set: $set,
            outside: $outside,
            readings: null === $heatTo && null === $dryTo ? $this->readings(self::key($place)) : [],
            from: $now - self::BEFORE_H,
            hours: self::BEFORE_H + 24 * (Planning::DAYS + 2),
            dryTo: $dryTo,
        );
    }

    /** What the air of a place is worked out from, but for heating and drying: the same, the same air at all edges. */
    public function madeFrom(Workshop $workshop, Place $place): string
    {
        $first = $this->first($place);

        return hash(
            'xxh128',
            serialize([
                $this->catalogues->key($workshop),
                $first->kind,
                $first->air,
                (string) $this->forecast()?->id,
                floor(Instant::hour($this->clock->now())),
                $this->readings(self::key($place)),
            ]),
        );
    }

    /** The same of all places of the yard. */
    public function allMadeFrom(Workshop $workshop): string
    {
        return hash(
            'xxh128',
            implode('/', array_map(fn(Place $p): string => $this->madeFrom($workshop, $p), $this->places())),
        );
    }

    /** @return array<int|string, Place> by name */
    public function places(): array
    {
        $places = [];
        foreach ($this->whole->jobs() as $job) {
            foreach ($this->stored->places($job) as $place) {
                $places[self::key($place)] ??= $place;
            }
        }

        return $places;
    }

    /** @return list<array{float, Air}> hour since 1970 UTC, air */
    private function readings(string $place): array
    {
        return $this->readings[$this->scope->current() . '/' . $place] ??= $this->readIn($place);
    }

    /** @return list<array{float, Air}> hour since 1970 UTC, air */
    private function readIn(string $place): array
    {
        $since = $this->clock->now()->modify(sprintf('-%d hours', self::BEFORE_H));
        $readings = [];
        /** @var list<ReadingRow> $rows */
        $rows = $this->em
            ->createQuery(
                'SELECT r FROM ' . ReadingRow::class . ' r WHERE r.place = :place AND r.at > :since ORDER BY r.at',
            )
            ->setParameter('place', $place)
            ->setParameter('since', $since, 'instant')
            ->getResult();
        foreach ($rows as $row) {
            $readings[] = [
                Instant::hour($row->at),
                Air::of(Temperature::celsius($row->temperatureC), RelativeHumidity::ratio($row->humidityRatio)),
            ];
        }
        $this->logged ??= $this->logged($since);

        return [...$readings, ...$this->logged[$place] ?? []];
    }

    /** @return array<int|string, list<array{float, Air}>> readings in records, by the place the part is worked in */
    private function logged(\DateTimeImmutable $since): array
    {
        $now = $this->clock->now();
        $logged = [];
        foreach ([...$this->whole->jobs(), ...$this->whole->closedSince($since)] as $job) {
            $places = $this->stored->places($job);
            foreach ($job->parts as $part) {
                $place = $part->survey['place'] ?? null;
                if (!is_string($place) || !isset($places[$place])) {
                    continue;
                }
                foreach (Record::effective($this->stored->log($part)) as $entry) {
                    if (null !== $entry->air && $entry->at > $since && $entry->at <= $now) {
                        $logged[self::key($places[$place])][] = [$entry->hour(), $entry->air];
                    }
                }
            }
        }

        return $logged;
    }

    private static function asForecast(ForecastRow $row): Forecast
    {
        return Forecast::of(
            $row->firstHour,
            array_map(
                static fn(array $h): Weather => Weather::of(
                    Air::of(Temperature::celsius($h[0]), RelativeHumidity::ratio($h[1])),
                    Speed::metresPerSecond($h[2]),
                    $h[3],
                    Irradiance::wattsPerM2($h[4] ?? 0.0),
                ),
                $row->hours,
            ),
            $row->source,
        );
    }
}
