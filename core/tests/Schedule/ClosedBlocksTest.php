<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Climate\Air;
use Hull\Climate\Forecast;
use Hull\Climate\GateLine;
use Hull\Climate\Heating;
use Hull\Climate\Limits;
use Hull\Climate\PartWarmth;
use Hull\Climate\PlaceAir;
use Hull\Climate\RateLine;
use Hull\Climate\Weather;
use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\Quantity\Area;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;
use Hull\Schedule\Calendar\Objective;
use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Begun;
use Hull\Schedule\Constraint\Lag;
use Hull\Schedule\Constraint\LagTime;
use Hull\Schedule\Constraint\RainFree;
use Hull\Schedule\Constraint\WetFilm;
use Hull\Schedule\Constraint\Window;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Explaining\Remedies;
use Hull\Schedule\Search\Scheduler;
use Hull\Tests\Spans;
use Hull\Tests\Yard as Made;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** Nothing is opened that cannot be closed, and rain and cold close what they close. */
final class ClosedBlocksTest extends TestCase
{
    public function testWhatIsTooLargeToBeClosedInADayIsToBeWorkedInZones(): void
    {
        $bare = new Window('p/strip', LagTime::hours(8.0), '8 hours of bare metal', false, 5.0);
        $work = [
            new Activity('p/strip', 'p', 'Strip', 9.0, 'bay', false, bares: true),
            new Activity('p/mask', 'p', 'mask', 5.0, 'bay', false, forCoat: true),
            new Activity('p/coat', 'p', 'coat', 6.0, 'bay', windows: [$bare], covers: true),
        ];
        $spans = Spans::of([8.0, 18.0], [32.0, 42.0], [56.0, 66.0], [80.0, 90.0]);
        $plan = (new Scheduler(4))->plan(new Yard(8.0, 96.0, $work, [Person::of('one', $spans)]));
        self::assertSame([], $plan->placed);
        self::assertSame(
            'after strip it is 11.0 h of work until it is done, and the longest day has 10.0 h; making good ' .
                'what stood open and doing it then is too long, too: work it as 2 zones, each opened and closed by ' .
                'itself, or a longer day',
            (string) ($plan->unplaced['p/coat'] ?? ''),
        );
    }

    public function testNothingIsStrippedForACoatThatHasNoHourAndTheLimitIsNamed(): void
    {
        $yard = $this->yard([
            new Activity('p/a', 'p', 'photograph', 0.5, 'bay'),
            new Activity('p/strip', 'p', 'strip', 1.0, 'bay', bares: true),
            new Activity('p/mask', 'p', 'mask', 0.5, 'bay'),
            $this->coat('p/coat', self::cold()),
            new Activity('q/a', 'q', 'other work', 1.0, 'bay'),
        ]);
        $schedule = (new Scheduler(4))->plan($yard);
        self::assertEqualsCanonicalizing(['p/a', 'q/a'], array_keys($schedule->placed));
        self::assertSame(
            'coat has no room, and it is not begun without',
            (string) ($schedule->unplaced['p/strip'] ?? ''),
        );
        $lost = $schedule->lost()[0] ?? self::fail('nothing said');
        self::assertSame(['p/coat', true], [$lost->cause, $lost->bares]);
        self::assertSame('in every working hour it is colder than the sheet allows', (string) $lost->says);
    }

    public function testNothingIsMaskedOrKeyedForACoatThatHasNoHour(): void
    {
        $ready = static fn(string $id): Activity => new Activity("p/$id", 'p', $id, 0.5, 'bay', forCoat: true);
        $yard = $this->yard([
            new Activity('p/mend', 'p', 'mend', 0.5, 'bay'),
            $ready('key'),
            new Activity('p/primer', 'p', 'primer', 1.0, 'bay', covers: true),
            $ready('mask'),
            new Activity('p/mark', 'p', 'mark', 0.5, 'bay'),
            $this->coat('p/coat', self::cold()),
            $ready('next'),
        ]);
        $schedule = (new Scheduler(4))->plan($yard);
        self::assertSame(['p/mend', 'p/key', 'p/primer'], array_keys($schedule->placed));
        self::assertSame('what it is done for has no room', $schedule->unplaced['p/mask'] ?? '');
        self::assertSame('what belongs with it has no room', $schedule->unplaced['p/mark'] ?? '');
    }

    public function testWhatIsTakenOutAgainLeavesNoGapAndNoReasonBehind(): void
    {
        $ready = static fn(string $id): Activity => new Activity("p/$id", 'p', $id, 2.0, 'bay', forCoat: true);
        $schedule = (new Scheduler(1))->plan(
            $this->yard([
                new Activity('p/mend', 'p', 'mend', 0.5, 'bay'),
                $ready('key'),
                $ready('mask'),
                $this->coat('p/coat', self::cold()),
                new Activity('q/sand', 'q', 'sand', 0.5, 'bay'),
            ]),
        );
        self::assertSame(['p/mend', 'q/sand'], array_keys($schedule->placed));
        $sand = $schedule->placed['q/sand'];
        self::assertSame(8.5, $sand->start, 'it moves up to where the keying would have been');
        self::assertSame('p/mend', $sand->why->other);
        self::assertSame('what it is done for has no room', $schedule->unplaced['p/key'] ?? '');
    }

    public function testOfAPartThatStopsThatIsSaidWhichComesFirstAndWhoWaitsForIt(): void
    {
        $work = [
            new Activity('p/lift', 'p', 'lift', 0.5, 'bay', people: 3),
            $this->coat('p/coat', self::cold()),
            new Activity('q/hang', 'q', 'hang', 0.5, 'bay', lags: [new Lag('p/coat', LagTime::hours(0.0), 'the coat')]),
            new Activity(
                'r/fit',
                'r',
                'fit',
                0.5,
                'bay',
                lags: [new Lag('q/hang', LagTime::hours(0.0), 'the hanging')],
            ),
        ];
        $said = [];
        foreach ((new Scheduler(4))->plan($this->yard($work))->lost() as $lost) {
            $said[$lost->part] = [$lost->cause, $lost->elsewhere, $lost->on];
        }
        ksort($said);
        self::assertSame(
            ['p' => ['p/lift', false, []], 'q' => ['q/hang', true, ['p']], 'r' => ['r/fit', true, ['p']]],
            $said,
        );
    }

    public function testNothingIsIsolatedForAJointThatIsNotClosed(): void
    {
        $plan = fn(int $people): array => array_keys(
            (new Scheduler(4))->plan(
                $this->yard([
                    new Activity('p/wash', 'p', 'wash', 0.5, 'bay'),
                    new Activity('p/isolate', 'p', 'isolate', 0.5, 'bay', forNext: true),
                    new Activity('p/join', 'p', 'join', 0.5, 'bay', people: $people),
                ]),
            )->placed,
        );
        self::assertSame(['p/wash', 'p/isolate', 'p/join'], $plan(1));
        self::assertSame(['p/wash'], $plan(3));
    }

    public function testWhatIsDueAfterTheEndOfThePlanIsNotLateYet(): void
    {
        $missed = fn(float $due, PlaceAir $air): array => (new Scheduler(2))
            ->plan(
                $this->yard([new Activity('p/a', 'p', 'wash', 0.5, 'bay'), $this->coat('p/coat', $air)], ['p' => $due]),
            )
            ->missed();
        self::assertSame(['p' => [30.0, null]], $missed(30.0, self::cold()));
        self::assertSame([], $missed(9_999.0, self::cold()), 'no hour for it, and time yet');
        self::assertSame([], $missed(9_999.0, self::air(20.0, [])));
        [$due, $end] = $missed(9.0, self::air(20.0, []))['p'] ?? self::fail('it is late');
        self::assertSame(9.0, $due);
        self::assertGreaterThan(9.0, $end);
    }

    public function testWhatTakesTwoIsTriedWithSomebodyToHelp(): void
    {
        $work = [
            new Activity('p/a', 'p', 'wash', 0.5, 'bay'),
            new Activity('p/lift', 'p', 'lift it on', 1.5, 'bay', people: 2),
        ];
        $yard = new Yard(8.0, 100.0, $work, [Person::of('one', Spans::of([8.0, 12.0], [32.0, 36.0]))]);
        $lost = (new Scheduler(1))->plan($yard)->lost()[0] ?? self::fail('one person lifts alone what takes two');
        self::assertSame('it takes 2 people', (string) $lost->says);
        $remedy = Remedies::helped($yard, $yard->activity($lost->cause)) ?? self::fail('nothing helps');
        self::assertSame([8.5, 10.0], [$remedy->opens, $remedy->finish]);
        self::assertSame('With somebody to help, for 1.5 h in all', (string) $remedy->words('bay'));
        self::assertNull(Remedies::helped($yard, $yard->activity('p/a')), 'one is enough for it');
        self::assertNull(Remedies::helped(new Yard(8.0, 100.0, $work, []), $yard->activity('p/lift')), 'nobody works');
    }

    public function testWhatMayBeDoneWithoutLayingBareIsDone(): void
    {
        $yard = $this->yard([
            new Activity('p/wash', 'p', 'wash', 0.5, 'bay'),
            new Activity('p/mask', 'p', 'mask', 0.5, 'bay'),
            $this->coat('p/coat', self::cold()),
        ]);
        self::assertSame(['p/wash', 'p/mask'], array_keys((new Scheduler(2))->plan($yard)->placed));
    }

    public function testAWindowThatRainClosesIsMadeGoodOnceAndNotForWhatComesAfter(): void
    {
        $rain = RainFree::in(self::air(18.0, [30, 31])) ?? self::fail('it rains');
        $void = LagTime::hours(\INF)->orRain($rain);
        $on = static fn(string $id, float $from, string ...$again): Activity => new Activity(
            id: $id,
            part: 'p',
            name: $id,
            hours: 1.0,
            place: 'bay',
            notBefore: $from,
            windows: [
                new Window(
                    from: 'p/mask',
                    closes: $void,
                    what: 'the masking',
                    along: false,
                    hours: 0.5,
                    again: array_values($again),
                ),
            ],
        );
        $schedule = (new Scheduler(1))->plan(
            $this->yard([
                new Activity('p/mask', 'p', 'mask', 0.5, 'bay', fixed: new Begun(8.0, 8.5, ['one'])),
                $on('p/one', 9.0),
                $on('p/two', 33.0, 'p/one'),
                $on('p/three', 36.0, 'p/one', 'p/two'),
            ]),
        );
        $rework = array_map(static fn($p): float => $p->rework, $schedule->placed);
        self::assertSame(['p/mask' => 0.0, 'p/one' => 0.0, 'p/two' => 0.5, 'p/three' => 0.0], $rework);
    }

    public function testWhatWasRainedOnIsNotWorkedUntilItIsDryAndRainBeginsTheDryingAnew(): void
    {
        $air = self::air(18.0, [10, 14]);
        $drying = RateLine::of(
            0.0,
            array_fill(0, 72, 1.0),
            array_map(static fn(float $r): bool => $r > 0.0, $air->rain),
        );
        self::assertSame(18.5, $drying->reachedAt(9.0, 3.5), 'at fourteen it rains again');
        self::assertSame(12.0, $drying->reachedAt(9.5, 1.0), 'rained on at ten');
        $rain = RainFree::in($air, $drying, 3.0) ?? self::fail('it rains');
        self::assertNull($rain->against(8.0, 9.5));
        self::assertSame(
            ['rain', 11.0],
            [$rain->against(9.0, 10.5)[0]->value ?? '', $rain->against(9.0, 10.5)[1] ?? 0],
        );
        self::assertSame(
            ['wet', 18.0],
            [$rain->against(16.0, 17.0)[0]->value ?? '', $rain->against(16.0, 17.0)[1] ?? 0],
        );
        self::assertNull($rain->against(18.0, 20.0));
        self::assertSame(10.0, $rain->rainAfter(3.0));
        self::assertNull($rain->rainAfter(20.0));
        self::assertNull(RainFree::in(self::air(18.0, [])));
    }

    #[Group('slow')]
    public function testMoreSearchNeverEndsLater(): void
    {
        for ($seed = 1; $seed <= 8; ++$seed) {
            $yard = (new RandomYard($seed, 3 + ($seed % 3), 4, 16))->yard();
            $last = null;
            foreach ([1, 4, 16, 48] as $tries) {
                $score = (new Scheduler($tries, $seed))->plan($yard)->score;
                if (null !== $last) {
                    self::assertFalse($last->isBetterThan($score), 'seed ' . $seed);
                    self::assertFalse(
                        [$score->unplaced, $score->late] === [$last->unplaced, $last->late] &&
                            $score->finish > $last->finish,
                        'seed ' . $seed,
                    );
                }
                $last = $score;
            }
        }
    }

    public function testWhatMustBeMissedIsOpenedAsLateAsCanBe(): void
    {
        // The coat has its first hour on the third day, too short for the stripping; the metal may be bare for two.
        $air = self::air(18.0, []);
        $strip = new Activity('p/strip', 'p', 'strip', 4.0, 'bay', bares: true);
        $coat = new Activity(
            id: 'p/coat',
            part: 'p',
            name: 'coat',
            hours: 1.0,
            place: 'bay',
            notBefore: 56.0,
            windows: [new Window('p/strip', LagTime::hours(2.0), 'bare metal', false, 0.5)],
            wet: $this->coat('p/x', $air)->wet,
            covers: true,
        );
        $people = [Person::of('one', Spans::of([8.0, 20.0], [32.0, 44.0], [56.0, 58.0]))];
        $placed = (new Scheduler(1))->plan(new Yard(0.0, 72.0, [$strip, $coat], $people))->placed;
        self::assertSame([56.0, 0.5], [$placed['p/coat']->start, $placed['p/coat']->rework]);
        self::assertGreaterThanOrEqual(32.0, $placed['p/strip']->start, 'not on the first day');
    }

    public function testHeatingTakesWhatGetsOut(): void
    {
        $place = Made::catalogue()->places['unheated-shed'];
        $kwh = Heating::kwh($place, Area::squareMetres(20.0), self::air(5.0, []), self::air(15.0, []), 10.0, 20.0);
        self::assertEqualsWithDelta((8.0 * 20.0 * 10.0 * 10.0) / 1000.0, $kwh, 1e-6);
        self::assertSame(
            0.0,
            Heating::kwh($place, Area::squareMetres(20.0), self::air(15.0, []), self::air(5.0, []), 1.0, 9.0),
        );
    }

    public function testWeightsAreHoursAndNothingElse(): void
    {
        self::assertSame(2.5, Objective::read(Node::root(['day' => 2.5]))->day);
        self::assertSame((new Objective())->good, Objective::read(Node::root(['day' => 2.5]))->good);
        foreach ([['day' => -1], ['day' => 'much'], ['luck' => 3]] as $bad) {
            try {
                Objective::read(Node::root($bad));
                self::fail('taken: ' . json_encode($bad));
            } catch (InvalidInput) {
                continue;
            }
        }
    }

    public function testAUsualYearIsColdInJanuaryAndWarmInJuly(): void
    {
        $season = Made::catalogue()->season('temperate-inland');
        $at = static fn(string $day): int => intdiv(
            (int) (new \DateTimeImmutable($day . 'T00:00:00Z'))->format('U'),
            3600,
        );
        $january = $season->forecast($at('2026-01-15'), 1);
        $july = $season->forecast($at('2026-07-15'), 1);
        self::assertEqualsWithDelta(-2.0, $january->at($at('2026-01-15') + 5)->air->temperature->c(), 0.05, 'coldest');
        self::assertEqualsWithDelta(25.0, $july->at($at('2026-07-15') + 17)->air->temperature->c(), 0.05, 'warmest');
        self::assertLessThanOrEqual(1.0, $january->at($at('2026-01-15') + 5)->air->humidity->value());
        self::assertSame('cool-coast', Made::catalogue()->season('')->id, 'where nobody said');
    }

    /**
     * @param list<Activity> $work
     * @param array<string, float> $dues
     */
    private function yard(array $work, array $dues = []): Yard
    {
        return new Yard(
            now: 0.0,
            end: 72.0,
            work: $work,
            people: [Person::of('one', Spans::of([8.0, 20.0], [32.0, 44.0], [56.0, 68.0]))],
            dues: $dues,
        );
    }

    private function coat(string $id, PlaceAir $air): Activity
    {
        $limits = Limits::of(
            Temperature::celsius(10.0),
            Temperature::celsius(35.0),
            RelativeHumidity::percent(0),
            RelativeHumidity::percent(85),
        );

        return new Activity(
            id: $id,
            part: 'p',
            name: 'coat',
            hours: 1.0,
            place: 'bay',
            wet: new WetFilm(GateLine::of($air, $limits, new PartWarmth(), false), LagTime::hours(2.0)),
            covers: true,
        );
    }

    private static function cold(): PlaceAir
    {
        return self::air(3.0, []);
    }

    /** @param list<int> $rain hours */
    private static function air(float $c, array $rain): PlaceAir
    {
        $hours = [];
        for ($h = 0; $h < 72; ++$h) {
            $hours[] = Weather::of(
                Air::of(Temperature::celsius($c), RelativeHumidity::percent(50)),
                null,
                in_array($h, $rain, true) ? 1.0 : 0.0,
            );
        }
        $place = Made::catalogue()->places['outdoors'];

        return PlaceAir::of($place, $hours[0]->air, Forecast::of(0, $hours, 'made up'), [], 0, 72);
    }
}
