<?php

declare(strict_types=1);

namespace Judge\Laws;

use Judge\Breach;
use Judge\Law;
use Judge\Work;

/** 21: nothing that sparks or heats on what holds fuel or pressure; no disc and no flame on what is hardened. */
final readonly class NoSparkNoHeat implements Law
{
    private const DISCS = ['strip-discs', 'sand-p80', 'sand-light-metal', 'weld', 'heat-strip'];
    private const ON_A_VESSEL = [...self::DISCS, 'wire-wheel', 'blast', 'force-dry', 'oven-cure', 'ramp-cure'];

    public function breaches(Work $work): array
    {
        $breaches = [];
        foreach ($work->steps as $at => $done) {
            if ($work->has('fuel-vessel') && $done->isOneOf(self::ON_A_VESSEL)) {
                $breaches[] = new Breach(21, $at, $done->step . ' on a vessel');
            }
            if ($work->has('spring-steel') && $done->isOneOf(self::DISCS)) {
                $breaches[] = new Breach(21, $at, $done->step . ' on what is hardened');
            }
        }

        return $breaches;
    }
}
