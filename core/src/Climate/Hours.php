<?php

declare(strict_types=1);

namespace Hull\Climate;

/** Looks along a row of hours. */
final class Hours
{
    /**
     * @param list<bool> $marked
     *
     * @return list<int> for each hour the next one that is marked, itself counted; their number where none is
     */
    public static function next(array $marked): array
    {
        $next = [];
        $at = count($marked);
        for ($i = count($marked) - 1; $i >= 0; --$i) {
            $next[] = $at = $marked[$i] ? $i : $at;
        }

        return array_reverse($next);
    }

    /**
     * @param list<bool> $marked
     *
     * @return list<int> for each hour the last one that is marked, itself counted; -1 where none is
     */
    public static function last(array $marked): array
    {
        $last = [];
        $at = -1;
        foreach ($marked as $i => $is) {
            $last[] = $at = $is ? $i : $at;
        }

        return $last;
    }
}
