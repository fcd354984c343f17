<?php

declare(strict_types=1);

namespace Judge\Tests;

use Hull\Bench\Workpiece;
use Hull\Board\JobPlan;
use Hull\Catalog\Catalogue;
use Hull\Climate\Air;
use Hull\Climate\Forecast;
use Hull\Climate\PlaceAir;
use Hull\Climate\Weather;
use Hull\Input\Node;
use Hull\Job\EntryKind;
use Hull\Job\LogEntry;
use Hull\Job\Part;
use Hull\Job\Route;
use Hull\Piece\Hanging;
use Hull\Piece\Precedences;
use Hull\Piece\Whereabouts;
use Hull\Quantity\Instant;
use Hull\Quantity\Interval;
use Hull\Quantity\Irradiance;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Speed;
use Hull\Quantity\Temperature;
use Hull\Schedule\Calendar\Crew;
use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Airs;
use Hull\Schedule\Constraint\Blocks;
use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Constraint\PreviousPlacement;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\Aim;
use Hull\Schedule\Placing\Schedule;
use Hull\Schedule\Reading\LivedAir;
use Hull\Schedule\Reading\Planning;
use Hull\Schedule\Replanning\Replan;
use Hull\Schedule\Search\LowerBound;
use Hull\Schedule\Search\PriorityList;
use Hull\Schedule\Search\Repacking;
use Hull\Schedule\Search\Scheduler;
use Hull\Schedule\Search\Tails;
use Hull\Schedule\Search\Trials;
use Hull\Tests\Draw;
use Judge\Sky;
use Judge\Stint;
use Judge\Timetable;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Made-up yards by number: a piece of several parts, in frost, heat or rain, with one to three people. */
final readonly class MadeYards
{
    /** 14 May 2026, 08:00 UTC. */
    public const NOW = 494_096;
    private const DAYS = 50;
    /** Between the last entry in the record and planning anew. */
    private const AFTER_H = 0.01;
    /** A cold spell: by so many degrees, for so long. */
    private const SPELL = 7.0;
    private const SPELL_H = 48;
    /** When it is known that somebody will be away. */
    private const AWAY_KNOWN_H = 4.0;
    private const PLACES = [
        ['id' => 'yard', 'name' => 'Yard', 'kind' => 'outdoors', 'temperature' => '12 C', 'humidity' => '70 %'],
        ['id' => 'tent', 'name' => 'Tent', 'kind' => 'tent', 'temperature' => '12 C', 'humidity' => '70 %'],
        ['id' => 'shed', 'name' => 'Shed', 'kind' => 'unheated-shed', 'temperature' => '10 C', 'humidity' => '75 %'],
        ['id' => 'bay', 'name' => 'Bay', 'kind' => 'heated-bay', 'temperature' => '17 C', 'humidity' => '55 %'],
    ];
    private const SEASONS = ['frost' => 0.0, 'cold' => 5.0, 'spring' => 11.0, 'summer' => 18.0, 'heat' => 27.0];
    private const RAINS = ['none' => 0, 'showers' => 1, 'rain days' => 2, 'wet week' => 3];

    /**
     * @param bool $inShade planned as if the sun never shone, judged in the sun that there is
     * @param bool $loose planned as if nothing hung on anything
     */
    public function __construct(
        private Catalogue $catalogue,
        private bool $inShade = false,
        private bool $loose = false,
    ) {}

    /** @return array{Yard, Timetable} */
    public function timed(int $number, int $tries = 3): array
    {
        [$yard, $days] = $this->yard($number);

        return [$yard, self::table((new Scheduler($tries))->plan($yard), $days)];
    }

    /**
     * The same, packed more densely where all of it has room: so much is put in again as it takes to place it so often.
     *
     * @return array{Yard, Timetable, bool} and whether it ends sooner now
     */
    public function packed(int $number, int $times = 6): array
    {
        [$yard, $days] = $this->yard($number);
        $tails = Tails::of($yard);
        $trials = new Trials(
            yard: $yard,
            blocks: Blocks::of($yard),
            tries: 1 + $times,
            aim: new Aim(LowerBound::of($yard), $tails),
        );
        $first = $trials->tried(new PriorityList([]));
        if ([] === $first->unplaced) {
            (new Repacking($trials, new Randomizer(new Mt19937($number)), $first))->over($times);
        }
        $sooner = $trials->best()->finish() < $first->finish() - Interval::SAME;

        return [$yard, self::table($trials->best(), $days), $sooner];
    }

    /**
     * The same yard when some of the first timetable has been done and written down, scheduled again: what was done and
     * what is planned now.
     *
     * @param bool $forgetful nobody minds what lies beside it and is done
     * @param bool $keeping so that as little as can be moves
     *
     * @return array{Yard, Timetable}
     */
    public function resumed(int $number, int $tries = 3, bool $forgetful = false, bool $keeping = false): array
    {
        [$yard, $days] = $this->yard($number);
        $first = (new Scheduler($tries))->plan($yard);
        $now = self::midway(new Draw('later ' . $number), $first);
        $logs = $past = [];
        foreach (array_merge([], ...array_values($yard->chains)) as $id) {
            $placed = $first->placed[$id] ?? null;
            if (null === $placed || $placed->start > $now) {
                continue;
            }
            $activity = $yard->activity($id);
            $key = substr($id, strlen($activity->part) + 1);
            $logs[$activity->part][] = self::entry(EntryKind::Start, $key, $placed->start);
            if ($placed->end <= $now) {
                $logs[$activity->part][] = self::entry(EntryKind::Finish, $key, $placed->end);
                $past[$activity->part][] = self::stint($activity, $placed);
            }
        }
        [$later, $days] = $this->yard($number, $now, $logs);
        $later = $forgetful ? self::forgetting($later) : $later;
        $again = $keeping ? self::again($later, $first, $tries) : (new Scheduler($tries))->plan($later);
        $table = self::table($again, $days, $first->placed);
        $stints = $table->stints;
        foreach ($past as $part => $done) {
            $stints[$part] = [...$done, ...$stints[$part] ?? []];
        }

        return [$later, $days->of($stints, $table->undone, $table->manned)];
    }

    /**
     * The same yard when a cold spell comes, or somebody is away for three days, or both, scheduled again so that as
     * little as can be moves.
     *
     * @return array{Yard, Timetable}
     */
    public function changed(int $number, int $tries = 3): array
    {
        [$yard] = $this->yard($number);
        $first = (new Scheduler($tries))->plan($yard);
        [$later, $days] = $this->yard($number, colder: 0 === $number % 3 ? 0.0 : self::SPELL);
        $later = 1 === $number % 3 ? $later : self::oneAway($later);

        return [$later, self::table(self::again($later, $first, $tries), $days)];
    }

    private static function again(Yard $yard, Schedule $first, int $tries): Schedule
    {
        $before = array_map(PreviousPlacement::of(...), $first->placed);

        return Replan::of($yard, $before, new Scheduler($tries))->schedule;
    }

    /** The first of them is ill from the second day on, for three days. */
    public static function oneAway(Yard $yard): Yard
    {
        $people = $yard->people;
        $people[0] = Person::of(
            $people[0]->name,
            array_values(
                array_filter(
                    $people[0]->work->spans,
                    static fn(Interval $w): bool => $w->to < $yard->now + 24.0 || $w->from > $yard->now + 96.0,
                ),
            ),
        );

        return $yard->with($people, $yard->now + self::AWAY_KNOWN_H);
    }

    /**
     * @param array<int|string, list<LogEntry>> $logs by part
     * @param float $colder the first two days by so much, degrees C
     *
     * @return array{Yard, Timetable} with the days as they come, without work in them
     */
    public function yard(int $number, float $at = self::NOW, array $logs = [], float $colder = 0.0): array
    {
        $draw = new Draw('yard ' . $number);
        $job = (new MadePieces($this->catalogue, self::PLACES))->job($number);
        $plan = JobPlan::of($this->catalogue, $job);
        $outside = self::weather($draw, $colder);
        $sun = array_map(static fn(Weather $w): float => $w->sun->wPerM2(), $outside->hours);
        $wind = array_map(static fn(Weather $w): float => $w->wind->mPerS(), $outside->hours);
        $pieces = $places = $air = $skies = $lags = $tones = $heavy = [];
        foreach ($plan->routes as $id => $route) {
            $piece = $plan->pieces[$id]->routed($route, $logs[$id] ?? []);
            $kind = $this->catalogue->places[$piece->place->kind];
            $pieces[$id] = $piece;
            $places[$id] = $piece->place->id;
            $lags[$id] = $piece->context->warmth()->tauHours;
            $tones[$id] = $piece->part->tone;
            $heavy = null === $piece->part->room?->weight ? $heavy : [...$heavy, (string) $id];
            $air[$piece->place->id] ??= PlaceAir::of(
                $kind,
                $piece->place->air,
                $this->inShade ? self::clouded($outside) : $outside,
                [],
                self::NOW,
                24 * self::DAYS,
            );
            $here = $air[$piece->place->id];
            $skies[$piece->place->id] = new Sky(
                from: self::NOW,
                celsius: $here->celsius,
                humidity: $here->humidity,
                rain: $here->rain,
                outdoors: !$kind->sheltered,
                sun: $kind->sheltered ? [] : $sun,
                wind: $kind->sheltered ? [] : $wind,
            );
        }
        $airs = new Airs($air);
        $done = $left = [];
        $hanging = $this->loose ? [] : Hanging::all($pieces, $places);
        foreach ($pieces as $id => $piece) {
            $where = new Whereabouts($piece, $places[$id], $hanging[$id] ?? null);
            $done[$id] = $piece->replay(Instant::at($at), LivedAir::of($piece, $where, $airs)->series());
            $left[$id] = Route::of(Workpiece::remaining($piece->route(), $done[$id]));
        }
        $parts = array_map(static fn(Workpiece $p): Part => $p->part, $pieces);

        return [
            Planning::yard(
                pieces: $pieces,
                done: $done,
                places: $places,
                airs: $airs,
                crew: self::crew($draw),
                zone: new \DateTimeZone('UTC'),
                now: $at,
                hanging: $hanging,
                precedences: Precedences::of($this->catalogue, $parts, $left),
            ),
            new Timetable(
                stints: [],
                undone: [],
                skies: $skies,
                lags: $lags,
                tones: $tones,
                heavy: $heavy,
                homes: $places,
                hangs: self::hanging($parts),
            ),
        ];
    }

    /**
     * @param array<int|string, Part> $parts
     *
     * @return array<int|string, array{string, bool}> by part what it comes off; glued or pressed in
     */
    private static function hanging(array $parts): array
    {
        $hangs = [];
        foreach ($parts as $id => $part) {
            foreach ($part->links as $link) {
                if ($link->comesOff() && isset($parts[$link->to])) {
                    $hangs[$id] ??= [$link->to, $link->as->isFitted()];
                }
            }
        }

        return $hangs;
    }

    /**
     * @param Timetable $days without work in them
     * @param array<int|string, Placement> $before where what is under way was planned
     */
    public static function table(Schedule $schedule, Timetable $days, array $before = []): Timetable
    {
        $stints = $undone = [];
        foreach ($schedule->placed as $id => $placed) {
            $activity = $schedule->yard->activity($id);
            $stints[$activity->part][] = self::stint($activity, $placed, $before[$id] ?? null);
        }
        foreach ($schedule->yard->chains as $part => $ids) {
            foreach ($ids as $id) {
                if (isset($schedule->unplaced[$id])) {
                    $undone[$part][] = $schedule->yard->activity($id)->step;
                }
            }
        }

        return $days->of($stints, $undone, self::manned($schedule->yard));
    }

    /** @return list<array{float, float}> from when to when anybody is at work */
    private static function manned(Yard $yard): array
    {
        $spans = array_merge([], ...array_map(static fn(Person $p): array => $p->work->spans, $yard->people));

        return array_map(static fn(Interval $i): array => [$i->from, $i->to], Interval::joined($spans));
    }

    private static function forgetting(Yard $yard): Yard
    {
        return new Yard(
            now: $yard->now,
            end: $yard->end,
            work: array_values($yard->activities),
            people: $yard->people,
            floors: $yard->floors,
            gear: $yard->gear,
            dues: $yard->dues,
            objective: $yard->objective,
        );
    }

    /** Some minutes after something is done, in the first half of it all. */
    private static function midway(Draw $draw, Schedule $schedule): float
    {
        $ends = array_values(array_map(static fn(Placement $p): float => $p->end, $schedule->placed));
        sort($ends);
        $early = array_slice($ends, 0, intdiv(count($ends), 2));

        return self::AFTER_H + ([] === $early ? (float) self::NOW : $early[(int) $draw->pick('when', $early)]);
    }

    private static function stint(Activity $activity, Placement $placed, ?Placement $before = null): Stint
    {
        // Who began what is under way is in no record.
        $whoever = null === $activity->fixed || 0 === $activity->people ? [] : range(1, $activity->people);
        $whoever = array_map(static fn(int $n): string => sprintf('%d. who began %s', $n, $activity->id), $whoever);

        return new Stint(
            part: $activity->part,
            step: $activity->step,
            product: $activity->product,
            place: $activity->place,
            from: $placed->start,
            to: $placed->end,
            who: [] === $whoever ? $placed->who : $whoever,
            late: $placed->late || (null !== $activity->fixed && true === $before?->late),
            rework: null === $activity->fixed ? $placed->rework : $before->rework ?? 0.0,
        );
    }

    private static function entry(EntryKind $kind, string $step, float $hour): LogEntry
    {
        return new LogEntry(
            id: $kind->value . $step,
            kind: $kind,
            stepKey: $step,
            at: Instant::at($hour),
            air: null,
            note: '',
            corrects: null,
        );
    }

    /** The same weather without its sun. */
    private static function clouded(Forecast $weather): Forecast
    {
        return Forecast::of(
            $weather->from,
            array_map(static fn(Weather $w): Weather => $w->inAir($w->air, false), $weather->hours),
            $weather->source,
        );
    }

    private static function weather(Draw $draw, float $colder): Forecast
    {
        $base = self::SEASONS[$draw->pick('season', self::SEASONS)];
        $rain = self::RAINS[$draw->pick('rain', self::RAINS)];
        $hours = [];
        for ($h = 0; $h < 24 * self::DAYS; ++$h) {
            $day = intdiv($h, 24);
            $swing = sin(((($h + 8) % 24) / 24 - 0.375) * 2 * \M_PI);
            $spell = $draw->chance("spell of $day", 5) ? -4.0 : 0.0;
            $wets = match ($rain) {
                0 => false,
                1 => $draw->chance("shower $h", 14),
                2 => $draw->chance("rain on $day", 3) && $draw->chance("hour $h", 2),
                default => $day % 14 < 7 && $draw->chance("hour $h", 3),
            };
            $c = $base + $spell + 5.0 * $swing - ($h < self::SPELL_H ? $colder : 0.0);
            $height = max(0.0, sin((\M_PI * ((($h + 8) % 24) - 6)) / 12));
            $clear = $wets ? 0.1 : ($draw->chance("clear on $day", 3) ? 1.0 : 0.3);
            $hours[] = Weather::of(
                Air::of(
                    Temperature::celsius($c),
                    RelativeHumidity::percent($wets ? 94.0 : max(30.0, min(97.0, 70.0 - 18.0 * $swing))),
                ),
                Speed::metresPerSecond($draw->chance("wind $h", 9) ? 6.0 : 2.0),
                $wets ? 1.2 : 0.0,
                Irradiance::wattsPerM2(($base < 5.0 ? 350.0 : 900.0) * $clear * $height),
            );
        }

        return Forecast::of(self::NOW, $hours, 'made up');
    }

    private static function crew(Draw $draw): Crew
    {
        $week = static fn(string ...$spans): array => array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri'], $spans);
        $days = $week('8:00-12:30', '13:00-17:00');
        $evenings = [...$week('18:00-21:30'), 'sat' => ['9:00-17:30']];
        $crews = [
            'two' => [['Ines', $days], ['Pell', $days]],
            'three' => [['Ines', $days], ['Pell', $days], ['Odd', $evenings]],
            'hobby' => [['Wren', $evenings]],
            'one' => [['Ines', [...$days, 'sat' => ['9:00-13:00']]]],
        ];

        return Crew::read(
            Node::root([
                'people' => array_map(
                    static fn(array $p): array => ['name' => $p[0], 'hours' => $p[1]],
                    $crews[$draw->pick('crew', $crews)],
                ),
            ]),
        );
    }
}
