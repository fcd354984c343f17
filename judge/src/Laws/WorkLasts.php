<?php

declare(strict_types=1);

namespace Judge\Laws;

use Judge\Breach;
use Judge\Law;
use Judge\Steps;
use Judge\Work;

/**
 * 11: nothing is sanded or polished that comes off afterwards; what was fine-sanded is polished before the wax; decals
 * go on what is washed, polished and coated.
 */
final readonly class WorkLasts implements Law
{
    private const FACES = [
        'scuff-old',
        'scuff-coated',
        'wet-sand-800',
        'wet-sand-1000',
        'wet-sand-1500',
        'wet-sand-spots',
        'sand-paint',
        'compound',
        'compound-hand',
        'polish',
        'polish-paint',
        'metal-polish',
        'regelcoat',
        'brighten',
        'metal-prep',
        'zinc-pretreat',
    ];
    private const FINE = [
        'wet-sand-800',
        'wet-sand-1000',
        'wet-sand-1500',
        'wet-sand-spots',
        'sand-paint',
        'wet-sand-weave',
    ];
    private const SHINES = ['compound', 'compound-hand', 'polish', 'polish-paint', 'plastic-polish'];
    /** Not what takes loose film off at the edges only. */
    private const STRIPS = ['wet-lift', 'chemical-strip', 'sand-off-film', 'sand-off-gentle', 'blast', 'strip-discs'];

    private const ON_DECALS = [
        ...Steps::WASHES,
        ...Steps::BATHS,
        ...Steps::RUBS,
        ...self::FACES,
        ...self::STRIPS,
        'solvent-degrease',
        'adhesive-remove',
        'mould-kill',
        'weld',
        Steps::COAT,
    ];

    public function breaches(Work $work): array
    {
        $breaches = [];
        foreach ($work->where(['put-decals']) as $at) {
            $later = array_filter($work->where(self::ON_DECALS), static fn(int $n): bool => $n > $at);
            foreach (array_slice($later, 0, 1) as $n) {
                $breaches[] = new Breach(11, $n, 'decals put on, then ' . $work->steps[$n]->step);
            }
        }
        foreach ($work->where(self::FACES) as $at) {
            foreach (array_slice($work->steps, $at + 1, null, true) as $later => $done) {
                if ($done->isOneOf([Steps::COAT])) {
                    break;
                }
                if ($done->isOneOf(self::STRIPS)) {
                    $breaches[] = new Breach(11, $later, $work->steps[$at]->step . ', then ' . $done->step);
                    break;
                }
            }
        }
        foreach ($work->where(self::FINE) as $at) {
            foreach (array_slice($work->steps, $at + 1, null, true) as $later => $done) {
                if ($done->isOneOf([Steps::COAT, ...self::SHINES])) {
                    break;
                }
                if ($done->isOneOf(['wax'])) {
                    $breaches[] = new Breach(11, $later, $work->steps[$at]->step . ', then waxed without a polish');
                    break;
                }
            }
        }

        return $breaches;
    }
}
