<?php

declare(strict_types=1);

namespace Hull\Tests\Route;

use Hull\Job\RouteStep;
use Hull\Route\StepRunner;
use Hull\Surface\FilmPhase;
use Hull\Surface\SurfaceState;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What each kind of step does to a surface, and how long it takes. */
final class StepRunnerTest extends TestCase
{
    /**
     * @return iterable<string, array{string, array<int|string, float>, array<int|string, float>}> step, before, after
     */
    public static function steps(): iterable
    {
        yield 'photographs are a record' => ['photograph', [], ['recorded' => 1.0]];
        yield 'a lead test settles the paint' => ['lead-test', ['lead-unknown' => 1.0], []];
        yield 'brushing takes loose dirt off' => ['dry-clean', ['soil' => 1.0], []];
        yield 'the lance wets seams' => [
            'pressure-wash',
            ['soil' => 2.0, 'salt' => 2.0],
            ['salt' => 1.0, 'washed' => 1.0, 'wet' => 2.0],
        ];
        yield 'alkali stays behind' => [
            'alkaline-degrease',
            ['oil' => 2.0],
            ['alkali' => 1.0, 'washed' => 1.0, 'wet' => 1.0],
        ];
        yield 'washing takes the proof away' => [
            'alkaline-degrease',
            ['oil' => 1.0, 'proved-clean' => 1.0],
            ['alkali' => 1.0, 'washed' => 1.0, 'wet' => 1.0],
        ];
        yield 'solvent takes oil and wax' => ['solvent-degrease', ['oil' => 1.0, 'wax' => 1.0], []];
        yield 'a rinse takes residues' => ['rinse', ['alkali' => 1.0, 'acid' => 1.0], ['wet' => 1.0]];
        yield 'water dries off' => ['air-dry', ['wet' => 2.0], []];
        yield 'the wipe proves it' => ['white-wipe', [], ['proved-clean' => 1.0]];
        yield 'scraping leaves dust' => [
            'scrape',
            ['loose-rust' => 1.0, 'old-film-loose' => 1.0, 'wiped' => 1.0],
            ['dust' => 1.0],
        ];
        yield 'the wheel leaves tight rust' => [
            'wire-wheel',
            ['tight-rust' => 2.0, 'flash-rust' => 1.0],
            ['tight-rust' => 1.0, 'dust' => 1.0, 'brushed' => 1.0],
        ];
        yield 'converter turns it' => ['convert-rust', ['tight-rust' => 1.0], ['converted' => 1.0]];
        yield 'the wipe is final' => ['final-wipe', ['masked' => 1.0], ['masked' => 1.0, 'wiped' => 1.0]];
        yield 'dust goes' => ['blow-off', ['dust' => 1.0], []];
        yield 'masks go on' => ['mask', [], ['masked' => 1.0, 'new-masking' => 1.0]];
        yield 'masks come off' => ['unmask', ['masked' => 1.0, 'wiped' => 1.0], []];
        yield 'inspection is a proof' => ['inspect', [], ['inspected' => 1.0]];
    }

    /**
     * @param array<int|string, float> $before
     * @param array<int|string, float> $after
     */
    #[DataProvider('steps')]
    public function testLeavesTheSurfaceAsItShould(string $step, array $before, array $after): void
    {
        $left = $this->runner()->effects(new RouteStep('', $step), SurfaceState::of('carbon-steel', $before))->facts;
        ksort($left);
        ksort($after);
        self::assertSame($after, $left);
    }

    /** Filler blocked on a sixteenth of a roof counted for the key of all of it. */
    public function testWhatIsSandedInPlacesIsNotKeyedAllOver(): void
    {
        $grit = static function (string $extent, float $before = 0.0, string $aim = 'coat'): float {
            $piece = Yard::workpiece([
                'conditions' => [
                    ['id' => 'dents', 'grade' => 'shallow', 'extent' => $extent],
                    ['id' => 'old-coating', 'grade' => 'sound', 'extent' => '100 %'],
                ],
                'aim' => $aim,
            ]);
            $state = SurfaceState::of('carbon-steel', ['bare-filler' => 2.0, 'grit' => $before]);
            $after = (new StepRunner($piece->context))->effects(new RouteStep('k', 'block-filler'), $state);
            self::assertSame(1.0, $after->fact('bare-filler'));

            return $after->fact('grit');
        };
        self::assertSame([0.0, 180.0], [$grit('6 %'), $grit('100 %')]);
        self::assertSame(80.0, $grit('6 %', 80.0), 'what was keyed before stays so');
        self::assertSame(180.0, $grit('6 %', 0.0, 'spots'), 'mended in spots, the spots are all that is worked on');
    }

    public function testBareMetalAgesAndAFilmStopsThat(): void
    {
        $runner = $this->runner();
        $bared = $runner->effects(
            new RouteStep('', 'strip-discs'),
            SurfaceState::of('carbon-steel', ['tight-rust' => 1.0]),
        );
        self::assertEqualsWithDelta(5.0, $runner->pass($bared, 5.0)->fact('exposed-hours'), 0.02);
        $coated = $runner->effects(new RouteStep('', 'apply-coat', 'epoxy-primer-2k'), $bared);
        self::assertEqualsWithDelta(0.0, $runner->pass($coated, 5.0)->fact('exposed-hours'), 0.02);
        self::assertSame(0.0, $runner->pass(SurfaceState::of('carbon-steel', []), 5.0)->fact('exposed-hours'));
    }

    public function testACoatGoesOnAndComesOffAgain(): void
    {
        $runner = $this->runner();
        $state = $runner->effects(
            new RouteStep('', 'apply-coat', 'epoxy-primer-2k'),
            SurfaceState::of('carbon-steel', ['grit' => 80.0]),
        );
        self::assertSame(50.0, $state->buildUm());
        self::assertSame(0.0, $state->fact('grit'));
        self::assertSame(FilmPhase::Wet, $state->phase());
        $back = $runner->effects(new RouteStep('', 'sand-back'), $state->with('doubtful-bond', 1.0));
        self::assertSame(FilmPhase::None, $back->phase());
        self::assertSame([0.0, 240.0], [$back->fact('doubtful-bond'), $back->fact('grit')]);
    }

    public function testWaitsEndWhenTheirEventComes(): void
    {
        $runner = $this->runner();
        $state = $runner->effects(
            new RouteStep('', 'apply-coat', 'epoxy-primer-2k'),
            SurfaceState::of('carbon-steel', []),
        );
        $touch = $runner->apply(new RouteStep('', 'wait-touch'), $state);
        $recoat = $runner->apply(new RouteStep('', 'wait-recoat'), $touch->state);
        $full = $runner->apply(new RouteStep('', 'wait-full'), $recoat->state);
        self::assertSame(
            [FilmPhase::Tacky, FilmPhase::Open, FilmPhase::Cured],
            [$touch->state->phase(), $recoat->state->phase(), $full->state->phase()],
        );
        self::assertEqualsWithDelta(2.39, (float) $touch->waitHours, 0.01);
        self::assertEqualsWithDelta(3.63, (float) $touch->waitHours + (float) $recoat->waitHours, 0.01);
        self::assertTrue($runner->isIdle(new RouteStep('', 'wait-recoat'), $recoat->state));
        self::assertFalse($runner->isIdle(new RouteStep('', 'wait-recoat'), $touch->state));
    }

    public function testInTheColdTheWaitNeverEnds(): void
    {
        $context = Yard::workpiece(['place' => 'shed', 'service' => 'interior', 'finish' => 'tidy'])->context;
        $runner = new StepRunner($context);
        $state = $runner->effects(
            new RouteStep('', 'apply-coat', 'epoxy-primer-2k'),
            SurfaceState::of('carbon-steel', []),
        );
        self::assertNull($runner->apply(new RouteStep('', 'wait-recoat'), $state)->waitHours);
    }

    public function testTimeGrowsWithTheAreaAndTheExtent(): void
    {
        $small = new StepRunner(Yard::workpiece()->context);
        $large = new StepRunner(
            Yard::workpiece(['shapes' => [['kind' => 'strip', 'width' => '2 m', 'length' => '5 m']]])->context,
        );
        $whole = new StepRunner(
            Yard::workpiece(['conditions' => [['id' => 'rust', 'grade' => 'scale', 'extent' => '100 %']]])->context,
        );
        $state = SurfaceState::of('carbon-steel', ['tight-rust' => 1.0]);
        $discs = new RouteStep('', 'strip-discs');
        self::assertGreaterThan($small->apply($discs, $state)->handsOnMin, $large->apply($discs, $state)->handsOnMin);
        self::assertEqualsWithDelta(10 + 45 * 1.12 * 0.7, $small->apply($discs, $state)->handsOnMin, 1e-6);
        self::assertEqualsWithDelta(10 + 45 * 1.12, $whole->apply($discs, $state)->handsOnMin, 1e-6);
    }

    public function testWaterInSeamsDriesSlowerThanOpenWater(): void
    {
        $open = new StepRunner(Yard::workpiece()->context);
        $cavities = new StepRunner(Yard::workpiece(['water_lies' => 'cavities'])->context);
        $dry = new RouteStep('', 'air-dry');
        $hours = static fn(StepRunner $r, float $wet): float => (float) $r->apply(
            $dry,
            SurfaceState::of('carbon-steel', ['wet' => $wet]),
        )->waitHours;
        self::assertEqualsWithDelta(4.0, $hours($open, 2.0) / $hours($open, 1.0), 1e-9);
        self::assertEqualsWithDelta(12.0, $hours($cavities, 1.0) / $hours($open, 1.0), 1e-9);
    }

    private function runner(): StepRunner
    {
        return new StepRunner(Yard::workpiece()->context);
    }
}
