<?php

declare(strict_types=1);

namespace Judge\Laws;

use Judge\Breach;
use Judge\Law;
use Judge\Steps;
use Judge\Work;

/** 1: after acid, alkali, peroxide, bleach, stripper or citrus the very next step takes it off. */
final readonly class ChemistryLeaves implements Law
{
    public function breaches(Work $work): array
    {
        $breaches = [];
        foreach ($work->steps as $at => $done) {
            $left = Steps::LEAVES[$done->step] ?? null;
            $next = $work->steps[$at + 1] ?? null;
            if (null !== $left && (null === $next || !$next->isOneOf(Steps::TAKES_OFF[$left]))) {
                $breaches[] = new Breach(
                    1,
                    $at,
                    sprintf('%s leaves %s; then %s', $done->step, $left, $next->step ?? 'nothing'),
                );
            }
        }

        return $breaches;
    }
}
