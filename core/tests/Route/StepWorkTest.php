<?php

declare(strict_types=1);

namespace Hull\Tests\Route;

use Hull\Bench\RouteLine;
use Hull\Catalog\SystemLayer;
use Hull\Climate\Air;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;
use Hull\Route\PartContext;
use Hull\Route\StepWork;
use Hull\Surface\Film;
use Hull\Surface\FilmPhase;
use Hull\Surface\Product;
use Hull\Surface\SurfaceState;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Time by what comes off, by method and by extent; the part is 1.12 m2. */
final class StepWorkTest extends TestCase
{
    private const M2 = 1.12;

    /** @return iterable<string, array{list<array<string, string>>, float}> what was found, minutes with discs */
    public static function grades(): iterable
    {
        $rust = static fn(string $grade, string $extent): array => [
            'id' => 'rust',
            'grade' => $grade,
            'extent' => $extent,
        ];
        $paint = static fn(string $extent): array => ['id' => 'old-coating', 'grade' => 'dull', 'extent' => $extent];
        yield 'light rust' => [[$rust('light', '100 %')], 17.5];
        yield 'light rust on half' => [[$rust('light', '50 %')], 8.75];
        yield 'scale' => [[$rust('scale', '100 %')], 45.0];
        yield 'pitted' => [[$rust('pitted', '100 %')], 75.0];
        yield 'sound paint' => [[$paint('100 %')], 30.0];
        yield 'scale on a fifth, and the paint round it' => [[$rust('scale', '20 %'), $paint('100 %')], 9.0 + 24.0];
        yield 'scale on a fifth, paint on a half' => [[$rust('scale', '20 %'), $paint('50 %')], 9.0 + 15.0];
        yield 'nothing found' => [[], 17.5];
    }

    /** @param list<array<string, string>> $found */
    #[DataProvider('grades')]
    public function testDiscsTakeAsLongAsWhatComesOff(array $found, float $minutes): void
    {
        $piece = Yard::workpiece(['conditions' => $found, 'aim' => 'coat']);
        $step = Yard::catalogue()->step('strip-discs');
        $work = new StepWork($piece->context);
        self::assertEqualsWithDelta(10.0 + $minutes * self::M2, $work->minutes($step), 1e-6);
    }

    public function testWhatClosesBeforeAGunCouldBeSetUpHasItSetUpBeforeTheWipe(): void
    {
        $plastic = [
            'substrate' => 'low-energy-plastic',
            'service' => 'exterior-sun',
            'conditions' => [['id' => 'soil', 'grade' => 'light']],
            'aim' => 'coat',
        ];
        $minutes = static function (string ...$without) use ($plastic): array {
            $piece = Yard::workpiece($plastic, array_values($without));
            $work = new StepWork($piece->context);
            [$promoter, $colour] = array_map(
                static fn(SystemLayer $l): Product => $l->product,
                $piece->context->system->layers,
            );
            self::assertSame('adhesion-promoter', $promoter->id);
            $laid = $piece->surveyed->lay(Film::fresh($promoter, $promoter->dft));
            $coat = Yard::catalogue()->step('apply-coat');
            $wipe = Yard::catalogue()->step('final-wipe');

            return [
                $work->setUp($wipe, null, $piece->surveyed),
                $work->setUp($coat, $promoter, $piece->surveyed),
                $work->setUp($wipe, null, $laid),
                $work->setUp($coat, $colour, $laid),
                $work->setUp($coat, $colour, $laid->topStanding(FilmPhase::Lapsed)),
                $work->setUp($coat, $colour, $piece->surveyed),
            ];
        };
        self::assertSame([43.0, 5.0, 5.0, 0.0, 38.0, 38.0], $minutes(), 'colour from a gun');
        self::assertSame([5.0, 5.0, 5.0, 5.0, 5.0, 5.0], $minutes('isocyanate'), 'lacquer from a can');
    }

    public function testALineSaysHowMuchOfItsTimeSetsUpWhereThatIsMostOfIt(): void
    {
        $piece = Yard::workpiece([
            'substrate' => 'low-energy-plastic',
            'service' => 'exterior-sun',
            'conditions' => [['id' => 'soil', 'grade' => 'light']],
            'aim' => 'coat',
        ]);
        $setUps = [];
        foreach (RouteLine::of($piece, $piece->plan()) as $line) {
            $setUps[$line->step->step] ??= $line->setUp;
            self::assertLessThanOrEqual($line->minutes, $line->setUp);
        }
        self::assertSame(43.0, $setUps['final-wipe'], 'of a few minutes more');
        self::assertSame(0.0, $setUps['apply-coat'], 'five of the promoter are not worth a word');
        self::assertSame(0.0, $setUps['inspect'], 'nor is a quarter of an hour');
    }

    /** Sold at the pace of the rust alone, a whole coat of paint came off in the minutes of a few spots. */
    public function testAWireWheelTakesAsLongAsThePaintItTakesOff(): void
    {
        $minutes = static function (string ...$paint): float {
            $found = [['id' => 'rust', 'grade' => 'light', 'extent' => '10 %']];
            foreach ($paint as $extent) {
                $found[] = ['id' => 'old-coating', 'grade' => 'dull', 'extent' => $extent];
            }
            $piece = Yard::workpiece(['aim' => 'coat', 'conditions' => $found]);

            return (new StepWork($piece->context))->minutes(Yard::catalogue()->step('wire-wheel'));
        };
        self::assertEqualsWithDelta(8.0 + 1.8 * self::M2, $minutes(), 1e-6);
        self::assertEqualsWithDelta(8.0 + 21.8 * self::M2, $minutes('50 %'), 1e-6);
        self::assertGreaterThan(8.0 + 39.0 * self::M2, $minutes('100 %'));
    }

    /** Begun for a few spots of scale, it took a whole coat of flaking paint off in their minutes. */
    public function testAStepTakesAsLongAsAllThatItTakesOff(): void
    {
        $minutes = static function (string $step, array ...$found): float {
            $piece = Yard::workpiece(['aim' => 'coat', 'conditions' => array_values($found)]);

            return (new StepWork($piece->context))->working(Yard::catalogue()->step($step));
        };
        $scale = ['id' => 'rust', 'grade' => 'scale', 'extent' => '10 %'];
        $flakes = ['id' => 'old-coating', 'grade' => 'flaking', 'extent' => '80 %'];
        self::assertEqualsWithDelta(12.0 * 0.1 * self::M2, $minutes('scrape', $scale), 1e-6);
        self::assertEqualsWithDelta(12.0 * 0.8 * self::M2, $minutes('scrape', $scale, $flakes), 1e-6);
        self::assertEqualsWithDelta(12.0 * 0.8 * self::M2, $minutes('scrape', $flakes), 1e-6);
        self::assertEqualsWithDelta(8.0 * self::M2, $minutes('force-dry', $scale), 1e-6, 'done on all of it');
    }

    /** @return iterable<string, array{array<string, mixed>, string, float, bool}> part, film, deg C, more than a pot */
    public static function pots(): iterable
    {
        $side = ['shapes' => [['kind' => 'plate', 'width' => '2 m', 'length' => '4 m']]];
        $lid = ['shapes' => [['kind' => 'plate', 'width' => '0.3 m', 'length' => '0.4 m']]];
        // Gone off in half an hour at 20 C, worked in 22 minutes of it.
        yield 'a lid from one cup' => [['method' => 'brush', ...$lid], 'epoxy-lining', 20.0, false];
        yield 'a side by brush' => [['method' => 'brush', ...$side], 'epoxy-lining', 20.0, true];
        // An hour at 20 C, 18 usable minutes of it left at 33 C: the side takes 40 by gun and 3 L some 9 to mix.
        yield 'a mast in the heat' => [['method' => 'hvlp', ...$lid], 'surfacer-2k', 33.0, false];
        yield 'the side by gun in the cool' => [['method' => 'hvlp', ...$side], 'surfacer-2k', 12.0, false];
        yield 'and in the heat' => [['method' => 'hvlp', ...$side], 'surfacer-2k', 33.0, true];
        yield 'eight hours of primer' => [['method' => 'hvlp', ...$side], 'epoxy-primer-2k', 20.0, false];
        yield 'no pot at all' => [['method' => 'brush', ...$side], 'alkyd-enamel', 33.0, false];
    }

    /** @param array<string, mixed> $part */
    #[DataProvider('pots')]
    public function testMixingIsLaidOutWhereACoatTakesLongerThanAPot(
        array $part,
        string $film,
        float $degrees,
        bool $isMore,
    ): void {
        $context = Yard::workpiece($part)->context;
        $air = Air::of(Temperature::celsius($degrees), RelativeHumidity::percent(50));
        $catalogue = Yard::catalogue();
        $work = new StepWork(
            new PartContext(
                $context->traits->inAir($air),
                $context->extents,
                $context->schools,
                $context->system,
                $context->aim,
            ),
        );
        $coat = $catalogue->step($catalogue->coat);
        self::assertSame($isMore, $work->outlastsPot($coat, $catalogue->product($film)));
    }

    public function testNoCoatTakesLessThanTwoMinutes(): void
    {
        $tiny = [['kind' => 'strip', 'width' => '2 cm', 'length' => '5 cm']];
        $piece = Yard::workpiece(['shapes' => $tiny, 'method' => 'aerosol']);
        $film = Yard::catalogue()->product('enamel-aerosol');
        self::assertSame(2.0, (new StepWork($piece->context))->working(Yard::catalogue()->step('apply-coat'), $film));
    }

    public function testWhatNobodyMeasuredTakesNoTimeYet(): void
    {
        $work = new StepWork(Yard::workpiece(['shapes' => []])->context);
        $film = Yard::catalogue()->product('enamel-aerosol');
        self::assertSame(0.0, $work->working(Yard::catalogue()->step('apply-coat'), $film));
    }

    public function testWhatIsOffAlreadyTakesNoTime(): void
    {
        $piece = Yard::workpiece([
            'aim' => 'coat',
            'conditions' => [
                ['id' => 'rust', 'grade' => 'scale', 'extent' => '20 %'],
                ['id' => 'old-coating', 'grade' => 'dull', 'extent' => '100 %'],
            ],
        ]);
        $stripped = SurfaceState::of('carbon-steel', ['tight-rust' => 1.0]);
        $work = new StepWork($piece->context);
        $minutes = $work->working(Yard::catalogue()->step('strip-discs'), null, $stripped);
        self::assertEqualsWithDelta(9.0 * self::M2, $minutes, 1e-6);
    }

    /** @return iterable<string, array{array<string, mixed>, string, float}> part, film, minutes with the set-up */
    public static function coats(): iterable
    {
        yield 'brush' => [['method' => 'brush'], 'epoxy-primer-2k', 10.0 + 8.0 * self::M2];
        yield 'brush on a lattice' => [
            ['method' => 'brush', 'small_or_lattice' => true],
            'epoxy-primer-2k',
            10.0 + 21.0 * self::M2,
        ];
        yield 'from below' => [['method' => 'brush', 'overhead' => true], 'epoxy-primer-2k', 10.0 + 12.0 * self::M2];
        yield 'gun' => [['method' => 'hvlp'], 'epoxy-primer-2k', 38.0 + 2.5 * self::M2];
        yield 'a can comes from the can' => [['method' => 'brush'], 'enamel-aerosol', 5.0 + 4.0 * self::M2];
    }

    /** @param array<string, mixed> $part */
    #[DataProvider('coats')]
    public function testACoatTakesAsLongAsItsMethod(array $part, string $film, float $minutes): void
    {
        $piece = Yard::workpiece($part);
        $catalogue = Yard::catalogue();
        $work = new StepWork($piece->context);
        self::assertEqualsWithDelta(
            $minutes,
            $work->minutes($catalogue->step($catalogue->coat), $catalogue->product($film)),
            1e-6,
        );
    }

    public function testTheFirstCoatOverBareMetalTakesHalfAsLongAgainAndTheNextNoSettingUp(): void
    {
        $piece = Yard::workpiece(['method' => 'hvlp']);
        $catalogue = Yard::catalogue();
        $coat = $catalogue->step($catalogue->coat);
        $epoxy = $catalogue->product('epoxy-primer-2k');
        $work = new StepWork($piece->context);
        $bare = SurfaceState::of('carbon-steel', []);
        self::assertEqualsWithDelta(38.0 + 1.5 * 2.5 * self::M2, $work->minutes($coat, $epoxy, $bare), 1e-6);
        $primed = $bare->lay(Film::fresh($epoxy, $epoxy->dft));
        self::assertEqualsWithDelta(2.5 * self::M2, $work->minutes($coat, $epoxy, $primed), 1e-6);
        $colour = $catalogue->product('urethane-colour-2k');
        self::assertEqualsWithDelta(38.0 + 2.5 * self::M2, $work->minutes($coat, $colour, $primed), 1e-6);
    }
}
