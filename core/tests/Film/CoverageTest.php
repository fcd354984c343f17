<?php

declare(strict_types=1);

namespace Hull\Tests\Film;

use Hull\Film\Coverage;
use Hull\Quantity\Area;
use Hull\Quantity\FilmThickness;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\Percentage;
use Hull\Quantity\Volume;
use Hull\Quantity\VolumePerArea;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Geometry of a film by hand-worked figures, and what it refuses. */
final class CoverageTest extends TestCase
{
    public function testWhatAFilmTakesAndCovers(): void
    {
        [$half, $film] = [Percentage::percent(50), FilmThickness::micrometres(100)];
        self::assertEqualsWithDelta(5.0, Coverage::spreadingRate($half, $film)->m2PerL(), 1e-9);
        self::assertEqualsWithDelta(220.0, Coverage::wetFilm($film, $half, Percentage::percent(10))->um(), 1e-9);
        // 4 m2 x 2 coats x 100 um / 500 = 1.6 L and 4 x 0.05 in the profile, of which a fifth is lost.
        $litres = Coverage::quantity(
            Area::squareMetres(4),
            2,
            $film,
            $half,
            Percentage::percent(20),
            VolumePerArea::litresPerM2(0.05),
        );
        self::assertEqualsWithDelta(2.25, $litres->litresValue(), 1e-9);
        $can = static fn(float $loss): float => Coverage::aerosolArea(
            Volume::litres(0.4),
            $half,
            Percentage::percent($loss),
            $film,
        )->m2();
        self::assertEqualsWithDelta([2.0, 1.2, 0.0], [$can(0), $can(40), $can(100)], 1e-9);
    }

    public function testTheProfileTakesItsShareBetweenTheTabledDepths(): void
    {
        foreach ([[0, 0.0], [15, 0.01], [30, 0.02], [60, 0.04], [97.5, 0.065], [105, 0.07], [200, 0.07]] as [$um, $l]) {
            $dead = Yard::table('dead-volume')->between(FilmThickness::micrometres($um), VolumePerArea::class);
            self::assertEqualsWithDelta($l, $dead->lPerM2(), 1e-9);
        }
    }

    /** @return iterable<string, array{float, float, float, string}> solids and loss in %, film in um, what is said */
    public static function nothing(): iterable
    {
        yield 'no solids' => [0.0, 0.0, 60.0, 'Volume solids of 0 %'];
        yield 'more than there is' => [101.0, 0.0, 60.0, 'Volume solids of 101 %'];
        yield 'no film' => [50.0, 0.0, 0.0, 'A film of no thickness'];
        yield 'all lost' => [50.0, 100.0, 60.0, 'A loss of 100 %'];
    }

    #[DataProvider('nothing')]
    public function testWhatLeavesNoFilmIsRefused(float $solids, float $loss, float $um, string $says): void
    {
        $this->expectException(InvalidQuantity::class);
        $this->expectExceptionMessage($says);
        [$solids, $film] = [Percentage::percent($solids), FilmThickness::micrometres($um)];
        Coverage::quantity(
            Area::squareMetres(1),
            1,
            $film,
            $solids,
            Percentage::percent($loss),
            VolumePerArea::litresPerM2(0),
        );
        Coverage::spreadingRate($solids, $film);
    }

    public function testAllSolidsAndAlmostAllLostAreTaken(): void
    {
        $film = FilmThickness::micrometres(100);
        self::assertSame(10.0, Coverage::spreadingRate(Percentage::percent(100), $film)->m2PerL());
    }
}
