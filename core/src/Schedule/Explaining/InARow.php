<?php

declare(strict_types=1);

namespace Hull\Schedule\Explaining;

use Hull\Catalog\Catalogue;
use Hull\Quantity\Interval;

/** What one part after the other goes through without a break, set up once: one line of somebody's day. */
final class InARow
{
    /**
     * @param list<Stretch> $work in order of time
     *
     * @return list<int> for each of them the number of the one that its row begins with: its own where it stands alone
     */
    public static function heads(Catalogue $catalogue, array $work): array
    {
        $heads = [];
        $last = [];
        foreach ($work as $n => $one) {
            $hands = implode("\n", $one->who);
            $before = [] === $one->who ? null : $last[$hands] ?? null;
            $heads[] = null !== $before && self::goesOn($catalogue, $work[$before], $one) ? $heads[$before] : $n;
            $last[$hands] = $n;
        }

        return $heads;
    }

    private static function goesOn(Catalogue $catalogue, Stretch $before, Stretch $one): bool
    {
        return $before->step === $one->step &&
            $before->place === $one->place &&
            true === ($catalogue->steps[$one->step] ?? null)?->goesInARow() &&
            abs($one->start - $before->end) <= Interval::SAME;
    }
}
