<?php

declare(strict_types=1);

namespace Hull\Laminate;

use Hull\Quantity\Length;
use Hull\Quantity\MassPerArea;
use Hull\Quantity\Percentage;

/** Plies of glass and resin laid by hand to a thickness, over a ground taper (calculations 5). */
final readonly class PlyStack
{
    public const GLASS_DENSITY = 2.56;
    public const RESIN_DENSITY = 1.2;
    /** Taper width per thickness for a structural repair. */
    public const TAPER = 12.0;

    /** Resin that a square metre of one ply takes. */
    public static function resin(MassPerArea $glass, Percentage $fraction): MassPerArea
    {
        return MassPerArea::gramsPerM2(($glass->gPerM2() * (1.0 - $fraction->ratioValue())) / $fraction->ratioValue());
    }

    public static function thickness(MassPerArea $glass, Percentage $fraction): Length
    {
        return Length::metres(
            $glass->gPerM2() / 1e6 / self::GLASS_DENSITY +
                self::resin($glass, $fraction)->gPerM2() / 1e6 / self::RESIN_DENSITY,
        );
    }

    public static function plies(Length $lost, MassPerArea $glass, Percentage $fraction): int
    {
        return (int) ceil($lost->m() / self::thickness($glass, $fraction)->m() - 1e-9);
    }

    /**
     * Side of each ply of a hole, smallest first, for one side of the hole; each reaches further up the taper.
     *
     * @return list<Length>
     */
    public static function sides(Length $hole, Length $lost, int $plies, float $taper = self::TAPER): array
    {
        $sides = [];
        for ($ply = 1; $ply <= $plies; ++$ply) {
            $sides[] = Length::metres($hole->m() + (2.0 * $taper * $lost->m() * $ply) / $plies);
        }

        return $sides;
    }
}
