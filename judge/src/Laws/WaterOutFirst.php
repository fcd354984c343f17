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

    private const OPENS = ['open-drains', 'dig-out', 'let-out', 'dry-core'];
    private const SANDWICH = ['gelcoat', 'laminate', 'epoxy-surface', 'roof-membrane'];
    /** A core does not drain: it is reached and dried, or is another one, before anything shuts it in. */
    private const DRIES = ['dry-core', 'open-core', 'deck-repair', 'licensed-repair', 'make-new'];

    public function breaches(Work $work): array
    {
        $shut = $work->first([Steps::COAT, 'polish', 'wax']);
        $dried = $work->first(self::DRIES);
        if ($work->isOf(self::SANDWICH) && $work->has('soft-core') && null !== $shut && $shut < ($dried ?? \INF)) {
            return [new Breach(8, $shut, $work->steps[$shut]->step . ' over a core that is wet')];
        }
        $opens = $work->first(self::OPENS);
        foreach (null === $opens ? [] : $work->where(self::WORK) as $at) {
            if ($at < $opens) {
                return [new Breach(8, $opens, $work->steps[$at]->step . ' before the drains are open')];
            }
        }

        return [];
    }
}
