<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Bench\Workpiece;
use Hull\Board\JobPlan;
use Hull\Climate\Air;
use Hull\Climate\Forecast;
use Hull\Climate\PlaceAir;
use Hull\Climate\Weather;
use Hull\Input\Node;
use Hull\Job\EntryKind;
use Hull\Job\ItemState;
use Hull\Job\Job;
use Hull\Job\LogEntry;
use Hull\Job\Part;
use Hull\Job\Tag;
use Hull\Job\TaggedItem;
use Hull\Job\TagKind;
use Hull\JobFile\JobReader;
use Hull\Piece\Register;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Speed;
use Hull\Quantity\Temperature;
use Hull\Route\Finding;
use Hull\Route\Surroundings;
use Hull\Schedule\Calendar\Crew;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Airs;
use Hull\Schedule\Constraint\WhyKind;
use Hull\Schedule\Placing\Schedule;
use Hull\Schedule\Reading\Planning;
use Hull\Schedule\Search\Scheduler;
use Hull\Tests\Yard as Catalogue;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * From the demo's surveys to a schedule, and back through the engine: what is planned for an hour may be done in it.
 */
final class PlanningTest extends TestCase
{
    private const NOW = RandomYard::MONDAY + 9.0;

    public function testWhatIsLeftForAnotherDayIsNotBegunBeforeIt(): void
    {
        $day = self::at(self::NOW + 24.0 * 9)->format('Y-m-d');
        [$job, $airs] = self::job('2-dodgem', 16.0, ['bumper' => $day]);
        [$schedule] = self::plan($job, $airs);
        $begun = [];
        foreach ($schedule->placed as $id => $placed) {
            $part = $schedule->yard->activity($id)->part;
            $begun[$part] = min($begun[$part] ?? \INF, $placed->start);
        }
        $midnight = (float) (new \DateTimeImmutable($day . ' UTC'))->format('U') / 3600.0;
        self::assertGreaterThanOrEqual($midnight, $begun['bumper']);
        self::assertLessThan($midnight, $begun['chassis']);
    }

    public function testWhatIsOrderedIsWaitedFor(): void
    {
        $day = self::at(self::NOW + 24.0 * 30)->format('Y-m-d');
        [$job, $airs] = self::job('2-dodgem', 16.0);
        $part = $job->parts[0]->id;
        $item = new TaggedItem('seat', state: ItemState::Ordered, expected: $day);
        $tag = new Tag(
            number: 1,
            kind: TagKind::Off,
            what: 'Seat',
            part: $part,
            itself: null,
            held: 'rack',
            lies: '',
            turn: 1,
            items: [$item],
        );
        [$schedule] = self::plan($job, $airs, registers: [$part => new Register([$tag], $job->parts)]);
        $noon = (float) (new \DateTimeImmutable($day . ' 12:00 UTC'))->format('U') / 3600.0;
        $chain = $schedule->yard->chains[$part];
        $last = $chain[count($chain) - 1];
        self::assertSame('hand-over', $schedule->yard->activity($last)->step);
        self::assertGreaterThanOrEqual($noon, ($schedule->placed[$last] ?? self::fail('no room'))->start);
        self::assertSame('waits for what is ordered: 1 × seat', (string) $schedule->yard->activity($last)->because);
        self::assertLessThan($noon, ($schedule->placed[$chain[0]] ?? self::fail('no room'))->start);
    }

    #[TestWith(['1-hovercraft', 14.0])]
    #[TestWith(['2-dodgem', 16.0])]
    #[TestWith(['3-winch', 19.0])]
    public function testWhatIsPlannedReplaysWithoutAFinding(string $file, float $mean): void
    {
        [$job, $airs] = self::job($file, $mean);
        [$schedule, $pieces] = self::plan($job, $airs);
        self::assertSame([], Validator::faults($schedule));
        $worked = 0;
        foreach ($pieces as $id => $piece) {
            $id = (string) $id;
            $log = [];
            $before = self::NOW;
            foreach ($piece->route()->steps as $n => $step) {
                $placed = $schedule->placed[$id . '/' . $step->key] ?? null;
                if (isset($schedule->unplaced[$id . '/' . $step->key])) {
                    break;
                }
                $log[] = self::entry('s' . $n, EntryKind::Start, $step->key, $placed->start ?? $before);
                $log[] = self::entry('f' . $n, EntryKind::Finish, $step->key, $placed->end ?? $before);
                // A wait is over when what comes after it begins.
                $before = $placed->end ?? $before;
                ++$worked;
            }
            $log = self::withWaitsAtTheirEnd($log, $piece, $schedule, $id);
            $replayed = Workpiece::of(
                Catalogue::catalogue(),
                $piece->part->with($piece->route(), $log),
                $piece->place,
                Surroundings::of(Catalogue::catalogue(), $job, $piece->part),
            )->replay(self::at(self::NOW + 24.0 * 60), $airs->at($piece->place->id)->series());
            $faults = array_map(
                static fn(Finding $f): string => $f->stepName . ': ' . $f->says,
                array_filter(
                    $replayed->findings,
                    // What is made good in a coat is in no log of its own.
                    static fn(Finding $f): bool => !str_contains((string) $f->says, 'no more than') &&
                        0.0 === ($schedule->placed["$id/$f->stepKey"]->rework ?? 0.0),
                ),
            );
            self::assertSame([], array_values($faults), $piece->part->name);
        }
        self::assertGreaterThan(30, $worked);
    }

    public function testTheEngineSaysWhatAFilmAsks(): void
    {
        [$job, $airs] = self::job('3-winch', 19.0);
        [$schedule] = self::plan($job, $airs);
        $coats = array_values(
            array_filter(
                $schedule->yard->activities,
                static fn(Activity $a): bool => $a->isCoat() && 'side-frames' === $a->part,
            ),
        );
        self::assertGreaterThan(1, count($coats));
        self::assertNotSame([], $coats[1]->windows, 'the second coat has the window of the first');
        self::assertSame($coats[0]->id, $coats[1]->windows[0]->from);
        self::assertContains(
            $coats[0]->id,
            array_map(static fn(\Hull\Schedule\Constraint\Lag $l): string => $l->from, $coats[1]->lags),
        );
        $bare = array_merge(
            ...array_map(static fn(Activity $a): array => $a->windows, array_values($schedule->yard->activities)),
        );
        self::assertContains(
            '8 hours of bare metal',
            array_map(static fn(\Hull\Schedule\Constraint\Window $w): string => (string) $w->what, $bare),
        );
    }

    /** Oxalic gel, acid prep and degreaser do not stay on: what takes them off follows within half an hour. */
    #[TestWith(['1-hovercraft', 14.0, 5])]
    #[TestWith(['2-dodgem', 16.0, 1])]
    #[TestWith(['3-winch', 19.0, 1])]
    public function testChemistryIsTakenOffBeforeItDries(string $file, float $mean, int $times): void
    {
        [$job, $airs] = self::job($file, $mean);
        [$schedule] = self::plan($job, $airs);
        $followed = 0;
        foreach ($schedule->yard->activities as $id => $activity) {
            foreach (
                array_filter(
                    $activity->windows,
                    static fn(\Hull\Schedule\Constraint\Window $w): bool => str_contains((string) $w->what, 'dries on'),
                )
                as $window
            ) {
                $from = $schedule->placed[$window->from];
                self::assertStringEndsWith('residue dries on', (string) $window->what);
                self::assertStringStartsWith('the 30 minutes before ', (string) $window->what);
                self::assertSame(0.0, $schedule->placed[$id]->rework, $activity->name);
                self::assertLessThanOrEqual(
                    $window->closes->after($from->end) ?? \INF,
                    $schedule->placed[$id]->start,
                    $activity->name,
                );
                self::assertLessThan(12.0, $schedule->placed[$id]->start - $from->end, $activity->name);
                ++$followed;
            }
        }
        self::assertSame($times, $followed);
    }

    public function testAStepUnderWayStaysAndADeliveryIsWaitedFor(): void
    {
        [$job, $airs] = self::job('3-winch', 19.0);
        $part = $job->parts[0];
        $route = JobPlan::of(Catalogue::catalogue(), $job)->routes[$part->id];
        $begun = new Job($job->name, '', $job->places, [
            $part->with($route, [self::entry('e1', EntryKind::Start, $route->steps[0]->key, self::NOW - 0.1)]),
            ...array_slice($job->parts, 1),
        ]);
        [$schedule] = self::plan($begun, $airs, ['epoxy-primer-2k' => self::NOW + 96.0]);
        $first = $schedule->placed[$part->id . '/' . $route->steps[0]->key];
        self::assertSame([self::NOW - 0.1, WhyKind::Running], [$first->start, $first->why->kind]);
        foreach ($schedule->placed as $id => $placed) {
            if (str_contains($schedule->yard->activity($id)->name, 'Two-pack epoxy primer')) {
                self::assertGreaterThanOrEqual(self::NOW + 96.0 - 1e-6, $placed->start);
            }
        }
    }

    /**
     * @param array<int|string, float> $deliveries
     * @param array<int|string, Register> $registers by part
     *
     * @return array{Schedule, array<int|string, Workpiece>}
     */
    private static function plan(Job $job, Airs $airs, array $deliveries = [], array $registers = []): array
    {
        $plan = JobPlan::of(Catalogue::catalogue(), $job);
        $pieces = $done = $places = [];
        foreach ($plan->routes as $id => $route) {
            $pieces[$id] = $plan->pieces[$id]->routed($route);
            $places[$id] = $pieces[$id]->place->id;
            $done[$id] = $pieces[$id]->replay(self::at(self::NOW), $airs->at($places[$id])->series());
        }
        $yard = Planning::yard(
            pieces: $pieces,
            done: $done,
            places: $places,
            airs: $airs,
            crew: Crew::usual('Rowan'),
            zone: new \DateTimeZone('UTC'),
            now: self::NOW,
            dues: [],
            deliveries: $deliveries,
            registers: $registers,
        );

        return [(new Scheduler(8))->plan($yard), $pieces];
    }

    /**
     * @param array<string, string> $begin day before which nothing is done on a part, by its id
     *
     * @return array{Job, Airs}
     */
    private static function job(string $file, float $mean, array $begin = []): array
    {
        $read = json_decode(
            (string) file_get_contents(__DIR__ . '/../../../demo/' . $file . '.json'),
            true,
            512,
            \JSON_THROW_ON_ERROR,
        );
        self::assertIsArray($read);
        self::assertIsArray($read['parts']);
        $read['parts'] = array_map(static function (mixed $p) use ($begin): array {
            self::assertIsArray($p);
            self::assertIsString($p['id']);

            return [...$p, 'begin' => $begin[$p['id']] ?? null];
        }, $read['parts']);
        $job = (new JobReader(Catalogue::catalogue()))->job(Node::root($read));
        $job = new Job(
            $job->name,
            '',
            $job->places,
            array_map(static fn(Part $p): Part => $p->with(null, []), $job->parts),
        );
        $hours = [];
        for ($h = 0; $h < 24 * 14; ++$h) {
            $day = sin(((($h % 24) - 9) / 24) * 2 * \M_PI);
            $hours[] = Weather::of(
                Air::of(Temperature::celsius($mean + 6.0 * $day), RelativeHumidity::percent(68.0 - 16.0 * $day)),
                Speed::metresPerSecond(2.0),
            );
        }
        $forecast = Forecast::of((int) RandomYard::MONDAY, $hours, 'made up');
        $places = array_map(
            static fn(\Hull\Job\Place $p): PlaceAir => PlaceAir::of(
                Catalogue::catalogue()->places[$p->kind],
                $p->air,
                $forecast,
                [],
                (int) RandomYard::MONDAY,
                24 * 50,
            ),
            $job->places,
        );

        return [$job, new Airs($places)];
    }

    /**
     * @param list<LogEntry> $log
     *
     * @return list<LogEntry>
     */
    private static function withWaitsAtTheirEnd(array $log, Workpiece $piece, Schedule $schedule, string $id): array
    {
        $next = null;
        $moved = [];
        foreach (array_reverse($log) as $entry) {
            $placed = $schedule->placed[$id . '/' . $entry->stepKey] ?? null;
            $moved[] = null === $placed && null !== $next ? $entry->movedTo(self::at($next)) : $entry;
            $next = null !== $placed ? $placed->start : $next;
        }

        return array_reverse($moved);
    }

    private static function entry(string $id, EntryKind $kind, string $step, float $hour): LogEntry
    {
        return new LogEntry(
            id: $id,
            kind: $kind,
            stepKey: $step,
            at: self::at($hour),
            air: null,
            note: '',
            corrects: null,
        );
    }

    private static function at(float $hour): \DateTimeImmutable
    {
        return new \DateTimeImmutable('@' . sprintf('%.6F', $hour * 3600.0));
    }
}
