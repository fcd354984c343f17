<?php

declare(strict_types=1);

namespace Hull\Bench;

use Hull\Job\Route;
use Hull\Job\RouteStep;

/** Two routes laid side by side: what they share stands on one line, what only one has stands alone. */
final class SideBySide
{
    /**
     * @return list<array{RouteStep|null, RouteStep|null}> in the order of both, as many shared lines as there can be
     */
    public static function rows(Route $left, Route $right): array
    {
        $l = $left->steps;
        $r = $right->steps;
        $shared = array_fill(0, count($l) + 1, array_fill(0, count($r) + 1, 0));
        for ($i = count($l) - 1; $i >= 0; --$i) {
            for ($j = count($r) - 1; $j >= 0; --$j) {
                $shared[$i][$j] = self::alike($l[$i], $r[$j])
                    ? 1 + $shared[$i + 1][$j + 1]
                    : max($shared[$i + 1][$j], $shared[$i][$j + 1]);
            }
        }
        $rows = [];
        for ($i = 0, $j = 0; $i < count($l) || $j < count($r); ) {
            if ($i < count($l) && $j < count($r) && self::alike($l[$i], $r[$j])) {
                $rows[] = [$l[$i++], $r[$j++]];
            } elseif ($j >= count($r) || ($i < count($l) && $shared[$i + 1][$j] >= $shared[$i][$j + 1])) {
                $rows[] = [$l[$i++], null];
            } else {
                $rows[] = [null, $r[$j++]];
            }
        }

        return $rows;
    }

    private static function alike(RouteStep $one, RouteStep $other): bool
    {
        return $one->step === $other->step && $one->product === $other->product;
    }
}
