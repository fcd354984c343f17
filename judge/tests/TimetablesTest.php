<?php

declare(strict_types=1);

namespace Judge\Tests;

use Hull\Tests\Sweep;
use Hull\Tests\Yard;
use Judge\Breach;
use Judge\Judge;
use Judge\Sky;
use Judge\Steps;
use Judge\Stint;
use Judge\TimeLaws\ClosesWhatItOpens;
use Judge\TimeLaws\DwellRuns;
use Judge\TimeLaws\PaysForSomething;
use Judge\TimeLaws\RainWets;
use Judge\TimeLaws\WhereItHangs;
use Judge\Timetable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Made-up yards in frost, heat and rain, scheduled, held against laws 16 and 22 to 28. Thinned; HULL_FULL=1 judges two
 * thousand.
 */
final class TimetablesTest extends TestCase
{
    private const YARDS = 12;
    private const FULL = 2000;
    /** Yards tried until a law is seen broken. */
    private const UNTIL = 60;
    /** Close to one where the sun matters. */
    private const SUNNY = 36;
    private const OPENED = 26;
    /** Close to one where what is done is forgotten. */
    private const HALF_DONE = 27;
    private const HALF = 6;
    /** Close to one where what opens a window stays and what closes it can not. */
    private const CUT = 12;
    private const AGAIN = 4;
    /** Close to one where parts come off what stands elsewhere. */
    private const HUNG = 40;
    /** A law was broken in them once: chemistry by the cold air, cloth in the hot sun, a cover, what goes along. */
    private const ONCE = [543, 576, 769, 1734];
    /** Not the same as those that are placed anew. */
    private const PACKED = 100;

    public function testNoTimetableBreaksALaw(): void
    {
        $yards = new MadeYards(Yard::catalogue());
        self::assertSame([], self::said(static fn(int $n): Timetable => $yards->timed($n)[1], 0, self::YARDS));
    }

    public function testWhatOnceBrokeALawKeepsIt(): void
    {
        $yards = new MadeYards(Yard::catalogue());
        foreach (self::ONCE as $n) {
            $breaches = (new Judge())->inTime($yards->timed($n, 2)[1]);
            self::assertSame([], array_map(static fn(Breach $b): string => $b->says, $breaches), 'yard ' . $n);
        }
    }

    public function testWhatIsPlannedInTheMiddleOfItMindsWhatIsDone(): void
    {
        $yards = new MadeYards(Yard::catalogue());
        $table = static fn(int $n): Timetable => $yards->resumed($n, 1, keeping: 0 === $n % 2)[1];
        // What is opened already is opened, whatever becomes of its coat.
        self::assertSame([], self::said($table, self::HALF_DONE, self::HALF, self::OPENED));
    }

    public function testWhatIsPlannedAgainKeepsTheLawsToo(): void
    {
        $yards = new MadeYards(Yard::catalogue());
        $table = static fn(int $n): Timetable => $yards->changed($n, 1)[1];
        self::assertSame([], self::said($table, self::CUT, self::AGAIN));
    }

    public function testWhatIsPackedMoreDenselyKeepsTheLawsToo(): void
    {
        $yards = new MadeYards(Yard::catalogue());
        $table = static fn(int $n): Timetable => $yards->packed($n)[1];
        self::assertSame([], self::said($table, self::PACKED, self::AGAIN));
    }

    /**
     * What the judge says of so many timetables, or of two thousand.
     *
     * @param \Closure(int): Timetable $table by number
     * @param int|null $but a law that is not asked
     *
     * @return list<string>
     */
    private static function said(\Closure $table, int $from, int $count, ?int $but = null): array
    {
        $said = [];
        for ($n = $from; $n < $from + Sweep::of($count, self::FULL); ++$n) {
            foreach ((new Judge())->inTime($table($n)) as $breach) {
                if ($but !== $breach->law) {
                    $said[] = sprintf('%d: %s (yard %d)', $breach->law, $breach->says, $n);
                }
            }
        }

        return $said;
    }

    public function testWhoForgetsWhatIsDoneBesideItIsSeen(): void
    {
        $yards = new MadeYards(Yard::catalogue());
        for ($n = self::HALF_DONE; $n < self::HALF_DONE + self::UNTIL; ++$n) {
            foreach ((new Judge())->inTime($yards->resumed($n, 1, forgetful: true)[1]) as $breach) {
                self::assertSame(16, $breach->law, $breach->says);

                return;
            }
        }
        self::fail('no breach seen');
    }

    /** @return iterable<string, array{int, \Closure(Spoilt): Spoilt, \Closure(Timetable): Timetable}> */
    public static function mutations(): iterable
    {
        $as = static fn(Spoilt $s): Spoilt => $s;
        $is = static fn(Timetable $t): Timetable => $t;
        yield 'a wipe counts for ever' => [22, static fn(Spoilt $s): Spoilt => $s->withoutHours('wiped'), $is];
        yield 'windows stay open ten times as long' => [23, static fn(Spoilt $s): Spoilt => $s->withLongWindows(), $is];
        yield 'labels name no air' => [24, static fn(Spoilt $s): Spoilt => $s->withoutAir(), $is];
        yield 'nothing has to work' => [25, static fn(Spoilt $s): Spoilt => $s->withoutDwells(), $is];
        yield 'nothing dries on' => [1, static fn(Spoilt $s): Spoilt => $s->withoutDryingOn(), $is];
        yield 'washed, and dried some day' => [1, static fn(Spoilt $s): Spoilt => $s->withoutDryingOn('wet'), $is];
        yield 'nothing is known to be bare' => [
            26,
            static fn(Spoilt $s): Spoilt => $s->withNothingBare()->withoutRules('coat-fresh-metal'),
            $is,
        ];
        yield 'ovens are left on' => [21, static fn(Spoilt $s): Spoilt => $s->withoutWatch(), $is];
        yield 'nothing goes by the eye' => [24, static fn(Spoilt $s): Spoilt => $s->withoutDaylight(), $is];
        yield 'no dust settles' => [16, static fn(Spoilt $s): Spoilt => $s->withoutDust(), $is];
        yield 'nothing is about' => [16, static fn(Spoilt $s): Spoilt => $s->withoutInterlocks(), $is];
        yield 'sprayed where others work' => [16, static fn(Spoilt $s): Spoilt => $s->withoutIsocyanate(), $is];
        yield 'stripped, and the coats found no hour' => [
            26,
            $as,
            static fn(Timetable $t): Timetable => self::without($t, [Steps::COAT, ...Steps::OILS]),
        ];
        yield 'everybody is everywhere' => [
            27,
            $as,
            static fn(Timetable $t): Timetable => self::each($t, static fn(Stint $s): Stint => self::by($s, ['Ines'])),
        ];
        yield 'every coat is made good' => [
            28,
            $as,
            static fn(Timetable $t): Timetable => self::each($t, static fn(Stint $s): Stint => self::paying($s)),
        ];
    }

    /**
     * @param \Closure(Spoilt): Spoilt $spoil the catalogue
     * @param \Closure(Timetable): Timetable $change what came out
     */
    #[DataProvider('mutations')]
    public function testWithoutItsMechanismALawIsBroken(int $law, \Closure $spoil, \Closure $change): void
    {
        $yards = new MadeYards($spoil(Spoilt::yard())->catalogue());
        for ($n = 0; $n < self::UNTIL; ++$n) {
            foreach ((new Judge())->inTime($change($yards->timed($n, 1)[1])) as $breach) {
                if ($law === $breach->law) {
                    self::assertNotSame('', $breach->says);

                    return;
                }
            }
        }
        self::fail('no breach seen');
    }

    public function testGelLiesOnForADayAtTheMost(): void
    {
        $sky = new Sky(0, array_fill(0, 72, 18.0), array_fill(0, 72, 0.6), array_fill(0, 72, 0.0), false);
        $stint = static fn(string $step, float $from, bool $late = false): Stint => new Stint(
            part: 'shelf',
            step: $step,
            product: null,
            place: 'shed',
            from: $from,
            to: $from + 0.5,
            who: ['Ines'],
            late: $late,
            rework: $late ? 1.0 : 0.0,
        );
        $says = static fn(Stint $rinse): array => array_map(
            static fn(Breach $b): string => $b->law . ' ' . $b->says,
            (new DwellRuns())->breaches(
                new Timetable(
                    ['shelf' => [$stint('whiten-peroxide', 8.0), $rinse]],
                    [],
                    ['shed' => $sky],
                    ['shelf' => 0.0],
                    [],
                ),
            ),
        );
        self::assertSame([], $says($stint('rinse', 32.0)));
        self::assertSame(['1 whiten-peroxide  on shelf lies on for 47.5 h'], $says($stint('rinse', 56.0, true)));
    }

    public function testTapeThatWasRainedOnIsRenewed(): void
    {
        $rain = [...array_fill(0, 20, 0.0), 2.0, ...array_fill(0, 51, 0.0)];
        $sky = new Sky(0, array_fill(0, 72, 18.0), array_fill(0, 72, 0.6), $rain, true);
        $stint = static fn(string $step, float $from, float $rework = 0.0): Stint => self::stint(
            'hatch',
            'slip',
            $step,
            $from,
            0.2,
            $rework,
        );
        $says = static fn(float $rework): array => array_map(
            static fn(Breach $b): string => $b->says,
            (new RainWets())->breaches(
                new Timetable(
                    ['hatch' => [$stint('mask', 8.0), $stint('final-wipe', 44.0, $rework), $stint('apply-coat', 44.3)]],
                    [],
                    ['slip' => $sky],
                    ['hatch' => 0.0],
                    [],
                ),
            ),
        );
        self::assertSame([], $says(0.3), 'masked again before it was wiped');
        self::assertSame(['apply-coat  on hatch: rain since the masking'], $says(0.0));
    }

    public function testWhatWasSandedWetStandsWet(): void
    {
        $sky = new Sky(0, array_fill(0, 72, 18.0), array_fill(0, 72, 0.6), array_fill(0, 72, 0.0), false);
        $stint = static fn(string $step, float $from, float $rework = 0.0): Stint => self::stint(
            'sump',
            'shed',
            $step,
            $from,
            0.5,
            $rework,
        );
        $says = static fn(float $dried): array => array_map(
            static fn(Breach $b): string => $b->says,
            (new PaysForSomething())->breaches(
                new Timetable(
                    ['sump' => [$stint('magnesium-key', 8.0), $stint('force-dry', $dried, 0.25)]],
                    [],
                    ['shed' => $sky],
                    ['sump' => 0.0],
                    [],
                ),
            ),
        );
        self::assertSame([], $says(32.0), 'dried late, and made good');
        self::assertSame(['force-dry  on sump pays for nothing'], $says(9.0));
    }

    public function testASkinThatIsCutOpenIsClosedAgain(): void
    {
        $stint = static fn(string $step, float $from): Stint => new Stint(
            part: 'floor',
            step: $step,
            product: null,
            place: 'shed',
            from: $from,
            to: $from + 1.0,
            who: ['Ines'],
        );
        $open = $stint('open-core', 8.0);
        $covered = new Timetable(
            ['floor' => [$open, $stint('laminate-epoxy', 80.0)]],
            ['floor' => [Steps::COAT]],
            [],
            [],
            [],
        );
        $left = new Timetable(['floor' => [$open]], ['floor' => ['laminate-epoxy', Steps::COAT]], [], [], []);
        self::assertSame([], (new ClosesWhatItOpens())->breaches($covered));
        $breaches = (new ClosesWhatItOpens())->breaches($left);
        self::assertSame(
            ['open-core  on floor and what closes the skin has no hour'],
            array_map(static fn(Breach $b): string => $b->says, $breaches),
        );
    }

    public function testWhoForgetsTheSunWorksOnPartsThatAreTooHot(): void
    {
        $yards = new MadeYards(Yard::catalogue(), inShade: true);
        for ($n = self::SUNNY; $n < self::SUNNY + self::UNTIL; ++$n) {
            foreach ((new Judge())->inTime($yards->timed($n, 1)[1]) as $breach) {
                if (in_array($breach->law, [23, 24], true)) {
                    self::assertNotSame('', $breach->says);

                    return;
                }
            }
        }
        self::fail('no breach seen');
    }

    public function testWhoForgetsWhatThingsHangOnTakesThemOffWhereTheyAreNot(): void
    {
        $yards = new MadeYards(Yard::catalogue(), loose: true);
        for ($n = self::HUNG; $n < self::HUNG + self::UNTIL; ++$n) {
            foreach ((new Judge())->inTime($yards->timed($n, 1)[1]) as $breach) {
                if (15 === $breach->law) {
                    self::assertStringContainsString('and it is in', $breach->says);

                    return;
                }
            }
        }
        self::fail('no breach seen');
    }

    public function testWhatHangsOnWhatIsOffIsWhereThatIs(): void
    {
        $stint = static fn(string $part, string $place, string $step, float $from): Stint => self::stint(
            $part,
            $place,
            $step,
            $from,
            0.5,
            0.0,
        );
        $says = static fn(string $lamp): array => array_map(
            static fn(Breach $b): string => $b->says,
            (new WhereItHangs())->breaches(
                new Timetable(
                    stints: [
                        'door' => [
                            $stint('door', 'slip', 'dismantle', 8.0),
                            $stint('door', 'shed', 'wax', 12.0),
                            $stint('door', 'slip', 'reassemble', 16.0),
                        ],
                        'lamp' => [$stint('lamp', $lamp, 'wax', 10.0), $stint('lamp', 'slip', 'inspect', 18.0)],
                    ],
                    undone: [],
                    skies: [],
                    lags: [],
                    tones: [],
                    homes: ['hull' => 'slip', 'door' => 'shed', 'lamp' => 'shed'],
                    hangs: ['door' => ['hull', false], 'lamp' => ['door', false]],
                ),
            ),
        );
        self::assertSame([], $says('shed'), 'it goes along with the door');
        self::assertSame(['wax  on lamp in slip, and it is in shed then'], $says('slip'));
    }

    /** @param list<string> $steps */
    private static function without(Timetable $t, array $steps): Timetable
    {
        $stints = $undone = [];
        foreach ($t->stints as $part => $list) {
            foreach ($list as $stint) {
                $stint->isOneOf($steps) ? ($undone[$part][] = $stint->step) : ($stints[$part][] = $stint);
            }
        }

        return $t->of($stints, $undone);
    }

    /** @param \Closure(Stint): Stint $change */
    private static function each(Timetable $t, \Closure $change): Timetable
    {
        return $t->of(array_map(static fn(array $list): array => array_map($change, $list), $t->stints), $t->undone);
    }

    /** @param list<string> $who */
    private static function by(Stint $s, array $who): Stint
    {
        return new Stint(
            part: $s->part,
            step: $s->step,
            product: $s->product,
            place: $s->place,
            from: $s->from,
            to: $s->to,
            who: $who,
        );
    }

    private static function paying(Stint $s): Stint
    {
        return new Stint(
            part: $s->part,
            step: $s->step,
            product: $s->product,
            place: $s->place,
            from: $s->from,
            to: $s->to,
            who: $s->who,
            rework: 0.5,
        );
    }

    private static function stint(
        string $part,
        string $place,
        string $step,
        float $from,
        float $hours,
        float $rework,
    ): Stint {
        return new Stint(
            part: $part,
            step: $step,
            product: null,
            place: $place,
            from: $from,
            to: $from + $hours,
            who: ['Ines'],
            late: $rework > 0.0,
            rework: $rework,
        );
    }
}
