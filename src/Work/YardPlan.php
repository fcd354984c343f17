<?php

declare(strict_types=1);

namespace App\Work;

use App\Catalog\Catalogues;
use App\Entity\ForecastRow;
use App\Entity\LogRow;
use App\Entity\PlanRow;
use App\Entity\RouteRow;
use App\Entity\TagRow;
use App\Entity\Workshop;
use App\Plan\FoundPlan;
use App\Plan\PlanDocument;
use App\Plan\PlanWriter;
use Doctrine\ORM\EntityManagerInterface;
use Hull\Bench\Replayed;
use Hull\Bench\Workpiece;
use Hull\Input\Keys;
use Hull\Input\Node;
use Hull\Job\EntryKind;
use Hull\Job\Part;
use Hull\Job\Route;
use Hull\Piece\Precedence;
use Hull\Piece\Precedences;
use Hull\Piece\Register;
use Hull\Quantity\Instant;
use Hull\Route\NoRoute;
use Hull\Schedule\Calendar\Crew;
use Hull\Schedule\Constraint\PreviousPlacement;
use Hull\Schedule\Constraint\Why;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Explaining\ForecastRisk;
use Hull\Schedule\Placing\Schedule;
use Hull\Schedule\Reading\Planning;
use Hull\Schedule\Replanning\Replan;
use Hull\Schedule\Search\Scheduler;
use Hull\Store\Inventory;
use Hull\Store\Supplier;
use Psr\Clock\ClockInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Messenger\MessageBusInterface;

/**
 * The schedule of a whole yard: put together from its jobs, kept by version, made again when something happened.
 *
 * @phpstan-import-type Start from FoundPlan
 */
final readonly class YardPlan
{
    /** A yard with more to do than this is planned by the worker, so that nobody waits for a page. */
    private const AT_ONCE = 300;
    private const GIVEN_UP_S = 900;
    private const EDGES = [0, -1, 1];
    private const OTHER_SEED = 2;

    /** @param int $longer so many times the orders of a first plan are tried when it is searched on */
    public function __construct(
        private EntityManagerInterface $em,
        private RowMapper $stored,
        private YardAir $air,
        private WholeYard $whole,
        private TinLedger $store,
        private JobStock $stock,
        private Catalogues $catalogues,
        private ClockInterface $clock,
        private MessageBusInterface $bus,
        private Replanning $replanning,
        #[Autowire(param: 'hull.search_longer')] private int $longer,
    ) {}

    public function latest(string $status = PlanRow::DONE): ?PlanRow
    {
        return $this->em->getRepository(PlanRow::class)->findOneBy(['status' => $status], ['version' => 'DESC']);
    }

    /**
     * The newest one, while it is wanted, being worked on or has failed; not when whoever worked on it has been gone
     * for long.
     */
    public function pending(): ?PlanRow
    {
        $newest = $this->em->getRepository(PlanRow::class)->findOneBy([], ['version' => 'DESC']);
        $waits = null !== $newest && PlanRow::DONE !== $newest->status;

        return $waits && $this->clock->now()->getTimestamp() - $newest->at->getTimestamp() < self::GIVEN_UP_S
            ? $newest
            : null;
    }

    public static function crew(Workshop $workshop): Crew
    {
        return [] === $workshop->crew ? Crew::usual($workshop->name) : Crew::read(Node::root($workshop->crew));
    }

    /** Nothing is planned after this. */
    public function reach(): \DateTimeImmutable
    {
        return $this->clock->now()->modify(sprintf('+%d days', Planning::DAYS));
    }

    /** @param array<int|string, float> $pins hour by activity */
    public function yard(Workshop $workshop, array $pins = []): Yard
    {
        return $this->yards($workshop, $pins, [0])[0];
    }

    /** The latest plan as it lies in the yard of now: what is done since, or no longer there, has left it. */
    public function schedule(Workshop $workshop): Schedule
    {
        $yard = $this->yard($workshop);
        $placed = [];
        foreach (PlanDocument::of($this->latest())->work as $w) {
            $placed += isset($yard->activities[$w->id]) ? [$w->id => $w->placement()] : [];
        }

        return new Schedule($yard, $placed, []);
    }

    /**
     * The yard in the air that is forecast, and in that air as it may come colder or warmer.
     *
     * @param array<int|string, float> $pins hour by activity
     * @param list<int> $edges of the forecast, as App\Work\YardAir takes them
     *
     * @return array<int, Yard> by edge
     */
    private function yards(Workshop $workshop, array $pins, array $edges): array
    {
        $now = $this->clock->now();
        $pieces = $done = $places = $dues = $here = $precedences = $registers = $hanging = [];
        foreach ($this->whole->jobs() as $job) {
            $own = [];
            foreach ($job->parts as $row) {
                $id = (string) $row->id;
                try {
                    $piece = $this->stored->workpiece($row);
                    $piece->route();
                } catch (NoRoute) {
                    continue;
                }
                $pieces[$id] = $piece;
                $places[$id] = YardAir::key($piece->place);
                $here[] = $piece->place;
                $done[$id] = $piece->replay($now, $this->air->series($row));
                $dues += null === $job->due ? [] : [$id => Instant::hour($job->due)];
                $own[$id] = $piece->part;
            }
            $precedences = [...$precedences, ...$this->precedences($workshop, $own, $pieces, $done)];
            $hanging += $this->stored->hanging($job);
            if (!$job->tags->isEmpty()) {
                $tags = RowMapper::tags($job, array_values(array_map(static fn(Part $p): string => $p->id, $own)));
                $registers += array_fill_keys(Keys::of($own), new Register($tags, $own));
            }
        }
        $deliveries = $this->deliveries($workshop);
        $yard = fn(int $edge): Yard => Planning::yard(
            pieces: $pieces,
            done: $done,
            places: $places,
            airs: $this->air->airsWith($workshop, $here, $edge),
            crew: self::crew($workshop),
            zone: new \DateTimeZone($workshop->timezone),
            now: self::hour($now),
            dues: $dues,
            deliveries: $deliveries,
            pins: $pins,
            precedences: $precedences,
            registers: $registers,
            hanging: $hanging,
        );

        return array_combine($edges, array_map($yard, $edges));
    }

    /**
     * @param array<int|string, Part> $parts of one job
     * @param array<int|string, Workpiece> $pieces
     * @param array<int|string, Replayed> $done
     *
     * @return list<Precedence> among what is left to do
     */
    private function precedences(Workshop $workshop, array $parts, array $pieces, array $done): array
    {
        $left = [];
        foreach (Keys::of($parts) as $id) {
            $left[$id] = Route::of(Workpiece::remaining($pieces[$id]->route(), $done[$id]));
        }

        return Precedences::of($this->catalogues->for($workshop), $parts, $left);
    }

    /**
     * Plans at once, or leaves it to the worker when there is much to do.
     *
     * @param array<int|string, float> $pins hour by activity before which somebody does not want it
     * @param bool $fresh from scratch, whatever was planned before
     * @param bool|null $later leave it to the worker; by size where nothing is said
     * @param list<Start> $found a plan that was found since, to be taken instead of the latest
     */
    public function plan(
        Workshop $workshop,
        string $note,
        array $pins = [],
        bool $fresh = false,
        ?bool $later = null,
        array $found = [],
    ): PlanRow {
        $last = $this->em->getRepository(PlanRow::class)->findOneBy([], ['version' => 'DESC']);
        $row = new PlanRow($workshop, 1 + ($last->version ?? 0), $this->clock->now(), $note);
        (new PlanDocument(pins: $pins, fresh: $fresh, take: $found))->to($row);
        $this->em->persist($row);
        $later ??= $this->left() > self::AT_ONCE;
        if (!$later) {
            $this->work($row);
        }
        $this->em->flush();
        $this->bus->dispatch($later ? new MakePlan((string) $row->id) : new SearchOn((string) $row->id));

        return $row;
    }

    /**
     * Searches on from scratch and keeps beside the plan what ends sooner, if anything does.
     *
     * @param \Closure(): bool $goesOn asked now and then
     */
    public function searchOn(PlanRow $row, \Closure $goesOn): void
    {
        $plan = PlanDocument::of($row);
        // What nothing can end much before is not worth a minute; a bound for all says nothing where some has no room.
        $bound = [] === $plan->unplaced ? $plan->bound : null;
        if (null === $plan->finish || $plan->finish - ($bound ?? -\INF) < Replan::WORTH_H) {
            return;
        }
        $yard = $this->yard($row->workshop, $plan->pins);
        $scheduler = new Scheduler(
            $this->longer * Scheduler::triesFor(count($yard->activities)),
            self::OTHER_SEED,
            static fn(int $done, int $of, Schedule $best): bool => $goesOn(),
        );
        $best = $scheduler->plan($yard);
        $isWorth =
            $best->finish() < $plan->finish - Replan::WORTH_H &&
            count($best->unplaced) <= count($plan->unplaced) &&
            $best->score->late <= ($plan->late ?? 0.0) + 1e-6;
        if ($isWorth && $goesOn()) {
            PlanDocument::beside($row, FoundPlan::of($best, $plan->finish));
        }
    }

    /** What hours and rain have undone since the last line of the record goes into the routes. */
    private function adapt(): void
    {
        $now = $this->clock->now();
        foreach ($this->whole->jobs() as $job) {
            foreach ($job->parts as $row) {
                try {
                    $undone = $this->stored->workpiece($row)->replay($now, $this->air->series($row))->undone;
                } catch (NoRoute) {
                    continue;
                }
                if ([] !== $undone) {
                    $this->replanning->adapt($row);
                }
            }
        }
    }

    /** How many steps are left to do in the yard, counted off what is stored. */
    private function left(): int
    {
        $left = 0;
        foreach ($this->whole->jobs() as $job) {
            $steps = $this->catalogues->for($job->workshop)->steps;
            foreach ($job->parts as $part) {
                $done = [];
                foreach ($part->log as $line) {
                    $done += EntryKind::Finish === $line->kind ? [(string) $line->stepKey => true] : [];
                }
                foreach ($part->latestRoute()->steps ?? [] as $step) {
                    $id = $step['step'] ?? null;
                    $isWork = is_string($id) && false === ($steps[$id] ?? null)?->isWait();
                    $left += $isWork && !isset($done[$step['key'] ?? '']) ? 1 : 0;
                }
            }
        }

        return $left;
    }

    /** @param \Closure(int, int): void|null $progress orders worked out, of how many */
    public function work(PlanRow $row, ?\Closure $progress = null): void
    {
        $this->adapt();
        $asked = PlanDocument::of($row);
        $yards = $this->yards($row->workshop, $asked->pins, self::EDGES);
        $yard = $yards[0];
        $tries = Scheduler::triesFor(count($yard->activities));
        $tell =
            null === $progress
                ? null
                : static function (int $done, int $of, Schedule $best) use ($progress): bool {
                    $progress($done, $of);

                    return true;
                };
        $scheduler = new Scheduler($tries, 1, $tell);
        $before = match (true) {
            [] !== $asked->take => FoundPlan::placements($asked->take),
            $asked->fresh => [],
            default => $this->kept(),
        };
        $replan = [] === $before ? null : Replan::of($yard, $before, $scheduler);
        $schedule = $replan->schedule ?? $scheduler->plan($yard);
        $replan = [] !== $asked->take ? $replan?->against($this->kept()) : $replan;
        PlanWriter::document(
            $schedule,
            $replan,
            $asked->pins,
            ForecastRisk::of($schedule, ['colder' => $yards[-1], 'warmer' => $yards[1]]),
        )->to($row);
        $row->status = PlanRow::DONE;
        $row->done = $row->tries = $tries;
    }

    /**
     * Why the latest plan may no longer hold.
     *
     * @return list<string>
     */
    public function outdated(?PlanRow $plan): array
    {
        if (null === $plan) {
            return [];
        }
        $newer = function (string $class, string $field) use ($plan): bool {
            /** @var class-string $class */
            return [] !==
                $this->em
                    ->createQueryBuilder()
                    ->select('x.id')
                    ->from($class, 'x')
                    ->where("x.$field > :at OR (x.$field = :at AND x.id > :id)")
                    ->setParameter('at', $plan->at, 'instant')
                    ->setParameter('id', $plan->id, 'uuid')
                    ->setMaxResults(1)
                    ->getQuery()
                    ->getScalarResult();
        };

        return array_values(
            array_filter(
                [
                    $newer(ForecastRow::class, 'at') ? 'the forecast is newer' : '',
                    $newer(LogRow::class, 'writtenAt') ? 'the record has gone on' : '',
                    $newer(RouteRow::class, 'createdAt') ? 'a route has changed' : '',
                    $this->awaitsOtherwise($plan) ? 'another day is said for what is ordered' : '',
                ],
                static fn(string $reason): bool => '' !== $reason,
            ),
        );
    }

    /** A line of a register written since the plan says when something comes. */
    private function awaitsOtherwise(PlanRow $plan): bool
    {
        $written = $this->em
            ->createQueryBuilder()
            ->select('t')
            ->from(TagRow::class, 't')
            ->where('t.at > :at')
            ->setParameter('at', $plan->at, 'instant')
            ->getQuery()
            ->getResult();
        foreach (is_array($written) ? $written : [] as $row) {
            $items = $row instanceof TagRow ? $row->written['items'] ?? [] : [];
            if ([] !== array_column(is_array($items) ? $items : [], 'expected')) {
                return true;
            }
        }

        return false;
    }

    /** @return array<int|string, PreviousPlacement> where the latest plan has everything */
    private function kept(): array
    {
        $kept = [];
        foreach (PlanDocument::of($this->latest())->work as $w) {
            $kept[$w->id] = $w->previous();
        }

        return $kept;
    }

    /**
     * When paint that the store has not even enough of for one coat can be here.
     *
     * @return array<int|string, float> hour by key of the shade
     */
    private function deliveries(Workshop $workshop): array
    {
        $suppliers = TinLedger::suppliers($workshop);
        $seller = Supplier::of($suppliers, Supplier::PAINT);
        if (null === $seller) {
            return [];
        }
        $now = $this->clock->now();
        $stores = new Inventory($this->store->lots(), $now, $suppliers, []);
        $here = [];
        foreach (array_merge([], ...array_column($this->stock->byJob($this->whole->jobs()), 'coats')) as $coat) {
            if ($stores->stock($coat->shade->key())->missing($coat->paint, $now)->value() > 0.0) {
                $here[$coat->shade->key()] = Instant::hour(
                    $now->modify(sprintf('+%d days', $seller->leadDays))->setTime(12, 0),
                );
            }
        }

        return $here;
    }

    private static function hour(\DateTimeImmutable $at): float
    {
        return Instant::hour($at);
    }
}
