<?php

declare(strict_types=1);

namespace Hull\Mix;

use Hull\Quantity\Mass;
use Hull\Quantity\Percentage;

/** Pouring to marks on one scale, never taring: how far the next part is, and whether it went over. */
final readonly class Pour
{
    /**
     * @param Mass $target what the scale is to read after the part at hand
     * @param Mass $toGo to add, in whole steps of the scale; nothing when it is reached
     * @param Mass $over past the target by more than the tolerance of that part
     * @param float $level how full the drawn column is, 0 to 1, by the volumes of the parts
     * @param bool $isIn the part is in, within the tolerance
     */
    private function __construct(
        public Mass $target,
        public Mass $toGo,
        public Mass $over,
        public float $level,
        public bool $isIn,
    ) {}

    /**
     * @param list<array{Mass, float}> $marks reading after each part and the top of its layer in the column (0 to 1),
     *                                        in pouring order
     * @param int $poured parts already said to be in
     * @param Mass $net on the scale, without the vessel
     * @param Percentage $tolerance of the sheet, share of each part
     * @param Mass $step of the scale; nothing finer can be asked for
     */
    public static function at(array $marks, int $poured, Mass $net, Percentage $tolerance, Mass $step): self
    {
        $at = max(0, min($poured, count($marks) - 1));
        $target = $marks[$at][0]->kg();
        $before = 0 === $at ? 0.0 : $marks[$at - 1][0]->kg();
        $play = max($step->kg() / 2.0, ($target - $before) * $tolerance->ratioValue());
        $off = $net->kg() - $target;

        $toStep = static fn(float $kg): Mass => Mass::kilograms(max(0.0, round($kg / $step->kg()) * $step->kg()));

        return new self(
            $marks[$at][0],
            $toStep(-$off),
            $toStep($off > $play ? $off : 0.0),
            self::level($marks, $net->kg()),
            abs($off) <= $play,
        );
    }

    /** @param list<array{Mass, float}> $marks */
    private static function level(array $marks, float $net): float
    {
        [$kg, $top] = [0.0, 0.0];
        foreach ($marks as [$mark, $height]) {
            if ($net <= $mark->kg()) {
                return $top + (($height - $top) * max(0.0, $net - $kg)) / max(1e-9, $mark->kg() - $kg);
            }
            [$kg, $top] = [$mark->kg(), $height];
        }

        return min(1.15, ($top * $net) / max(1e-9, $kg));
    }
}
