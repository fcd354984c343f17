<?php

declare(strict_types=1);

namespace Hull\Tests\Mix;

use Hull\Mix\Batches;
use Hull\Mix\Dose;
use Hull\Mix\PotLife;
use Hull\Mix\Recipe;
use Hull\Quantity\Density;
use Hull\Quantity\Duration;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\Mass;
use Hull\Quantity\MixRatio;
use Hull\Quantity\Percentage;
use Hull\Quantity\Temperature;
use Hull\Quantity\Volume;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MixTest extends TestCase
{
    /** @return iterable<array{string, float}> */
    public static function recipes(): iterable
    {
        foreach (['1:1', '2:1', '4:1', '4:1+10 %', '18:1', '100:2', '5:1+25 %', '3:1+7.5 %'] as $ratio) {
            foreach ([0.02, 0.4, 1.5, 20.0] as $litres) {
                yield $ratio . ' ' . $litres => [$ratio, $litres];
            }
        }
    }

    #[DataProvider('recipes')]
    public function testThePartsAddUpAndKeepTheirRatio(string $text, float $litres): void
    {
        $ratio = MixRatio::parse($text);
        $recipe = Recipe::ofTotal($ratio, Volume::litres($litres));
        [$a, $b, $t] = [
            $recipe->base->litresValue(),
            $recipe->hardener->litresValue(),
            $recipe->thinner->litresValue(),
        ];
        self::assertEqualsWithDelta($litres, $a + $b + $t, 1e-12);
        self::assertEqualsWithDelta($ratio->base / $ratio->hardener, $a / $b, 1e-9);
        self::assertEqualsWithDelta($ratio->thinnerShare, $t / ($a + $b), 1e-12);
        [$first, $second, $third] = $recipe->cumulative(
            Density::kgPerLitre(1.4),
            Density::kgPerLitre(1.0),
            Density::kgPerLitre(0.87),
        );
        self::assertLessThanOrEqual($second->kg(), $first->kg());
        self::assertLessThanOrEqual($third->kg(), $second->kg());
    }

    public function testEqualDensitiesMakeTheMassRatioTheVolumeRatio(): void
    {
        $mass = Recipe::massRatio(MixRatio::parse('4:1'), Density::kgPerLitre(1.2), Density::kgPerLitre(1.2));
        self::assertEqualsWithDelta(25.0, $mass->hardener, 1e-9);
        $this->expectException(InvalidQuantity::class);
        Recipe::massRatio(MixRatio::onePart(), Density::kgPerLitre(1.2), Density::kgPerLitre(1.2));
    }

    public function testABaseWithoutDensityHasNoMassRatio(): void
    {
        $this->expectException(InvalidQuantity::class);
        $this->expectExceptionMessage('a base without density');
        Recipe::massRatio(MixRatio::parse('4:1'), Density::kgPerLitre(0.0), Density::kgPerLitre(1.2));
    }

    public function testTenDegreesHalveThePotLifeAndEightTimesTheMassHalvesItToo(): void
    {
        $sheet = Duration::minutes(40);
        $at20 = PotLife::at($sheet, Temperature::celsius(25), Temperature::celsius(20));
        $at30 = PotLife::at($sheet, Temperature::celsius(25), Temperature::celsius(30));
        self::assertEqualsWithDelta(2.0, $at20->h() / $at30->h(), 1e-9);
        $big = PotLife::at(
            $sheet,
            Temperature::celsius(25),
            Temperature::celsius(25),
            Mass::grams(100),
            Mass::grams(800),
        );
        self::assertEqualsWithDelta(20.0, $big->min(), 1e-9);
        self::assertEqualsWithDelta(
            80.0,
            PotLife::at($sheet, Temperature::celsius(25), Temperature::celsius(25), tray: true)->min(),
            1e-9,
        );
        $this->expectException(InvalidQuantity::class);
        PotLife::at($sheet, Temperature::celsius(25), Temperature::celsius(25), Mass::grams(100), Mass::grams(0));
    }

    public function testNoBatchOutlivesItsPotOrOverfillsItsCup(): void
    {
        for ($litres = 0.1; $litres < 12.0; $litres += 0.37) {
            $plan = Batches::plan(Volume::litres($litres), 2.0, Duration::hours(0.5), Volume::litres(2.0));
            self::assertLessThanOrEqual(1.0 + 1e-9, $plan->each->litresValue());
            self::assertEqualsWithDelta($litres, $plan->count * $plan->each->litresValue(), 1e-9);
            self::assertGreaterThan($plan->count - 1 - 1e-9, $litres, 'one batch fewer would do');
        }
        self::assertSame(1, Batches::plan(Volume::litres(50), null, null, null)->count);
        self::assertTrue(Batches::plan(Volume::litres(0.05), null, null, null, Volume::litres(0.1))->belowSmallestDose);
        $this->expectException(InvalidQuantity::class);
        Batches::plan(Volume::litres(1), 0.0, Duration::hours(1), null);
    }

    private static function catalyst(float $celsius): Percentage
    {
        return Dose::catalystShare(Yard::table('catalyst')->between(Temperature::celsius($celsius), Percentage::class));
    }

    public function testCatalystFallsWithHeatAndStaysInItsBounds(): void
    {
        $last = 1.0;
        for ($c = 0; $c <= 50; ++$c) {
            $share = self::catalyst($c)->ratioValue();
            self::assertLessThanOrEqual($last, $share);
            self::assertGreaterThanOrEqual(0.01, $share);
            self::assertLessThanOrEqual(0.03, $share);
            $last = $share;
        }
        foreach ([15 => 0.0225, 20 => 0.0175, 25 => 0.015, 30 => 0.0125, 35 => 0.01] as $celsius => $share) {
            self::assertEqualsWithDelta($share, self::catalyst($celsius)->ratioValue(), 1e-12);
        }
    }

    public function testADilutionKeepsWhatIsDissolved(): void
    {
        foreach ([0.01, 0.05, 0.2, 0.35] as $wanted) {
            [$stock, $water] = Dose::dilute(Percentage::percent(35), Percentage::ratio($wanted), Volume::litres(2));
            self::assertEqualsWithDelta($wanted * 2, $stock->litresValue() * 0.35, 1e-12);
            self::assertEqualsWithDelta(2.0, $stock->litresValue() + $water->litresValue(), 1e-12);
        }
        $this->expectException(InvalidQuantity::class);
        Dose::error(Mass::grams(1), Mass::grams(0));
    }
}
