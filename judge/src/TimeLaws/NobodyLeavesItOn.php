<?php

declare(strict_types=1);

namespace Judge\TimeLaws;

use Judge\Breach;
use Judge\TimeLaw;
use Judge\Timetable;

/** 21: an oven or a boiling tub is not left on when the last one goes home; over lunch somebody looks in. */
final readonly class NobodyLeavesItOn implements TimeLaw
{
    private const LAW = 21;
    /** On for so long after it was set going, hours. */
    private const ON = ['oven-cure' => 2.5, 'degas' => 2.0, 'ramp-cure' => 4.0, 'boil-black' => 2.0];
    private const LUNCH_H = 1.0;
    private const SLACK_H = 0.02;

    public function breaches(Timetable $timetable): array
    {
        $there = [];
        foreach ($timetable->manned as [$from, $to]) {
            $last = count($there) - 1;
            $last >= 0 && $from <= $there[$last][1] + self::LUNCH_H
                ? ($there[$last][1] = max($there[$last][1], $to))
                : ($there[] = [$from, $to]);
        }
        $breaches = [];
        foreach ($timetable->all() as $stint) {
            $off = $stint->to + (self::ON[$stint->step] ?? -\INF);
            $seen = array_filter(
                $there,
                static fn(array $span): bool => $span[0] <= $stint->to && $span[1] >= $off - self::SLACK_H,
            );
            if (is_finite($off) && [] === $seen) {
                $breaches[] = new Breach(self::LAW, null, $stint->words() . ' is left on');
            }
        }

        return $breaches;
    }
}
