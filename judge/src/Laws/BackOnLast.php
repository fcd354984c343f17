<?php

declare(strict_types=1);

namespace Judge\Laws;

use Judge\Breach;
use Judge\Law;
use Judge\Steps;
use Judge\Work;

/** 15: what was taken off goes back after the wet, dusty and painting work, isolated as it goes on. */
final readonly class BackOnLast implements Law
{
    private const WORK = [...Steps::WASHES, ...Steps::BATHS, ...Steps::DUSTY, Steps::COAT];

    public function breaches(Work $work): array
    {
        $back = $work->first(Steps::PUTS_BACK);
        foreach (null === $back ? [] : $work->where(self::WORK) as $at) {
            if ($at > $back) {
                return [new Breach(15, $back, 'back on, then ' . $work->steps[$at]->step)];
            }
        }

        foreach ($work->where(['isolate']) as $at) {
            $next = $work->steps[$at + 1] ?? null;
            if (true !== $next?->isOneOf(Steps::PUTS_BACK)) {
                return [new Breach(15, $at, 'isolated, then ' . ($next->step ?? 'nothing'))];
            }
        }

        return [];
    }
}
