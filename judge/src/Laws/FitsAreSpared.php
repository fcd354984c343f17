<?php

declare(strict_types=1);

namespace Judge\Laws;

use Judge\Breach;
use Judge\Law;
use Judge\Steps;
use Judge\Work;

/** 10: no disc, blast or coarse grit on a sliding fit, thread, or a plated or glazed face. */
final readonly class FitsAreSpared implements Law
{
    private const COARSE = ['strip-discs', ...Steps::SANDS_METAL, 'blast', 'wire-wheel', 'sand-off-film'];

    public function breaches(Work $work): array
    {
        if ('bare-fit' !== $work->service && !$work->isOf(['chrome-plate', 'plated-hardware'])) {
            return [];
        }

        return array_map(
            static fn(int $at): Breach => new Breach(10, $at, $work->steps[$at]->step . ' on a fit or a plated face'),
            $work->where(self::COARSE),
        );
    }
}
