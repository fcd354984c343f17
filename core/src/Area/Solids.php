<?php

declare(strict_types=1);

namespace Hull\Area;

use Hull\Quantity\InvalidQuantity;

/** Surface of the shapes parts are made of. Lengths in m, areas in m2. */
final class Solids
{
    /** @param list<Hole> $cutouts */
    public static function plate(float $length, float $width, float $thickness, bool $bothFaces, array $cutouts): float
    {
        $open = array_sum(array_column($cutouts, 'area'));
        if ($open >= $length * $width && $length * $width > 0.0) {
            throw new InvalidQuantity(
                'The cut-outs are larger than the plate.',
                'cut-outs that leave some plate',
                'cutoutLength',
            );
        }
        $edges = (2 * ($length + $width) + array_sum(array_column($cutouts, 'edge'))) * $thickness;

        return ($length * $width - $open) * ($bothFaces ? 2 : 1) + $edges;
    }

    public static function tube(float $diameter, float $wall, float $length, bool $inside): float
    {
        $bore = self::positive(
            $diameter - 2 * $wall,
            'The wall is thicker than the tube.',
            'a wall under half the diameter',
            'wall',
        );

        return \M_PI * ($diameter + ($inside ? $bore : 0.0)) * $length;
    }

    public static function box(float $width, float $height, float $wall, float $length, bool $inside): float
    {
        $bore = self::positive(
            min($width, $height) - 2 * $wall,
            'The wall is thicker than the section.',
            'a wall under half the smaller side',
            'wall',
        );
        $inner = 2 * ($width + $height - 4 * $wall) * ($bore > 0.0 ? 1 : 0);

        return (2 * ($width + $height) + ($inside ? $inner : 0.0)) * $length;
    }

    public static function angle(float $legA, float $legB, float $length): float
    {
        return 2 * ($legA + $legB) * $length;
    }

    public static function channel(float $web, float $flange, float $thickness, float $length): float
    {
        return (2 * $web + 4 * $flange - 2 * $thickness) * $length;
    }

    public static function iSection(float $height, float $flange, float $webThickness, float $length): float
    {
        return (2 * $height + 4 * $flange - 2 * $webThickness) * $length;
    }

    public static function roundBar(float $diameter, float $length): float
    {
        return \M_PI * $diameter * $length + (\M_PI * $diameter ** 2) / 2;
    }

    public static function coneFrustum(float $large, float $small, float $height): float
    {
        return ((\M_PI * ($large + $small)) / 2) * hypot($height, ($large - $small) / 2);
    }

    /** Cap of a sphere by base diameter and rise, one face. */
    public static function dome(float $diameter, float $rise): float
    {
        return \M_PI * (($diameter / 2) ** 2 + $rise ** 2);
    }

    /** Four walls and a floor, inside. */
    public static function tank(float $length, float $width, float $depth): float
    {
        return $length * $width + 2 * ($length + $width) * $depth;
    }

    /** Face (both sides, less the open share between spokes) and barrel inside and out. */
    public static function wheel(float $diameter, float $width, float $solidShare): float
    {
        return ((\M_PI * $diameter ** 2) / 2) * $solidShare + 2 * \M_PI * $diameter * $width;
    }

    /** Bars of one diameter. */
    public static function lattice(float $diameter, float $totalLength): float
    {
        return \M_PI * $diameter * $totalLength;
    }

    /** A roof with upstands round it, less what is fitted on it. */
    public static function roof(float $length, float $width, float $curb, float $fittings): float
    {
        return self::positive(
            $length * $width + 2 * ($length + $width) * $curb - $fittings,
            'The fittings are larger than the roof.',
            'fittings that leave some roof',
        );
    }

    public static function strip(float $width, float $length): float
    {
        return $width * $length;
    }

    private static function positive(float $value, string $message, string $accepted, string $field = ''): float
    {
        return $value >= -1e-12 ? max(0.0, $value) : throw new InvalidQuantity($message, $accepted, $field);
    }
}
