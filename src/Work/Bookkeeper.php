<?php

declare(strict_types=1);

namespace App\Work;

use App\Entity\JobRow;
use App\Entity\LogRow;
use App\Entity\PartRow;
use App\Entity\RouteRow;
use App\Entity\TinRow;
use App\Entity\Workshop;
use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Hull\Bench\CoatSheets;
use Hull\Bench\Record;
use Hull\Bench\Replayed;
use Hull\Catalog\ProductSheet;
use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\Job\EntryKind;
use Hull\Job\Job;
use Hull\Job\Links;
use Hull\Job\LogEntry;
use Hull\Job\Part;
use Hull\Job\Place;
use Hull\Job\Route;
use Hull\Job\RouteStep;
use Hull\Job\SavedCard;
use Hull\JobFile\JobWriter;
use Hull\Quantity\Gallon;
use Hull\Quantity\Money;
use Hull\Route\NoRoute;
use Hull\Route\RoutePlanner;
use Hull\Route\Severity;
use Hull\Schedule\Crew;
use Hull\Store\Supplier;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** Every write to the yard's books: jobs, surveys, routes by version, the log by line. */
final readonly class Bookkeeper
{
    public const PLANNED = 'planned';
    private const SURVEY_CHANGED = 'the survey changed';

    public function __construct(
        private EntityManagerInterface $em,
        private RowMapper $stored,
        private TinLedger $store,
        private YardAir $air,
        private Admission $admission,
        private ClockInterface $clock,
    ) {}

    public function open(Workshop $workshop, string $name, string $note): JobRow
    {
        $row = new JobRow($workshop, $name, $note, $this->clock->now());
        $this->em->persist($row);
        $this->em->flush();

        return $row;
    }

    /** Stores a whole job as read from a job file. */
    public function import(Workshop $workshop, Job $job): JobRow
    {
        return $this->em->wrapInTransaction(function () use ($workshop, $job): JobRow {
            $row = new JobRow($workshop, $job->name, $job->note, $this->clock->now());
            $row->places = array_map(JobWriter::place(...), array_values($job->places));
            $row->without = $job->without;
            $row->due = $job->dueAt(new \DateTimeZone($workshop->timezone));
            $row->cards = array_map(static fn(SavedCard $c): array => $c->written(), $job->cards);
            $this->em->persist($row);
            foreach ($job->parts as $index => $part) {
                $partRow = new PartRow($row, $index + 1, self::stripped($part));
                $row->parts->add($partRow);
                if (null !== $part->route) {
                    $this->keep($partRow, $part->route, 'imported');
                }
                $this->planUntouched($partRow);
                foreach ($part->log as $entry) {
                    $this->append($partRow, $entry);
                }
            }
            $this->em->flush();

            return $row;
        });
    }

    /** Adds a part, or changes its survey; the place it is worked in is added to the job or changed with it. */
    public function survey(JobRow $job, ?PartRow $row, Part $part, Place $place, ?int $version): PartRow
    {
        return $this->em->wrapInTransaction(function () use ($job, $row, $part, $place, $version): PartRow {
            foreach ($job->parts as $other) {
                if ($other !== $row && $other->survey['id'] === $part->id) {
                    throw new InvalidInput(
                        '/part/id',
                        sprintf('The job has a part called "%s" already.', $part->id),
                        'an id of its own',
                    );
                }
            }
            $this->linked($job, $row, $part);
            $places = array_values(array_filter($job->places, static fn(array $p): bool => $p['id'] !== $place->id));
            $job->places = [...$places, JobWriter::place($place)];
            if (null === $row) {
                $row = new PartRow($job, 1 + $job->parts->count(), self::stripped($part));
                $job->parts->add($row);
                $this->em->persist($row);
            } else {
                $this->em->lock($row, LockMode::OPTIMISTIC, $version);
                $row->survey = self::stripped($part);
            }
            $this->planUntouched($row);
            $this->em->flush();

            return $row;
        });
    }

    /** What a part hangs on is there; and it keeps the id that others and its cards know it by. */
    private function linked(JobRow $job, ?PartRow $row, Part $part): void
    {
        if (null !== $row && $row->survey['id'] !== $part->id) {
            throw new InvalidInput(
                '/part/id',
                'A part keeps its id; its name may change.',
                is_string($row->survey['id']) ? $row->survey['id'] : '',
            );
        }
        $parts = [$part->id => $part];
        foreach ($job->parts as $other) {
            if ($other !== $row) {
                $read = $this->stored->part($other);
                $parts[$read->id] = $read;
            }
        }
        Links::check(Node::root(['part' => JobWriter::part($part)])->field('part'), $part, $parts);
    }

    /** A new version of the route. Finished steps stay as they are; steps without a known key get a lasting one. */
    public function route(PartRow $row, Route $route, string $because): void
    {
        $this->em->wrapInTransaction(function () use ($row, $route, $because): void {
            $this->keep($row, $route, $because);
            $this->em->flush();
        });
    }

    /**
     * Appends a line to the record, then puts into the route what the surface now needs.
     *
     * @param string $hand who writes it
     * @param string|null $outside why a coat is begun outside its limits
     *
     * @return list<RouteStep> steps the route gained
     */
    public function log(PartRow $row, LogEntry $entry, string $hand, ?string $outside = null): array
    {
        return $this->em->wrapInTransaction(function () use ($row, $entry, $hand, $outside): array {
            $this->book($row, $this->admission->within($row, $entry, $outside), $hand);
            $this->admission->dry($row, $entry);
            $gained = $this->adapt($row);
            $this->em->flush();

            return $gained;
        });
    }

    /**
     * What the workshop does without on a job; routes nobody has touched are planned again.
     *
     * @param list<string> $without
     */
    public function without(JobRow $row, array $without): void
    {
        $this->em->wrapInTransaction(function () use ($row, $without): void {
            $row->without = $without;
            foreach ($row->parts as $part) {
                $this->planUntouched($part);
            }
            $this->em->flush();
        });
    }

    /** Keeps a work card; one with the same id gives way. */
    public function keepCard(JobRow $row, SavedCard $card): void
    {
        $this->em->wrapInTransaction(function () use ($row, $card): void {
            $this->em->lock($row, LockMode::PESSIMISTIC_WRITE);
            $known = array_column($row->cards, 'id');
            $at = array_search($card->id, $known, true);
            $cards = $row->cards;
            $cards[false === $at ? count($cards) : $at] = $card->written();
            $row->cards = $cards;
        });
    }

    public function dropCard(JobRow $row, string $id): void
    {
        $row->cards = array_values(array_filter($row->cards, static fn(array $c): bool => ($c['id'] ?? '') !== $id));
        $this->em->flush();
    }

    /** @param array<int|string, string> $local topic => text */
    public function furnish(
        Workshop $workshop,
        string $currency,
        ?Money $hourRate,
        ?int $vocLimit,
        array $local,
        ?int $seen = null,
    ): void {
        $workshop->nextEdition('settings', $seen);
        $workshop->currency = $currency;
        $workshop->hourRate = $hourRate?->minor;
        $workshop->vocLimit = $vocLimit;
        $workshop->local = $local;
        $this->em->flush();
    }

    public function measures(Workshop $workshop, Gallon $gallon): void
    {
        $workshop->gallon = $gallon;
        $this->em->flush();
    }

    public function keepSheet(Workshop $workshop, ProductSheet $sheet, int $seen): void
    {
        $workshop->nextEdition('sheets', $seen);
        $this->dropSheet($workshop, $sheet->class);
        $workshop->sheets = [...$workshop->sheets, $sheet->written()];
        $this->em->flush();
    }

    public function dropSheet(Workshop $workshop, string $class): void
    {
        $workshop->sheets = array_values(
            array_filter($workshop->sheets, static fn(array $s): bool => ($s['class'] ?? '') !== $class),
        );
        $this->em->flush();
    }

    /** @param list<Supplier> $suppliers in order of preference */
    public function deal(Workshop $workshop, array $suppliers, ?int $seen = null): void
    {
        $workshop->nextEdition('suppliers', $seen);
        $workshop->suppliers = array_map(
            static fn(Supplier $s): array => ['name' => $s->name, 'leadDays' => $s->leadDays, 'sells' => $s->sells],
            $suppliers,
        );
        $this->em->flush();
    }

    /** Who works in a workshop, and when. */
    public function man(Workshop $workshop, Crew $crew, ?int $seen = null): void
    {
        $workshop->nextEdition('crew', $seen);
        $workshop->crew = $crew->written;
        $this->em->flush();
    }

    /** @param string|null $day by whose evening it is to be done */
    public function due(JobRow $row, ?string $day): void
    {
        $row->due = null === $day ? null : Job::evening($day, new \DateTimeZone($row->workshop->timezone));
        $this->em->flush();
    }

    /** A new secret address for the calendar, or none; the one before no longer answers. */
    public function calendar(Workshop $workshop, ?string $key): void
    {
        $workshop->calendarKey = $key;
        $this->em->flush();
    }

    public function keepOwnCatalogue(Workshop $workshop, string $text, int $seen): void
    {
        $workshop->nextEdition('catalogue', $seen);
        $workshop->ownCatalogue = $text;
        $this->em->flush();
    }

    /**
     * @param list<string> $ids of steps, products and supplies
     *
     * @return list<string> parts of the workshop whose routes name one of them, old versions too, and tins of one
     */
    public function naming(array $ids): array
    {
        $parts = array_map(
            static fn(TinRow $t): string => 'tin ' . ('' === $t->batch ? $t->material : $t->batch),
            [] === $ids ? [] : $this->em->getRepository(TinRow::class)->findBy(['material' => $ids]),
        );
        // Over the part, so that what was removed no longer counts.
        $routes =
            [] === $ids
                ? []
                : $this->em->createQuery('SELECT r, p FROM ' . RouteRow::class . ' r JOIN r.part p')->getResult();
        foreach (is_array($routes) ? $routes : [] as $route) {
            foreach ($route instanceof RouteRow ? $route->steps : [] as $step) {
                if (
                    $route instanceof RouteRow &&
                    [] !== array_intersect([$step['step'] ?? '', $step['product'] ?? ''], $ids)
                ) {
                    $parts[] = is_string($route->part->survey['name'] ?? null) ? $route->part->survey['name'] : '';
                }
            }
        }

        return array_values(array_unique($parts));
    }

    /** Waits until nobody else writes about the part; what is read of it afterwards is as it then is. */
    public function hold(PartRow $row): void
    {
        $this->em->lock($row, LockMode::PESSIMISTIC_WRITE);
    }

    /** @return list<RouteStep> */
    public function adapt(PartRow $row): array
    {
        $piece = $this->stored->workpiece($row);
        $replayed = $piece->replay($this->clock->now(), $this->air->series($row));
        $remaining = self::ahead($piece->route(), $replayed);
        $broken = array_values(
            array_filter(
                $piece->check()->findings($replayed->state, Route::of($remaining)),
                static fn(\Hull\Route\Finding $f): bool => Severity::Broken === $f->severity,
            ),
        );
        $done = array_values(
            array_filter($piece->route()->steps, static fn(RouteStep $s): bool => isset($replayed->finished[$s->key])),
        );
        if ([] === $broken) {
            if (count($done) + count($remaining) < count($piece->route()->steps)) {
                $this->keep($row, Route::of([...$done, ...$remaining]), 'steps put in earlier are no longer needed');
            }

            return [];
        }
        $because = sprintf('%s: %s', $broken[0]->stepName, lcfirst($broken[0]->consequence));
        $planner = new RoutePlanner($piece->context);
        try {
            $mended = $planner->mend($replayed->state, $remaining, $because);
        } catch (NoRoute) {
            try {
                $mended = Route::of(
                    array_map(
                        static fn(RouteStep $s): RouteStep => $s->withKey('')->because($because),
                        $planner->plan($replayed->state)->steps,
                    ),
                );
            } catch (NoRoute) {
                return [];
            }
        }
        $known = array_map(static fn(RouteStep $s): string => $s->key, $remaining);
        $gained = array_values(
            array_filter($mended->steps, static fn(RouteStep $s): bool => !in_array($s->key, $known, true)),
        );
        if ([] !== $gained) {
            $this->keep($row, Route::of([...$done, ...$mended->steps]), mb_substr($because, 0, 500));
        }

        return $gained;
    }

    /**
     * The steps not finished, less those the engine once put in and the work has since gone past.
     *
     * @return list<RouteStep>
     */
    private static function ahead(Route $route, Replayed $replayed): array
    {
        $last = -1;
        foreach ($route->steps as $index => $step) {
            $last = isset($replayed->finished[$step->key]) ? $index : $last;
        }
        $ahead = [];
        foreach ($route->steps as $index => $step) {
            if (!isset($replayed->finished[$step->key]) && ($index > $last || '' === $step->because)) {
                $ahead[] = $step;
            }
        }

        return $ahead;
    }

    /**
     * While nothing is logged or changed by hand the route follows the survey; afterwards it stays and the checker
     * shows what broke.
     */
    private function planUntouched(PartRow $row): void
    {
        $latest = $row->latestRoute();
        if (
            !$row->log->isEmpty() ||
            (null !== $latest && !in_array($latest->because, [self::PLANNED, self::SURVEY_CHANGED], true))
        ) {
            return;
        }
        try {
            $plan = $this->stored->workpiece($row)->plan();
        } catch (NoRoute) {
            return;
        }
        $kinds = static fn(Route $route): array => array_map(
            static fn(RouteStep $s): array => [$s->step, $s->product],
            $route->steps,
        );
        $before = $this->stored->part($row)->route;
        if (null === $before || $kinds($before) !== $kinds($plan)) {
            $this->keep(
                $row,
                Route::of(array_map(static fn(RouteStep $s): RouteStep => $s->withKey(''), $plan->steps)),
                null === $before ? self::PLANNED : self::SURVEY_CHANGED,
            );
        }
    }

    private function keep(PartRow $row, Route $route, string $because): void
    {
        $used = [];
        foreach ($row->routes as $version) {
            $used = [...$used, ...array_map(static fn(array $s): string => $s['key'] ?? '', $version->steps)];
        }
        $kept = 'imported' === $because ? $route : $route->kept($used);
        $version = new RouteRow(
            $row,
            1 + $row->routes->count(),
            array_map(JobWriter::step(...), $kept->steps),
            $because,
            $this->clock->now(),
        );
        $row->routes->add($version);
        $this->em->persist($version);
    }

    private function append(PartRow $row, LogEntry $entry, string $hand = ''): LogRow
    {
        $line = new LogRow(
            part: $row,
            number: 1 + $row->log->count(),
            entryId: $entry->id,
            kind: $entry->kind,
            stepKey: $entry->stepKey,
            at: $entry->at,
            temperatureC: $entry->air?->temperature->c(),
            humidityRatio: $entry->air?->humidity->si(),
            note: $entry->note,
            corrects: $entry->corrects,
            withdrawn: $entry->withdrawn,
            writtenAt: $this->clock->now(),
            rule: $entry->rule,
            takenBy: $entry->by,
            usedL: $entry->used?->litresValue(),
            filmUm: $entry->film?->um(),
            hand: $hand,
        );
        $row->log->add($line);
        $this->em->persist($line);

        return $line;
    }

    /** A finished coat takes its paint out of the store; a correction puts that right. */
    private function book(PartRow $row, LogEntry $entry, string $hand): void
    {
        $before = Record::effective($this->stored->part($row)->log);
        $this->onlyOnce($row, $entry, $before);
        $piece = $this->stored->workpiece($row);
        if (EntryKind::Finish === $entry->kind && null === $entry->used) {
            $entry = $entry->using(CoatSheets::paintOf($piece, (string) $entry->stepKey));
        }
        $line = $this->append($row, $entry, $hand);
        if (EntryKind::Finish === $entry->kind) {
            $this->draw($line, $entry, $piece->route());
        } elseif (EntryKind::Correction === $entry->kind) {
            $this->redraw($row, $line, $before, Record::effective($this->stored->part($row)->log), $piece->route());
        }
    }

    /**
     * A step is begun once and finished once, whoever is at it.
     *
     * @param list<LogEntry> $before the record as it counts
     */
    private function onlyOnce(PartRow $row, LogEntry $entry, array $before): void
    {
        $bars =
            [
                EntryKind::Start->value => [EntryKind::Start, EntryKind::Finish],
                EntryKind::Finish->value => [EntryKind::Finish],
            ][$entry->kind->value] ?? [];
        foreach ($before as $line) {
            if ($line->stepKey === $entry->stepKey && in_array($line->kind, $bars, true)) {
                $written =
                    array_values(
                        array_filter($row->log->toArray(), static fn(LogRow $l): bool => $l->entryId === $line->id),
                    )[0] ?? null;
                $by = null === $written || '' === $written->hand ? '' : ' by ' . $written->hand;
                $at = $line->at->setTimezone(new \DateTimeZone($row->workshop->timezone))->format('H:i \o\n j M Y');
                throw new ConflictHttpException(
                    sprintf(
                        'This step was %s%s at %s. Nothing was written; correct that line where it is wrong.',
                        EntryKind::Finish === $line->kind ? 'finished' : 'begun',
                        $by,
                        $at,
                    ),
                );
            }
        }
    }

    private function draw(LogRow $line, LogEntry $entry, Route $route): void
    {
        $product = null === $entry->stepKey ? null : $route->find($entry->stepKey)?->product;
        if (null !== $product && null !== $entry->used) {
            $this->store->draw($line, $product, $entry->used);
        }
    }

    /**
     * What a correction changed in the paint that counts: given back to the tins, and drawn anew.
     *
     * @param list<LogEntry> $before
     * @param list<LogEntry> $after
     */
    private function redraw(PartRow $row, LogRow $by, array $before, array $after, Route $route): void
    {
        foreach ($before as $was) {
            $is = array_values(array_filter($after, static fn(LogEntry $e): bool => $e->id === $was->id))[0] ?? null;
            if (
                EntryKind::Finish !== $was->kind ||
                ($is?->used?->si() === $was->used?->si() && $is?->stepKey === $was->stepKey)
            ) {
                continue;
            }
            foreach ($row->log as $line) {
                if ($line->entryId === $was->id) {
                    $this->store->giveBack($line, $by->at);
                    if (null !== $is) {
                        $this->draw($line, $is, $route);
                    }
                }
            }
        }
    }

    /**
     * A part without route and log, in the form of the job file.
     *
     * @return array<int|string, mixed>
     */
    private static function stripped(Part $part): array
    {
        return JobWriter::part($part->with(null, []));
    }
}
