<?php

declare(strict_types=1);

namespace Judge\Laws;

use Judge\Breach;
use Judge\Law;
use Judge\Steps;
use Judge\Work;

/** 3: a part is photographed before anything is done to it, and what gets a new cover is not painted first. */
final readonly class BegunRight implements Law
{
    private const LAW = 3;
    private const COVERS = ['recover-vinyl'];

    public function breaches(Work $work): array
    {
        $breaches = [];
        $coat = $work->first([Steps::COAT, 'mask', 'final-wipe', 'wipe-soft', 'polish', 'wax', 'dress-vinyl']);
        $seen = $work->first(['photograph']);
        if (null !== $seen && null !== $coat && $coat < $seen) {
            $breaches[] = new Breach(self::LAW, $coat, $work->steps[$coat]->step . ' before it is photographed');
        }
        $covered = $work->last(self::COVERS);
        $painted = $work->first([Steps::COAT]);
        if (null !== $covered && null !== $painted && $painted < $covered) {
            $breaches[] = new Breach(self::LAW, $covered, 'covered anew when it was painted');
        }

        return $breaches;
    }
}
