<?php

declare(strict_types=1);

namespace Hull\Tests\Mix;

use Hull\Mix\Proportions;
use Hull\Mix\RatioBy;
use Hull\Quantity\Density;
use Hull\Quantity\MixRatio;
use PHPUnit\Framework\TestCase;

/** A ratio by volume and one by mass are never taken for one another. */
final class ProportionsTest extends TestCase
{
    public function testBothAreNamed(): void
    {
        $both = Proportions::of(
            MixRatio::parse('2:1'),
            RatioBy::Volume,
            null,
            Density::kgPerLitre(1.15),
            Density::kgPerLitre(0.95),
        );
        self::assertSame(
            ['2:1 by volume', '100:41.3 by mass', []],
            [$both->text(RatioBy::Volume), $both->text(RatioBy::Mass), $both->missing],
        );
        self::assertFalse($both->bothStated);
    }

    public function testWithoutDensitiesItSaysWhatIsMissingInsteadOfGuessing(): void
    {
        $byVolume = Proportions::of(MixRatio::parse('4:1+10 %'), RatioBy::Volume, null, Density::kgPerLitre(1.2));
        self::assertNull($byVolume->byMass);
        self::assertSame(['density of B', 'density of the thinner'], $byVolume->missing);
        $byMass = Proportions::of(MixRatio::parse('100:2'), RatioBy::Mass);
        self::assertNull($byMass->byVolume);
        self::assertSame(['density of A', 'density of B'], $byMass->missing);
    }

    public function testWhatTheSheetStatesStandsEvenAgainstTheDensities(): void
    {
        $both = Proportions::of(
            MixRatio::parse('4:1'),
            RatioBy::Volume,
            MixRatio::parse('100:18'),
            Density::kgPerLitre(1.48),
            Density::kgPerLitre(1.02),
        );
        self::assertSame('100:18 by mass', $both->text(RatioBy::Mass), 'the densities alone would say 100:17.2');
        self::assertTrue($both->bothStated);
    }

    public function testThereAndBackAgain(): void
    {
        mt_srand(3);
        for ($i = 0; $i < 200; ++$i) {
            [$a, $b, $t] = array_map(static fn(): Density => Density::kgPerLitre(mt_rand(70, 300) / 100), range(1, 3));
            $ratio = MixRatio::of(mt_rand(1, 20), mt_rand(1, 5), mt_rand(0, 20) / 100);
            $mass = Proportions::of($ratio, RatioBy::Volume, null, $a, $b, $t)->byMass ?? self::fail();
            $volume = Proportions::of($mass, RatioBy::Mass, null, $a, $b, $t)->byVolume ?? self::fail();
            self::assertEqualsWithDelta($ratio->hardener / $ratio->base, $volume->hardener / $volume->base, 1e-9);
            self::assertEqualsWithDelta($ratio->thinnerShare, $volume->thinnerShare, 1e-9);
        }
    }

    public function testAThirdPartWithoutAPercentSignCountsLikeTheOthers(): void
    {
        self::assertEqualsWithDelta(0.2, MixRatio::parse('4:1:1')->thinnerShare, 1e-12);
        self::assertEqualsWithDelta(0.1, MixRatio::parse('4:1:10 %')->thinnerShare, 1e-12);
        self::assertEqualsWithDelta(0.1, MixRatio::parse('4:1+10 %')->thinnerShare, 1e-12);
    }
}
