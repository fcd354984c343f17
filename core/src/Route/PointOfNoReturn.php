<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Catalog\Step;
use Hull\Surface\AllOf;
use Hull\Surface\FactWithin;
use Hull\Surface\Precondition;
use Hull\Surface\SurfaceState;

/**
 * Steps that do what a goal forbids and no step on offer undoes (epoxy in a repair that is to take gelcoat) never lead
 * there.
 */
final readonly class PointOfNoReturn
{
    /**
     * @param list<Precondition> $goal
     * @param list<Step> $steps
     *
     * @return list<Step> those after which the goal can still be reached
     */
    public static function before(SurfaceState $from, array $goal, array $steps): array
    {
        $asked = self::asked($from, $goal);
        $spoilers = [];
        $mended = [];
        foreach ($steps as $number => $step) {
            foreach ($step->does as $effect) {
                foreach ($asked[$effect->fact] ?? [] as $key => $question) {
                    if ($question->isBroughtBy($effect)) {
                        $mended[$key] = true;
                    } elseif (!$question->takes($effect->after($from->fact($effect->fact)))) {
                        $spoilers[$key][$number] = $step;
                    }
                }
            }
        }
        foreach (array_diff_key($spoilers, $mended) as $gone) {
            $steps = array_diff_key($steps, $gone);
        }

        return array_values($steps);
    }

    /**
     * @param list<Precondition> $goal
     *
     * @return array<int|string, array<int|string, FactWithin>> what must hold at the end and does so now, by fact
     */
    private static function asked(SurfaceState $from, array $goal): array
    {
        $asked = [];
        foreach ($goal as $need) {
            foreach ($need->predicate instanceof AllOf ? $need->predicate->of : [$need->predicate] as $one) {
                if ($one instanceof FactWithin && $one->holds($from)) {
                    $asked[$one->fact][$one->key()] = $one;
                }
            }
        }

        return $asked;
    }
}
