<?php

declare(strict_types=1);

namespace Judge\TimeLaws;

use Judge\Breach;
use Judge\Steps;
use Judge\Stint;
use Judge\TimeLaw;
use Judge\Timetable;

/**
 * 1: what was washed, rinsed or scraped wet, and is dried on purpose, is set to dry the same day: steel browns, zinc
 * whitens, cloth moulds.
 */
final readonly class DriedSoon implements TimeLaw
{
    private const LAW = 1;
    /** From the end of a wet step to what comes next, half an hour of dwell within it. */
    private const SOON_H = 4.6;
    /** Water that was inside runs out for days, and dries on its way; gel and stripper lie below film. */
    private const LIES_WET = ['open-drains', 'dig-out', 'let-out', 'whiten-peroxide', 'chemical-strip'];

    public function breaches(Timetable $timetable): array
    {
        $breaches = [];
        foreach ($timetable->all() as $stint) {
            $since = $stint->late ? null : self::since($timetable, $stint);
            if (null !== $since && $stint->from - $since > self::SOON_H) {
                $says = sprintf('%s after %.1f h of wet', $stint->words(), $stint->from - $since);
                $breaches[] = new Breach(self::LAW, null, $says);
            }
        }

        return $breaches;
    }

    /** Since when a part stands wet that is set to dry then; null where nothing wetted it just before. */
    public static function since(Timetable $timetable, Stint $next): ?float
    {
        $before = null;
        foreach ($timetable->stints[$next->part] as $stint) {
            if ($stint === $next) {
                break;
            }
            $before = $stint;
        }
        $wets = array_values(array_diff(Steps::WETS, Steps::BATHS, self::LIES_WET));

        // What is let dry by itself is no entry, nor is what dries between two washes.
        return true === $before?->isOneOf($wets) && $next->isOneOf(Steps::DRIES) ? $before->to : null;
    }
}
