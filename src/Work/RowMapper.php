<?php

declare(strict_types=1);

namespace App\Work;

use App\Catalog\Catalogues;
use App\Entity\JobRow;
use App\Entity\LogRow;
use App\Entity\PartRow;
use Hull\Bench\Workpiece;
use Hull\Climate\Air;
use Hull\Input\Keys;
use Hull\Input\Node;
use Hull\Job\Job;
use Hull\Job\Link;
use Hull\Job\LogEntry;
use Hull\Job\Part;
use Hull\Job\Place;
use Hull\Job\SavedCard;
use Hull\Job\Tag;
use Hull\JobFile\TagForm;
use Hull\Piece\Hanging;
use Hull\Quantity\FilmThickness;
use Hull\Quantity\Money;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;
use Hull\Quantity\Volume;
use Hull\Route\NoRoute;
use Hull\Route\Surroundings;
use Hull\WorkCard\SavedCards;

/** Reads stored rows back into the values the core works with. */
final readonly class RowMapper
{
    private const LIGHT = [
        'id',
        'name',
        'substrate',
        'service',
        'finish',
        'place',
        'zone_of',
        'mounted_on',
        'links',
        'begin',
    ];

    public function __construct(private Catalogues $catalogues, private Parsed $parsed) {}

    public function job(JobRow $row): Job
    {
        $parts = [];
        foreach ($row->parts as $part) {
            $parts[] = $this->part($part);
        }

        return new Job(
            name: $row->name,
            note: $row->note,
            places: $this->places($row),
            parts: $parts,
            without: $row->without,
            cards: $this->cards($row, array_map(static fn(Part $p): string => $p->id, $parts)),
            due: self::due($row),
            bought: null === $row->bought ? null : Money::minor($row->bought),
            sale: null === $row->sale ? null : Money::minor($row->sale),
            register: self::tags($row, array_map(static fn(Part $p): string => $p->id, $parts)),
        );
    }

    /** The day on which it is due where the yard is. */
    public static function due(JobRow $row): ?string
    {
        return $row->due?->setTimezone(new \DateTimeZone($row->workshop->timezone))->format('Y-m-d');
    }

    public function part(PartRow $row): Part
    {
        $route = $row->latestRoute();
        $log = array_values($row->log->toArray());
        $reads = [$this->catalogues->for($row->workshop), $row->job->places, $row->survey, $route, $log];

        return $this->parsed->once($row, 'part', $reads, function () use ($row, $route, $log): Part {
            $reader = $this->catalogues->reader($row->workshop);

            return $this->survey($row)->with(
                null === $route ? null : $reader->routes->read(Node::root($route->steps)),
                array_map($this->line(...), $log),
            );
        });
    }

    /** The part as surveyed, without its route and its log. */
    private function survey(PartRow $row): Part
    {
        $reads = [$this->catalogues->for($row->workshop), $row->job->places, $row->survey];

        return $this->parsed->once($row, 'survey', $reads, fn(): Part => $this->read($row->job, $row->survey));
    }

    /** @return list<LogEntry> as written */
    public function log(PartRow $row): array
    {
        return array_map($this->line(...), array_values($row->log->toArray()));
    }

    /** A line of the log never changes. */
    private function line(LogRow $row): LogEntry
    {
        return $this->parsed->once($row, 'line', [], static fn(): LogEntry => self::entry($row));
    }

    /**
     * A part of the job from a survey in the form of the job file.
     *
     * @param array<int|string, mixed> $survey
     */
    public function read(JobRow $job, array $survey): Part
    {
        return $this->catalogues->reader($job->workshop)->part(Node::root($survey), Keys::of($this->places($job)));
    }

    public function workpiece(PartRow $row): Workpiece
    {
        $part = $this->part($row);
        $around = $this->around($row);

        return $this->parsed->once(
            $row,
            'workpiece',
            [$part, $around],
            fn(): Workpiece => Workpiece::of(
                $this->catalogues->for($row->workshop),
                $part,
                $this->places($row->job)[$part->place],
                $around,
            ),
        );
    }

    /**
     * The part not begun yet, with another film or wanted otherwise.
     *
     * @throws NoRoute when it cannot be laid
     */
    public function wanting(PartRow $row, ?string $aim, ?string $film): Workpiece
    {
        $part = $this->part($row);

        return Workpiece::of(
            $this->catalogues->for($row->workshop),
            $part->wanting($aim, $film),
            $this->places($row->job)[$part->place],
            $this->around($row),
        );
    }

    public function around(PartRow $row): Surroundings
    {
        $job = $row->job;
        $surveys = array_map(static fn(PartRow $p): array => $p->survey, array_values($job->parts->toArray()));
        $reads = [$this->catalogues->for($row->workshop), $job->places, $job->without, $row->survey, $surveys];

        return $this->parsed->once($row, 'around', $reads, fn(): Surroundings => $this->surroundings($row));
    }

    private function surroundings(PartRow $row): Surroundings
    {
        $own = $this->survey($row);
        $hosts = array_map(static fn(Link $l): string => $l->to, $own->links);
        $job = new Job(
            $row->job->name,
            '',
            $this->places($row->job),
            array_values(
                array_map(
                    fn(PartRow $other): Part => in_array(
                        $other->survey['zone_of'] ?? ($other->survey['id'] ?? null),
                        $hosts,
                        true,
                    )
                        ? $this->survey($other)
                        : $this->light($other),
                    $row->job->parts->toArray(),
                ),
            ),
            $row->job->without,
        );

        return Surroundings::of($this->catalogues->for($row->workshop), $job, $own);
    }

    /** What is around a part needs of the others only what they are and what they hang on; of what carries it, all. */
    private function light(PartRow $row): Part
    {
        $reads = [$this->catalogues->for($row->workshop), $row->job->places, $row->survey];

        return $this->parsed->once(
            $row,
            'light',
            $reads,
            fn(): Part => $this->read($row->job, array_intersect_key($row->survey, array_flip(self::LIGHT))),
        );
    }

    /** @return array<int|string, Place> */
    public function places(JobRow $row): array
    {
        $reader = $this->catalogues->reader($row->workshop);
        $reads = [$this->catalogues->for($row->workshop), $row->places];

        return $this->parsed->once($row, 'places', $reads, static function () use ($row, $reader): array {
            $places = [];
            foreach ($row->places as $place) {
                $read = $reader->place(Node::root($place));
                $places[$read->id] = $read;
            }

            return $places;
        });
    }

    /** @return array<int|string, Hanging> by part what hangs on another of the job */
    public function hanging(JobRow $job): array
    {
        $reads = [$this->catalogues->for($job->workshop), $job->places, $job->without];
        foreach ($job->parts as $row) {
            $reads[] = [$row->survey, $row->latestRoute()];
        }

        return $this->parsed->once($job, 'hanging', $reads, function () use ($job): array {
            $pieces = [];
            foreach ($job->parts as $row) {
                try {
                    $piece = $this->workpiece($row);
                    $piece->route();
                    $pieces[(string) $row->id] = $piece;
                } catch (NoRoute) {
                    continue;
                }
            }

            return Hanging::all(
                $pieces,
                array_map(static fn(Workpiece $p): string => YardAir::key($p->place), $pieces),
            );
        });
    }

    /** @return array<int|string, list<string>> names of the parts worked in each place */
    public function users(JobRow $row): array
    {
        $users = [];
        foreach ($row->parts as $part) {
            $read = $this->part($part);
            $users[$read->place][] = $read->name;
        }

        return $users;
    }

    /**
     * A card for a part that was removed is a card for none, until the part is back.
     *
     * @param list<string> $parts ids of the job's parts
     *
     * @return list<SavedCard>
     */
    public function cards(JobRow $row, array $parts): array
    {
        $saved = new SavedCards($this->catalogues->for($row->workshop)->figures);

        return array_map(
            static fn(array $c): SavedCard => $saved->read(
                Node::root(
                    in_array($c['part'] ?? null, $parts, true) ? $c : array_diff_key($c, ['part' => 0]),
                    $row->workshop->gallon,
                ),
                $parts,
            ),
            $row->cards,
        );
    }

    /**
     * What is on a part that was removed comes back with it.
     *
     * @param list<string> $parts ids of the job's parts
     *
     * @return list<Tag>
     */
    public static function tags(JobRow $row, array $parts): array
    {
        $tags = [];
        foreach ($row->tags as $tag) {
            $written = ['number' => $tag->number, 'code' => $tag->code] + $tag->written;
            if (in_array($written['part'] ?? null, $parts, true)) {
                $itself = in_array($written['itself'] ?? null, $parts, true) ? [] : ['itself' => 0];
                $tags[] = TagForm::read(Node::root(array_diff_key($written, $itself)), $parts);
            }
        }

        return $tags;
    }

    public static function entry(LogRow $row): LogEntry
    {
        $air =
            null === $row->temperatureC || null === $row->humidityRatio
                ? null
                : Air::of(Temperature::celsius($row->temperatureC), RelativeHumidity::ratio($row->humidityRatio));

        return new LogEntry(
            id: $row->entryId,
            kind: $row->kind,
            stepKey: $row->stepKey,
            at: $row->at,
            air: $air,
            note: $row->note,
            corrects: $row->corrects,
            withdrawn: $row->withdrawn,
            rule: $row->rule,
            by: $row->takenBy,
            used: null === $row->usedL ? null : Volume::litres($row->usedL),
            film: null === $row->filmUm ? null : FilmThickness::micrometres($row->filmUm),
        );
    }
}
