<?php

declare(strict_types=1);

namespace Judge\Laws;

use Judge\Breach;
use Judge\Law;
use Judge\Steps;
use Judge\Work;

/** 24: a coat is sanded when it powders, hours after it would take the next one. */
final readonly class SandedHard implements Law
{
    private const LAW = 24;
    private const SANDS = [
        'sand-wood',
        'key-composite',
        'scuff',
        'scuff-pad',
        'block-primer',
        'sand-back',
        'sand-marks',
        'sand-down-marked',
    ];
    private const HARDENS = ['wait-sand', 'wait-full', 'oven-cure', 'ramp-cure'];

    public function breaches(Work $work): array
    {
        $breaches = [];
        $soft = false;
        foreach ($work->steps as $at => $step) {
            if ($soft && in_array($step->step, self::SANDS, true)) {
                $breaches[] = new Breach(self::LAW, $at, $step->step . ' on a coat that is soft');
            }
            $soft = match (true) {
                Steps::COAT === $step->step => true,
                in_array($step->step, self::HARDENS, true) => false,
                default => $soft,
            };
        }

        return $breaches;
    }
}
