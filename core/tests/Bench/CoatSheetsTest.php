<?php

declare(strict_types=1);

namespace Hull\Tests\Bench;

use Hull\Bench\CoatSheet;
use Hull\Bench\CoatSheets;
use Hull\Bench\Tools;
use Hull\Climate\Air;
use Hull\Compute\Result;
use Hull\Compute\Source;
use Hull\Quantity\Count;
use Hull\Quantity\Duration;
use Hull\Quantity\FilmThickness;
use Hull\Quantity\Mass;
use Hull\Quantity\Percentage;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;
use Hull\Quantity\Volume;
use Hull\Tests\Yard;
use PHPUnit\Framework\TestCase;

/** The card of each coat: paint, mix, pot life, clocks. */
final class CoatSheetsTest extends TestCase
{
    public function testEachCoatOfTheRouteHasItsSheetInOrder(): void
    {
        self::assertSame(
            [['epoxy-primer-2k', 1], ['epoxy-primer-2k', 2], ['urethane-colour-2k', 1], ['urethane-colour-2k', 2]],
            array_map(static fn(CoatSheet $s): array => [$s->product->id, $s->coat], $this->sheets()),
        );
    }

    public function testThePaintIsAreaTimesFilmOverSolidsAndLoss(): void
    {
        $sheet = $this->sheets()[0];
        self::assertEqualsWithDelta(0.112, $this->litres($sheet, 'theoretical'), 1e-9);
        self::assertEqualsWithDelta(0.112 / 0.93, $this->litres($sheet, 'needed'), 1e-9);
        self::assertSame(0.07, $sheet->loss->quantity('loss', Percentage::class)->ratioValue());
        self::assertSame(100.0, $sheet->wet->quantity('wft', FilmThickness::class)->um());
    }

    public function testThinnerIsMixedInAndLaidOnWetter(): void
    {
        $sheet = $this->sheets()[2];
        self::assertEqualsWithDelta(1.1 * $this->litres($sheet, 'needed'), $this->litres($sheet, 'mixed'), 1e-9);
        self::assertEqualsWithDelta((30 * 1.1) / 0.45, $sheet->wet->quantity('wft', FilmThickness::class)->um(), 1e-9);
        $sum = array_sum(
            array_map(static fn(string $p): float => self::mix($sheet)->quantity($p, Volume::class)->litresValue(), [
                'base',
                'hardener',
                'thinner',
            ]),
        );
        self::assertEqualsWithDelta($this->litres($sheet, 'mixed'), $sum, 1e-9);
        self::assertGreaterThan(
            self::mix($sheet)->quantity('scaleBase', Mass::class)->kg(),
            self::mix($sheet)->quantity('scaleHardener', Mass::class)->kg(),
        );
    }

    private static function mix(CoatSheet $sheet): Result
    {
        return $sheet->mix ?? self::fail('nothing to mix');
    }

    public function testABlastProfileSwallowsPaintUnderTheFirstCoatOnly(): void
    {
        $sheets = $this->sheets(['schools' => ['removing' => 'blast']]);
        self::assertEqualsWithDelta(
            (1.12 * 0.04) / 0.93,
            $this->litres($sheets[0], 'needed') - $this->litres($sheets[1], 'needed'),
            1e-9,
        );
        self::assertEqualsWithDelta(
            $this->litres($this->sheets()[1], 'needed'),
            $this->litres($sheets[1], 'needed'),
            1e-9,
        );
    }

    public function testTheGunAndTheLatticeTakeTheirShare(): void
    {
        $sheet = $this->sheets(['method' => 'hvlp', 'small_or_lattice' => true])[0];
        self::assertEqualsWithDelta(0.5, $sheet->loss->quantity('loss', Percentage::class)->ratioValue(), 1e-9);
        self::assertEqualsWithDelta(0.224, $this->litres($sheet, 'needed'), 1e-9);
    }

    public function testASmallCupMeansMoreBatches(): void
    {
        $piece = Yard::workpiece();
        $sheets = (new CoatSheets($piece, $piece->context->air()))->of(
            $piece->plan(),
            new Tools(Volume::millilitres(60), Mass::grams(1.0)),
        );
        self::assertSame(4.0, $sheets[0]->batches->quantity('count', Count::class)->value());
        self::assertLessThanOrEqual(0.04, $sheets[0]->batches->quantity('each', Volume::class)->litresValue());
        self::assertEqualsWithDelta(
            $sheets[0]->batches->quantity('each', Volume::class)->litresValue(),
            self::mix($sheets[0])->quantity('base', Volume::class)->litresValue() * 2,
            1e-9,
        );
    }

    public function testTheAirAtHandSetsPotLifeAndClocks(): void
    {
        $cool = $this->sheets(air: [13.0, 60.0])[0];
        $warm = $this->sheets(air: [26.0, 60.0])[0];
        self::assertGreaterThan($this->hours($warm->potLife, 'potLife'), $this->hours($cool->potLife, 'potLife'));
        foreach (['touch', 'recoatMin', 'recoatMax', 'full'] as $event) {
            self::assertGreaterThan(
                $this->hours($warm->cure[$event], 'time'),
                $this->hours($cool->cure[$event], 'time'),
                $event,
            );
        }
    }

    public function testWhereTheSheetDoesNotReachThereIsNoTimeAndTheGateIsShut(): void
    {
        $sheet = $this->sheets(air: [2.0, 60.0])[0];
        self::assertSame(['touch' => null, 'recoatMin' => null, 'recoatMax' => null, 'full' => null], $sheet->cure);
        self::assertFalse($sheet->gate->flag('open'));
        self::assertStringContainsString('outside the sheet', implode(' ', $sheet->gate->outcome->warnings));
    }

    public function testEveryFigureSaysWhatItRestsOn(): void
    {
        foreach ($this->sheets() as $sheet) {
            self::assertSame(
                [Source::Typical, Source::Typical, Source::Typical],
                [$sheet->loss->source, $sheet->quantity->source, $sheet->wet->source],
            );
            self::assertSame(Source::Estimate, $sheet->potLife?->source);
        }
    }

    public function testAOnePartPaintHasNoPotLifeAndNoHardener(): void
    {
        $sheet = $this->sheets(['service' => 'interior'])[0];
        self::assertSame('alkyd-primer', $sheet->product->id);
        self::assertNull($sheet->potLife);
        self::assertSame(0.0, self::mix($sheet)->quantity('hardener', Volume::class)->litresValue());
    }

    /**
     * @param array<int|string, mixed> $change
     * @param array{float, float}|null $air
     *
     * @return list<CoatSheet>
     */
    private function sheets(array $change = [], ?array $air = null): array
    {
        $piece = Yard::workpiece($change);
        $here =
            null === $air
                ? $piece->context->air()
                : Air::of(Temperature::celsius($air[0]), RelativeHumidity::percent($air[1]));

        return (new CoatSheets($piece, $here))->of($piece->plan(), Tools::usual());
    }

    private function litres(CoatSheet $sheet, string $name): float
    {
        return $sheet->quantity->quantity($name, Volume::class)->litresValue();
    }

    private function hours(?Result $result, string $name): float
    {
        return $result?->quantity($name, Duration::class)->h() ?? self::fail('No ' . $name);
    }
}
