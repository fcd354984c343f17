<?php

declare(strict_types=1);

namespace Judge\Laws;

use Judge\Breach;
use Judge\Law;
use Judge\Steps;
use Judge\Work;

/** 2: oil, wax and dressing come after everything that washes, bathes, abrades, whitens, wipes, tests or coats. */
final readonly class FeedingIsLast implements Law
{
    private const AFTER = [
        ...Steps::WASHES,
        ...Steps::BATHS,
        ...Steps::RUBS,
        ...Steps::WIPES,
        'white-wipe',
        Steps::COAT,
        'rinse',
    ];

    public function breaches(Work $work): array
    {
        $breaches = [];
        foreach ($work->where(Steps::FEEDS) as $at) {
            foreach ($work->where(self::AFTER) as $later) {
                if ($later > $at) {
                    $breaches[] = new Breach(
                        2,
                        $at,
                        sprintf('%s, then %s', $work->steps[$at]->step, $work->steps[$later]->step),
                    );
                    break;
                }
            }
        }

        return $breaches;
    }
}
