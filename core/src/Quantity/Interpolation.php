<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** Straight-line reading between table points, held flat outside them. */
final class Interpolation
{
    /** @param non-empty-array<int|string, float> $points x => y in ascending x */
    public static function held(array $points, float $x): float
    {
        $lastX = null;
        $lastY = 0.0;
        foreach ($points as $pointX => $pointY) {
            $pointX = (float) $pointX;
            if ($x <= $pointX) {
                return null === $lastX ? $pointY : $lastY + (($pointY - $lastY) * ($x - $lastX)) / ($pointX - $lastX);
            }
            $lastX = $pointX;
            $lastY = $pointY;
        }

        return $lastY;
    }
}
