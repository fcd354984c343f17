<?php

declare(strict_types=1);

namespace Judge\Laws;

use Judge\Breach;
use Judge\Law;
use Judge\Steps;
use Judge\Work;

/** 4: a mix is made directly before its coat. */
final readonly class MixedWhenUsed implements Law
{
    public function breaches(Work $work): array
    {
        $breaches = [];
        foreach ($work->where(Steps::MIXES) as $at) {
            $next = $work->steps[$at + 1] ?? null;
            if (true !== $next?->isOneOf([Steps::COAT])) {
                $breaches[] = new Breach(4, $at, sprintf('mixed, then %s', $next->step ?? 'nothing'));
            }
        }

        return $breaches;
    }
}
