<?php

declare(strict_types=1);

namespace Judge\Laws;

use Judge\Breach;
use Judge\Law;
use Judge\Steps;
use Judge\Work;

/** 11: sound paint that is dirty is cleaned, spots are treated as spots, and what shall stay rough stays so. */
final readonly class LeastThatWorks implements Law
{
    private const PLAIN = ['interior', 'exterior-sheltered', 'exterior-sun', 'exterior-splash'];
    private const HOLDS = ['old-coating:sound', 'old-coating:dull', 'old-coating:chalked'];
    /** What a cloth, a brush or a cleaner takes off. */
    private const DIRT = [
        'soil',
        'oil',
        'smoke',
        'wax',
        'silicone',
        'adhesive',
        'salt',
        'mould',
        'organic-stain',
        'rust-stain',
    ];
    private const SANDS = [
        'scuff-old',
        'scuff-coated',
        'sand-p80',
        'hand-sand-metal',
        'sand-off-film',
        'key-composite',
        'sand-wood',
    ];

    /** What asks for new gelcoat; finer scratches and chalk are sanded or cut away. */
    private const THIN = [
        'worn',
        'cracks',
        'dents',
        'holes',
        'unfair',
        'delamination',
        'soft-core',
        'pits',
        'scratches:deep',
    ];

    public function breaches(Work $work): array
    {
        $breaches = [];
        if (!$work->has(...self::THIN)) {
            foreach ($work->where(['regelcoat']) as $at) {
                $breaches[] = new Breach(11, $at, 'new gelcoat where nothing is thin, mended or scratched deep');
            }
        }
        if ('clean' === $work->wants || (null === $work->wants && self::isSoundAndDirty($work))) {
            foreach ($work->where([...Steps::STRIPS, ...self::SANDS, Steps::COAT]) as $at) {
                $breaches[] = new Breach(11, $at, $work->steps[$at]->step . ' on what only wants cleaning');
            }
        }
        if ('spots' === $work->wants) {
            foreach ($work->where(['blast', ...Steps::BATHS, 'chemical-strip', 'heat-strip']) as $at) {
                $breaches[] = new Breach(11, $at, $work->steps[$at]->step . ' takes off what may stay');
            }
        }
        if ('rough' === $work->wants) {
            foreach ($work->where(['wax', 'polish', 'compound', 'compound-hand', Steps::COAT]) as $at) {
                $breaches[] = new Breach(11, $at, $work->steps[$at]->step . ' on a tread that stays rough');
            }
        }

        return $breaches;
    }

    private static function isSoundAndDirty(Work $work): bool
    {
        if (!in_array($work->service, self::PLAIN, true) || !$work->has(...self::HOLDS)) {
            return false;
        }
        foreach ($work->found as $found) {
            if (!in_array($found, self::HOLDS, true) && !in_array(explode(':', $found)[0], self::DIRT, true)) {
                return false;
            }
        }

        return true;
    }
}
