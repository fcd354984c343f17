<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Job\RouteStep;
use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Brought;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\ChemicalsAbout;
use Hull\Schedule\Search\Scheduler;
use Hull\Tests\Spans;
use Hull\Tests\Yard as Made;
use PHPUnit\Framework\TestCase;

/** What must not meet in one place keeps apart between parts, whichever of them was planned first. */
final class ChemicalsAboutTest extends TestCase
{
    private const SPARK = 'no spark or flame within a quarter of an hour of solvent vapour';
    private const CHLORINE = 'bleach and acid must not meet on one day without a rinse between';

    public function testWhatAStepBringsIsReadFromItsSuppliesAndItsPaint(): void
    {
        $by = static fn(string $step, ?string $product = null): ?Brought => Brought::by(
            Made::catalogue(),
            new RouteStep('k', $step, $product),
        );
        self::assertSame(['spark-vapour'], array_keys($by('solvent-degrease')->first ?? []));
        self::assertSame(['spark-vapour'], array_keys($by('apply-coat', 'epoxy-primer-2k')->first ?? []));
        self::assertSame(['spark-vapour'], array_keys($by('strip-discs')->second ?? []));
        $rinse = $by('rinse') ?? self::fail('a rinse parts them');
        self::assertFalse($rinse->brings());
        self::assertContains('bleach-acid', array_keys($rinse->parts));
        self::assertNull($by('photograph'));
    }

    public function testNoSparkInVapourNorAQuarterOfAnHourAfter(): void
    {
        $about = new ChemicalsAbout();
        $about->take(self::of('a', 'solvent-degrease'), 10.0, 12.0);
        $discs = self::of('b', 'strip-discs');
        self::assertSame([12.24, 'a/solvent-degrease', self::SPARK], $about->against($discs, 11.0, 11.5));
        self::assertSame([12.24, 'a/solvent-degrease', self::SPARK], $about->against($discs, 9.0, 10.5));
        self::assertSame([12.24, 'a/solvent-degrease', self::SPARK], $about->against($discs, 12.1, 13.0));
        self::assertNull($about->against($discs, 12.24, 13.0));
        self::assertNull($about->against($discs, 9.0, 10.0), 'sparks that are out before it is opened');
        self::assertNull($about->against(self::of('a', 'strip-discs'), 11.0, 11.5), 'its own route sees to that');
        self::assertNull($about->against(self::of('b', 'mask'), 11.0, 11.5));
    }

    public function testNoVapourWhereSparksFly(): void
    {
        $about = new ChemicalsAbout();
        $about->take(self::of('b', 'strip-discs'), 10.0, 12.0);
        $degrease = self::of('a', 'solvent-degrease');
        self::assertSame([12.0, 'b/strip-discs', self::SPARK], $about->against($degrease, 11.0, 11.5));
        self::assertSame([12.0, 'b/strip-discs', self::SPARK], $about->against($degrease, 9.0, 9.8), 'it lingers');
        self::assertNull($about->against($degrease, 9.0, 9.76));
        self::assertNull($about->against($degrease, 12.0, 13.0), 'sparks leave nothing behind');
        $about->leave(self::of('b', 'strip-discs'));
        self::assertNull($about->against($degrease, 11.0, 11.5));
    }

    public function testBleachAndAcidKeepADayApartOrARinse(): void
    {
        $about = new ChemicalsAbout();
        $about->take(self::of('a', 'mould-kill'), 10.0, 10.5);
        $acid = self::of('b', 'brighten');
        self::assertSame([34.5, 'a/mould-kill', self::CHLORINE], $about->against($acid, 12.0, 12.5));
        self::assertSame([34.5, 'a/mould-kill', self::CHLORINE], $about->against($acid, 0.0, 0.5), 'acid not yet off');
        self::assertNull($about->against($acid, 34.5, 35.0));
        $rinse = self::of('a', 'rinse');
        $about->take($rinse, 11.0, 11.25);
        self::assertSame([11.25, 'a/mould-kill', self::CHLORINE], $about->against($acid, 10.75, 11.0));
        self::assertNull($about->against($acid, 11.25, 11.5), 'rinsed off in between');
        $about->take(self::of('b', 'rinse'), 1.0, 1.25);
        self::assertNull($about->against($acid, 0.0, 0.5), 'the acid is off its part before the bleach comes');
        $about->leave($rinse);
        self::assertSame([34.5, 'a/mould-kill', self::CHLORINE], $about->against($acid, 11.25, 11.5));
    }

    public function testWhatEvaporatesIsGoneInAnHourAndWhatIsInATubStaysUntilItIsTakenOff(): void
    {
        $about = new ChemicalsAbout();
        $about->take(self::of('a', 'final-wipe'), 10.0, 10.5);
        $bleach = self::of('b', 'mould-kill');
        self::assertSame(11.5, $about->against($bleach, 11.0, 11.2)[0] ?? null);
        self::assertNull($about->against($bleach, 11.5, 11.7), 'alcohol is gone');
        $about->leave(self::of('a', 'final-wipe'));
        $about->take(self::of('a', 'bath-citric'), 0.0, 0.5);
        self::assertSame(24.5, $about->against($bleach, 11.0, 11.2)[0] ?? null);
        $about->take(self::of('a', 'neutralise'), 30.0, 30.5);
        self::assertSame(30.5, $about->against($bleach, 26.0, 26.2)[0] ?? null, 'it is still in the tub');
    }

    public function testARinseOnAnotherPartPartsNothing(): void
    {
        $about = new ChemicalsAbout();
        $about->take(self::of('a', 'mould-kill'), 10.0, 10.5);
        $about->take(self::of('c', 'rinse'), 11.0, 11.25);
        $about->take(self::of('a', 'rinse'), 9.0, 9.5);
        self::assertSame(
            [34.5, 'a/mould-kill', self::CHLORINE],
            $about->against(self::of('b', 'brighten'), 12.0, 12.5),
            'nor does one before it',
        );
    }

    public function testTwoPeopleDoNotGrindAndDegreaseSideBySide(): void
    {
        $people = [
            Person::of('one', Spans::of([8.0, 12.0], [13.0, 17.0])),
            Person::of('two', Spans::of([8.0, 12.0], [13.0, 17.0])),
        ];
        $work = static fn(string $place): array => [
            self::of('a', 'solvent-degrease'),
            self::of('b', 'strip-discs', $place),
        ];
        $apart = (new Scheduler(4))->plan(new Yard(8.0, 48.0, $work('shed'), $people))->placed;
        self::assertSame([8.0, 8.0], array_column($apart, 'start'));
        $beside = (new Scheduler(4))->plan(new Yard(8.0, 48.0, $work('bay'), $people));
        self::assertSame([], Validator::faults($beside));
        [$a, $b] = [$beside->placed['a/solvent-degrease'], $beside->placed['b/strip-discs']];
        self::assertEquals([8.0, 9.0], [$b->start, $a->start], 'sparks first: vapour lingers');
        self::assertSame('strip-discs: ' . self::SPARK, (string) $a->why->words('strip-discs'));
    }

    private static function of(string $part, string $step, string $place = 'bay'): Activity
    {
        return new Activity(
            id: "$part/$step",
            part: $part,
            name: $step,
            hours: 1.0,
            place: $place,
            brought: Brought::by(Made::catalogue(), new RouteStep('k', $step)),
        );
    }
}
