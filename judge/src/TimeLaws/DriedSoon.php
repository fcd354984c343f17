<?php

declare(strict_types=1);

namespace Judge\TimeLaws;

use Judge\Breach;
use Judge\Steps;
use Judge\Stint;
use Judge\TimeLaw;
use Judge\Timetable;

/** 1: what was washed, rinsed or scraped wet is set to dry the same day: steel browns, zinc whitens, cloth moulds. */
final readonly class DriedSoon implements TimeLaw
{
    private const LAW = 1;
    /** From the end of the first wet step to the beginning of drying, half an hour of dwell within it. */
    private const SOON_H = 4.6;
    /** Water that was inside runs out for days, and dries on its way. */
    private const DRIPS = ['open-drains', 'dig-out', 'let-out'];

    public function breaches(Timetable $timetable): array
    {
        $breaches = [];
        foreach ($timetable->all() as $stint) {
            $since = $stint->isOneOf(Steps::DRIES) && !$stint->late ? self::since($timetable, $stint) : null;
            if (null !== $since && $stint->from - $since > self::SOON_H) {
                $says = sprintf('%s after %.1f h of wet', $stint->words(), $stint->from - $since);
                $breaches[] = new Breach(self::LAW, null, $says);
            }
        }

        return $breaches;
    }

    /** Since when what is set to dry is wet; null where nothing wetted it. */
    public static function since(Timetable $timetable, Stint $drying): ?float
    {
        $wets = array_values(array_diff(Steps::WETS, Steps::BATHS, self::DRIPS));
        $since = null;
        foreach ($timetable->stints[$drying->part] as $stint) {
            if ($stint->from >= $drying->from) {
                break;
            }
            $since = match (true) {
                $stint->isOneOf(Steps::DRIES) => null,
                $stint->isOneOf($wets) => $since ?? $stint->to,
                default => $since,
            };
        }

        return $since;
    }
}
