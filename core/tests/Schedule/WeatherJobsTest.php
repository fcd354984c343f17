<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Bench\Replay;
use Hull\Bench\Replayed;
use Hull\Bench\Workpiece;
use Hull\Board\JobPlan;
use Hull\Climate\Air;
use Hull\Climate\Forecast;
use Hull\Climate\PlaceAir;
use Hull\Climate\Weather;
use Hull\Input\Node;
use Hull\Job\EntryKind;
use Hull\Job\LogEntry;
use Hull\Job\Place;
use Hull\JobFile\JobReader;
use Hull\Quantity\Irradiance;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Speed;
use Hull\Quantity\Temperature;
use Hull\Schedule\Calendar\Crew;
use Hull\Schedule\Constraint\Airs;
use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Explaining\AlonePart;
use Hull\Schedule\Explaining\HalfMonth;
use Hull\Schedule\Explaining\Remedies;
use Hull\Schedule\Explaining\Remedy;
use Hull\Schedule\Explaining\UsualYear;
use Hull\Schedule\Placing\Schedule;
use Hull\Schedule\Reading\Planning;
use Hull\Schedule\Search\Scheduler;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** Jobs that hang on the weather, each a file in core/tests/weather with days of its own. */
final class WeatherJobsTest extends TestCase
{
    private const FROM = RandomYard::MONDAY;

    public function testInAShoweryWeekFilmsWaitForTheRainAndForWhatItWetted(): void
    {
        $rains = static fn(int $hour): bool => $hour < 72 && $hour % 8 < 2;
        $schedule = self::scheduled('showery-week', self::days(16.0, $rains));
        $coats = self::of($schedule, 'apply-coat');
        self::assertNotSame([], $coats);
        foreach ($coats as $coat) {
            for ($hour = (int) floor($coat->start - self::FROM); $hour < $coat->end - self::FROM; ++$hour) {
                self::assertFalse($rains($hour), 'no coat in the rain');
            }
            self::assertFalse($rains((int) floor($coat->start - self::FROM) - 1), 'nor on what it wetted');
        }
        $last = self::of($schedule, 'final-wipe')[0] ?? self::fail('not wiped');
        self::assertLessThan(1.0, $coats[0]->start - $last->end, 'wiped just before');
        $dry = self::scheduled('showery-week', self::days(16.0));
        self::assertLessThan($coats[0]->start, self::of($dry, 'apply-coat')[0]->start, 'it is the rain that holds it');
    }

    public function testOnAHotAfternoonTheWindowClosesSoonerAndSoonestOnADarkPart(): void
    {
        $closes = static function (string $tone, float $sun): float {
            $piece = self::piece('hot-afternoon', ['in_sun' => $tone]);
            $coat = array_values(array_filter($piece->route()->steps, static fn($s) => 'apply-coat' === $s->step))[0];
            $laid = [self::line(EntryKind::Finish, $coat->key, 12)];
            $air = self::air($piece, self::days(28.0, sun: $sun));
            $done = self::replay($piece, $laid, 13, $air);

            return ($done->coats[0]->closesAt ?? self::fail('no window')) - self::FROM;
        };
        $shade = $closes('dark', 0.0);
        self::assertGreaterThan($closes('light', 900.0), $shade);
        self::assertGreaterThan($closes('dark', 900.0), $closes('light', 900.0));
        self::assertGreaterThan(12.0, $closes('dark', 900.0));
    }

    public function testInAColdGarageNothingIsStrippedAndTheColdIsNamed(): void
    {
        $schedule = self::scheduled('january-garage', self::days(-1.0));
        self::assertSame([], self::of($schedule, 'apply-coat'));
        self::assertSame([], self::of($schedule, 'strip-discs'));
        $lost = array_values(array_filter($schedule->lost(), static fn($l): bool => $l->bares));
        self::assertStringContainsString('colder than the sheet allows', (string) ($lost[0]->says ?? ''));
    }

    public function testOilLoggedAtNoonIsNotHandedOverBeforeItHasCrept(): void
    {
        $piece = self::piece('rust-oil');
        [$seen, $oil] = $piece->route()->steps;
        self::assertSame(['photograph', 'rust-oil'], [$seen->step, $oil->step]);
        $log = [self::line(EntryKind::Finish, $seen->key, 11), self::line(EntryKind::Finish, $oil->key, 12)];
        $schedule = self::plan($piece, self::days(16.0), $log, 13);
        $over = self::of($schedule, 'hand-over')[0] ?? self::fail('never handed over');
        self::assertGreaterThanOrEqual(12.0 + 24.0, $over->start - self::FROM);
    }

    public function testARoofCoatKeepsTheHoursUntilRainDoesItNoHarm(): void
    {
        $rains = static fn(int $hour): bool => in_array($hour, [36, 37, 38], true);
        $on = static fn(Schedule $s): float => (self::of($s, 'apply-coat')[0] ?? self::fail('no coat'))->end -
            self::FROM;
        $safe = $on(self::scheduled('roof-coat', self::days(18.0, $rains)));
        self::assertGreaterThan(39.0, $safe, 'two hours before the rain are not enough');
        $dry = $on(self::scheduled('roof-coat', self::days(18.0)));
        self::assertLessThan(36.0, $dry, 'without rain it is on by then');
    }

    public function testGelWhitensForItsHoursAndComesOffWithinADayAndCostsNoMakingGood(): void
    {
        $schedule = self::scheduled('yellowed-shelf', self::days(18.0));
        self::assertSame([], $schedule->unplaced);
        self::assertSame(0.0, $schedule->score->rework);
        $gels = self::of($schedule, 'whiten-peroxide');
        self::assertNotSame([], $gels);
        foreach ($gels as $n => $gel) {
            $on = self::of($schedule, 'rinse')[$n]->start - $gel->end;
            self::assertGreaterThanOrEqual(12.0 - 0.01, $on);
            self::assertLessThanOrEqual(24.0 + 0.02, $on);
        }
    }

    public function testGelThatIsOnForTooLongByTheRecordStillComesOff(): void
    {
        $piece = self::piece('yellowed-shelf');
        $steps = array_column($piece->route()->steps, 'step');
        $log = [];
        foreach (
            array_slice($piece->route()->steps, 0, 1 + (int) array_search('whiten-peroxide', $steps, true))
            as $step
        ) {
            $log[] = self::line(EntryKind::Finish, $step->key, 8);
        }
        $schedule = self::plan($piece, self::days(18.0), $log, 56);
        self::assertSame([], $schedule->unplaced);
        self::assertLessThan(56.0 + 24.0, self::of($schedule, 'rinse')[0]->start - self::FROM);
    }

    public function testASkinIsNotCutOpenWhereWhatClosesItHasNoHour(): void
    {
        $cold = self::scheduled('soft-floor', self::days(3.0));
        self::assertSame([], [...self::of($cold, 'open-core'), ...self::of($cold, 'laminate-epoxy')]);
        self::assertTrue($cold->lost()[0]->bares ?? false);
        $warm = self::scheduled('soft-floor', self::days(18.0));
        self::assertNotSame([], self::of($warm, 'open-core'));
        self::assertNotSame([], self::of($warm, 'laminate-epoxy'));
    }

    public function testWhereItRainsWheneverSomebodyWorksACoverHelps(): void
    {
        $piece = self::piece('showery-week');
        $byDay = static fn(int $hour): bool => $hour % 24 > 5 && $hour % 24 < 20;
        $rainy = self::days(16.0, $byDay);
        $air = self::air(
            $piece,
            array_merge(...array_fill(0, (int) ceil((24 * Planning::DAYS) / count($rainy)), $rainy)),
        );
        $airs = new Airs(['there' => $air]);
        $alone = new AlonePart('it', self::replay($piece, [], 0, $air), Crew::usual('Rowan'), new \DateTimeZone('UTC'));
        $lost = (new Scheduler(1))->plan($alone->yard($piece, 'there', $airs, self::FROM))->lost()[0];
        $remedies = new Remedies(
            airs: $airs,
            places: ['there' => $piece->place],
            alone: $alone,
            air: static fn(Place $place): PlaceAir => self::air($piece->in($place), self::days(16.0)),
            now: self::FROM,
        );
        $found = $remedies->of($piece, 'there', $lost, []);
        self::assertSame([Remedy::COVER], array_map(static fn(Remedy $r): string => $r->how, $found));
        self::assertSame('Put a cover up over it (tent or gazebo)', (string) $found[0]->words('There'));
        self::assertGreaterThan($found[0]->opens, $found[0]->finish);
    }

    public function testWhereItIsDarkWheneverSomebodyWorksLampsHelp(): void
    {
        $piece = self::piece('showery-week');
        $sunny = static fn(Place $place): PlaceAir => self::air($piece->in($place), self::days(16.0, sun: 500.0));
        $airs = new Airs(['there' => $sunny($piece->place)]);
        $hours = array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri'], ['19:00-22:00']);
        $evenings = Crew::read(Node::root(['people' => [['name' => 'Rowan', 'hours' => $hours]]]));
        $alone = new AlonePart(
            'it',
            self::replay($piece, [], 0, $airs->at('there')),
            $evenings,
            new \DateTimeZone('UTC'),
        );
        $lost = (new Scheduler(1))->plan($alone->yard($piece, 'there', $airs, self::FROM))->lost()[0];
        self::assertSame('in every working hour it is dark outdoors', (string) $lost->says);
        $remedies = new Remedies(
            airs: $airs,
            places: ['there' => $piece->place],
            alone: $alone,
            air: $sunny,
            now: self::FROM,
        );
        $found = $remedies->of($piece, 'there', $lost, []);
        $words = array_map(static fn(Remedy $r): string => (string) $r->words('There'), $found);
        self::assertContains('Put lamps up there (outdoors, with lamps)', $words);
    }

    #[Group('slow')]
    public function testAFrameInAnUnheatedShedWaitsForSpringAndLessLongWhereItIsWarmer(): void
    {
        $year = static function (string $climate): array {
            $piece = self::piece('january-garage');
            $air = self::air($piece, self::days(2.0));
            $alone = new AlonePart(
                'it',
                self::replay($piece, [], 0, $air),
                Crew::usual('Rowan'),
                new \DateTimeZone('UTC'),
            );
            $now = (float) gmmktime(9, 0, 0, 1, 5, 2026) / 3600.0;
            $usual = new UsualYear(
                Yard::catalogue()->season($climate),
                Yard::catalogue(),
                new Airs(['there' => $air]),
                0,
                $now,
            );

            return [
                $usual->of($alone, $piece, 'there'),
                static fn(string $cause): ?Remedy => $usual->first($alone, $piece, 'there', $cause),
            ];
        };
        [$halves, $first] = $year('temperate-inland');
        self::assertCount(24, $halves);
        $days = array_map(static fn(HalfMonth $h): string => gmdate('j M', (int) ($h->from * 3600)), $halves);
        self::assertSame(['1 Jan', '16 Jan', '1 Feb'], array_slice($days, 0, 3));
        self::assertSame('16 Dec', $days[23]);
        foreach ($halves as $half) {
            self::assertSame(0.0, fmod($half->from, 24.0), 'it begins at midnight');
        }
        $open = array_combine($days, array_map(static fn(HalfMonth $h): bool => $h->isOpen(), $halves));
        self::assertFalse($open['1 Jan']);
        self::assertFalse($open['16 Jan']);
        self::assertTrue($open['1 Jul']);
        foreach ($halves as $half) {
            self::assertSame($half->isOpen(), null !== $half->finish);
            self::assertGreaterThanOrEqual($half->from, $half->opens ?? \INF);
            self::assertGreaterThan($half->opens ?? 0.0, $half->finish ?? \INF);
        }
        $spring = array_search(true, $open, true);
        $coat = Yard::catalogue()->coat;
        $step = array_values(
            array_filter(self::piece('january-garage')->route()->steps, static fn($s): bool => $coat === $s->step),
        )[0];
        $waits = $first('it/' . $step->key) ?? self::fail('never');
        self::assertSame(
            [Remedy::WAIT, $spring],
            [$waits->how, (new \DateTimeImmutable((string) $waits->what))->format('j M')],
        );
        $warm = array_map(static fn(HalfMonth $h): bool => $h->isOpen(), $year('warm-humid')[0]);
        self::assertGreaterThan(count(array_filter($open)), count(array_filter($warm)));
    }

    /**
     * @param \Closure(int): bool|null $rains by hour
     *
     * @return list<Weather>
     */
    private static function days(float $mean, ?\Closure $rains = null, float $sun = 0.0): array
    {
        $hours = [];
        for ($h = 0; $h < 24 * 14; ++$h) {
            $day = sin(((($h % 24) - 9) / 24) * 2 * \M_PI);
            $wet = null !== $rains && $rains($h);
            $hours[] = Weather::of(
                Air::of(
                    Temperature::celsius($mean + 5.0 * $day),
                    RelativeHumidity::percent($wet ? 92.0 : 55.0 - 10.0 * $day),
                ),
                Speed::metresPerSecond(2.0),
                $wet ? 1.0 : 0.0,
                Irradiance::wattsPerM2($sun * max(0.0, sin((\M_PI * (($h % 24) - 6)) / 12))),
            );
        }

        return $hours;
    }

    /** @param array<string, string> $change of the part */
    private static function piece(string $file, array $change = []): Workpiece
    {
        $read = json_decode(
            (string) file_get_contents(__DIR__ . '/../weather/' . $file . '.json'),
            true,
            512,
            \JSON_THROW_ON_ERROR,
        );
        self::assertIsArray($read);
        self::assertIsArray($read['parts']);
        self::assertIsArray($read['parts'][0]);
        $read['parts'][0] = [...$read['parts'][0], ...$change];
        $plan = JobPlan::of(Yard::catalogue(), (new JobReader(Yard::catalogue()))->job(Node::root($read)));

        return $plan->pieces['it']->routed($plan->routes['it']);
    }

    /** @param list<Weather> $days */
    private static function air(Workpiece $piece, array $days): PlaceAir
    {
        return PlaceAir::of(
            Yard::catalogue()->places[$piece->place->kind],
            $piece->place->air,
            Forecast::of((int) self::FROM, $days, 'made up'),
            [],
            (int) self::FROM,
            24 * Planning::DAYS,
        );
    }

    /** @param list<Weather> $days */
    private static function scheduled(string $file, array $days): Schedule
    {
        return self::plan(self::piece($file), $days);
    }

    /**
     * @param list<Weather> $days
     * @param list<LogEntry> $log
     */
    private static function plan(Workpiece $piece, array $days, array $log = [], int $now = 0): Schedule
    {
        $air = self::air($piece, $days);
        $yard = Planning::yard(
            pieces: ['it' => $piece],
            done: ['it' => self::replay($piece, $log, $now, $air)],
            places: ['it' => 'there'],
            airs: new Airs(['there' => $air]),
            crew: Crew::usual('Rowan'),
            zone: new \DateTimeZone('UTC'),
            now: self::FROM + $now,
        );

        return (new Scheduler(40))->plan($yard);
    }

    /** @param list<LogEntry> $log */
    private static function replay(Workpiece $piece, array $log, int $now, PlaceAir $air): Replayed
    {
        $replay = new Replay($piece->context);

        return $replay->to($piece->surveyed, $piece->route(), $log, self::FROM + $now, $air->series());
    }

    private static function line(EntryKind $kind, string $step, int $hour): LogEntry
    {
        return new LogEntry(
            id: $step,
            kind: $kind,
            stepKey: $step,
            at: new \DateTimeImmutable('@' . (int) ((self::FROM + $hour) * 3600)),
            air: null,
            note: '',
            corrects: null,
        );
    }

    /** @return list<Placement> in order of time */
    private static function of(Schedule $schedule, string $step): array
    {
        $found = array_values(
            array_filter(
                $schedule->placed,
                static fn(Placement $p): bool => $step === $schedule->yard->activity($p->id)->step,
            ),
        );
        usort($found, static fn(Placement $a, Placement $b): int => $a->start <=> $b->start);

        return $found;
    }
}
