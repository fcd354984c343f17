<?php

declare(strict_types=1);

namespace Judge\Laws;

use Judge\Breach;
use Judge\Law;
use Judge\Steps;
use Judge\Work;

/** 8: drains are opened and trapped water let out before any other work on that hollow. */
final readonly class WaterOutFirst implements Law
{
    private const WORK = [
        ...Steps::WASHES,
        ...Steps::BATHS,
        ...Steps::RUBS,
        ...Steps::FEEDS,
        Steps::COAT,
        'metal-polish',
        'polish',
        'drill-tap',
        'weld',
        'trial-fit',
        'straighten',
        'put-decals',
    ];

    public function breaches(Work $work): array
    {
        $opens = $work->first(['open-drains', 'dig-out', 'let-out']);
        foreach (null === $opens ? [] : $work->where(self::WORK) as $at) {
            if ($at < $opens) {
                return [new Breach(8, $opens, $work->steps[$at]->step . ' before the drains are open')];
            }
        }

        return [];
    }
}
