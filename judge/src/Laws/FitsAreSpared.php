<?php

declare(strict_types=1);

namespace Judge\Laws;

use Judge\Breach;
use Judge\Law;
use Judge\Work;

/** 10: no disc, blast or coarse grit on a sliding fit, thread, or a plated or glazed face. */
final readonly class FitsAreSpared implements Law
{
    private const COARSE = ['strip-discs', 'sand-p80', 'sand-light-metal', 'blast', 'wire-wheel', 'sand-off-film'];

    public function breaches(Work $work): array
    {
        if ('bare-fit' !== $work->service && !$work->isOf(['chrome-plate'])) {
            return [];
        }

        return array_map(
            static fn(int $at): Breach => new Breach(10, $at, $work->steps[$at]->step . ' on a fit or a plated face'),
            $work->where(self::COARSE),
        );
    }
}
