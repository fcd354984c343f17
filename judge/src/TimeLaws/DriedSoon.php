<?php

declare(strict_types=1);

namespace Judge\TimeLaws;

use Judge\Breach;
use Judge\Steps;
use Judge\TimeLaw;
use Judge\Timetable;

/** 1: what was washed, rinsed or scraped wet is set to dry the same day: steel browns, zinc whitens, cloth moulds. */
final readonly class DriedSoon implements TimeLaw
{
    private const LAW = 1;
    /** From the end of the first wet step to the beginning of drying, half an hour of dwell within it. */
    private const SOON_H = 4.6;

    public function breaches(Timetable $timetable): array
    {
        $wets = array_diff(Steps::WETS, Steps::BATHS);
        $breaches = [];
        foreach ($timetable->stints as $stints) {
            $since = null;
            foreach ($stints as $stint) {
                if ($stint->isOneOf(Steps::DRIES)) {
                    $wet = null === $since || $stint->late ? 0.0 : $stint->from - $since;
                    $since = null;
                    if ($wet > self::SOON_H) {
                        $breaches[] = new Breach(
                            self::LAW,
                            null,
                            sprintf('%s after %.1f h of wet', $stint->words(), $wet),
                        );
                    }
                } elseif ($stint->isOneOf($wets)) {
                    $since ??= $stint->to;
                }
            }
        }

        return $breaches;
    }
}
