<?php

declare(strict_types=1);

namespace Hull\Film;

use Hull\Quantity\Area;
use Hull\Quantity\FilmThickness;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\Percentage;
use Hull\Quantity\SpreadingRate;
use Hull\Quantity\Volume;
use Hull\Quantity\VolumePerArea;

/** Film thickness, coverage and quantity from volume solids (geometry of a film; no chemistry). */
final class Coverage
{
    /** Spreading rate = 10 x VS% / DFT[um] m2/L. */
    public static function spreadingRate(Percentage $solids, FilmThickness $dft): SpreadingRate
    {
        return SpreadingRate::m2PerLitre((1000.0 * self::solids($solids)) / self::film($dft));
    }

    /** WFT = DFT x (1 + t) / VS, t = thinner per volume of mixed paint. */
    public static function wetFilm(FilmThickness $dft, Percentage $solids, Percentage $thinner): FilmThickness
    {
        return FilmThickness::micrometres(($dft->um() * (1.0 + $thinner->ratioValue())) / self::solids($solids));
    }

    /** (area x coats x DFT / (10 x VS%) + area x dead volume) / (1 - loss); the dead volume is taken once. */
    public static function quantity(
        Area $area,
        float $coats,
        FilmThickness $dft,
        Percentage $solids,
        Percentage $loss,
        VolumePerArea $dead,
    ): Volume {
        if ($loss->ratioValue() >= 1.0) {
            throw new InvalidQuantity(
                'A loss of 100 % or more leaves no paint on the part.',
                'a loss from 0 % to 95 %',
            );
        }

        return Volume::litres(
            (($area->m2() * $coats * $dft->um()) / (1000.0 * self::solids($solids)) + $area->m2() * $dead->lPerM2()) /
                (1.0 - $loss->ratioValue()),
        );
    }

    /** m2 per coat and can = net volume x VS x (1 - loss) x 1000 / DFT[um]. */
    public static function aerosolArea(Volume $net, Percentage $solids, Percentage $loss, FilmThickness $dft): Area
    {
        return Area::squareMetres(
            ($net->litresValue() * self::solids($solids) * (1.0 - min(1.0, $loss->ratioValue())) * 1000.0) /
                self::film($dft),
        );
    }

    private static function solids(Percentage $solids): float
    {
        if ($solids->ratioValue() <= 0.0 || $solids->ratioValue() > 1.0) {
            throw new InvalidQuantity(
                sprintf('Volume solids of %g %% leave no film or more than there is.', $solids->ratioValue() * 100),
                'volume solids above 0 % up to 100 %',
            );
        }

        return $solids->ratioValue();
    }

    private static function film(FilmThickness $dft): float
    {
        return $dft->um() > 0.0
            ? $dft->um()
            : throw new InvalidQuantity(
                'A film of no thickness covers without end.',
                'a film thickness above 0 um, such as 60 um or 2.5 mil',
            );
    }
}
