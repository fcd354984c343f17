<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Climate\Air;
use Hull\Climate\Forecast;
use Hull\Climate\GateReason;
use Hull\Climate\PlaceAir;
use Hull\Climate\Weather;
use Hull\Cure\Readiness;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Speed;
use Hull\Quantity\Temperature;
use Hull\Schedule\Constraint\Airs;
use Hull\Schedule\Constraint\RainFree;
use Hull\Surface\FilmPhase;
use Hull\Tests\Yard;
use PHPUnit\Framework\TestCase;

/** What the air of an open yard means for films and for what gets wet, hour by hour. */
final class AirsTest extends TestCase
{
    private const FROM = 1000;

    public function testRainHarmsAFilmLongerThanDust(): void
    {
        $airs = new Airs(['yard' => self::air([])]);
        $later = 0;
        foreach (Yard::catalogue()->products as $product) {
            $touch = $airs->cure('yard', $product, FilmPhase::Tacky)?->reachedAt(self::FROM);
            $rain = $airs->ready('yard', $product, Readiness::Rain)?->reachedAt(self::FROM);
            if (null === $product->cure) {
                self::assertNull($rain, $product->id);
                continue;
            }
            self::assertNotNull($rain, $product->id);
            if (!$product->cure->states(Readiness::Rain)) {
                self::assertGreaterThanOrEqual($touch, $rain, $product->id);
            }
            $later += $rain > $touch ? 1 : 0;
        }
        self::assertGreaterThan(10, $later);
    }

    public function testTheFirstHourOfRainWetsAsEveryOther(): void
    {
        foreach ([0, 1, 5] as $wet) {
            $air = self::air([$wet]);
            $drying = (new Airs(['yard' => $air]))->drying('yard');
            $amount = max(Yard::table('drying')->figures());
            $rain = RainFree::in($air, $drying, $amount) ?? self::fail('it rains');
            $over = self::FROM + $wet + 1.0;
            $dry = $drying->reachedAt($over, $amount);
            self::assertGreaterThan($over + 1.0, $dry, 'it takes a while to dry');
            self::assertEquals([GateReason::Wet, $dry], $rain->against($over + 0.5, $over + 1.0), "rain in hour $wet");
            self::assertNull($rain->against((float) $dry, (float) $dry + 9.0), 'dry, and no more of it');
            self::assertSame((float) (self::FROM + $wet), $rain->rainAfter(self::FROM + $wet - 0.5));
            self::assertNull($rain->rainAfter($over));
        }
        self::assertNull(RainFree::in(self::air([])), 'where it never rains');
    }

    public function testWorkIsOverBeforeTheRainOrWaitsForItsEnd(): void
    {
        $rain = RainFree::in(self::air([6])) ?? self::fail('it rains');
        self::assertNull($rain->against(self::FROM + 2.0, self::FROM + 6.0), 'up to its first minute');
        self::assertEquals(
            [GateReason::Rain, self::FROM + 7.0],
            $rain->against(self::FROM + 2.0, self::FROM + 6.1),
            'tried again when the hour is over',
        );
    }

    /** @param list<int> $rains hours in which it does */
    private static function air(array $rains): PlaceAir
    {
        $air = Air::of(Temperature::celsius(16.0), RelativeHumidity::percent(60.0));
        $hours = array_map(
            static fn(int $h): Weather => Weather::of(
                $air,
                Speed::metresPerSecond(2.0),
                in_array($h, $rains, true) ? 1.0 : 0.0,
            ),
            range(0, 71),
        );
        $places = Yard::catalogue()->places;
        $open = array_values(array_filter($places, static fn(\Hull\Climate\Enclosure $p): bool => !$p->sheltered))[0];

        return PlaceAir::of($open, $air, Forecast::of(self::FROM, $hours, 'made up'), [], self::FROM, 72);
    }
}
