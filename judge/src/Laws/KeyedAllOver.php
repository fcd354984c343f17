<?php

declare(strict_types=1);

namespace Judge\Laws;

use Judge\Breach;
use Judge\Law;
use Judge\Steps;
use Judge\Work;

/** 13: what a film grips is sanded on all of it, not only where something was filled, mended or rusty. */
final readonly class KeyedAllOver implements Law
{
    private const SMOOTH = ['gelcoat', 'laminate', 'epoxy-surface', 'galvanised-steel'];
    private const GRIPS = [
        'epoxy-primer-2k',
        'epoxy-primer-fast',
        'tie-barrier',
        'epoxy-mastic',
        'epoxy-lining',
        'marine-pu',
        'topside-1k',
        'alkyd-enamel',
    ];
    private const KEYS = [
        'key-composite',
        'scuff-zinc',
        'zinc-pretreat',
        'scuff-old',
        'scuff-coated',
        'sand-off-film',
        'blast',
        'wet-sand-800',
        'wet-sand-1000',
        'wet-sand-1500',
        'wet-sand-weave',
    ];
    private const FILLED = ['delamination', 'cracks', 'holes', 'dents', 'unfair', 'scratches', 'soft-core'];
    /** Done where the old film is, the rust, the filler: enough where that is everywhere. */
    private const IN_PLACES = [
        'sand-off-gentle' => ['old-coating', 'weak-film'],
        'zinc-spots' => ['rust'],
        'rub-steel' => ['rust'],
        'block-filler' => self::FILLED,
    ];
    private const EVERYWHERE = 0.9;

    public function breaches(Work $work): array
    {
        $coat = $work->first([Steps::COAT]);
        if (
            null === $coat ||
            $work->isInSpots ||
            !$work->isOf(self::SMOOTH) ||
            !in_array($work->steps[$coat]->product, self::GRIPS, true)
        ) {
            return [];
        }
        $keys = array_filter(
            self::IN_PLACES,
            static fn(array $where): bool => max([0.0, ...self::spread($work, $where)]) >= self::EVERYWHERE,
        );
        foreach ($work->where([...self::KEYS, ...array_keys($keys)]) as $at) {
            if ($at < $coat) {
                return [];
            }
        }

        return [new Breach(13, $coat, $work->steps[$coat]->product . ' on what is keyed in places only')];
    }

    /**
     * @param list<string> $conditions
     *
     * @return list<float> share of the part of each that was found
     */
    private static function spread(Work $work, array $conditions): array
    {
        $found = array_filter($conditions, static fn(string $c): bool => $work->has($c));

        return array_values(array_map(static fn(string $c): float => $work->spread[$c] ?? 1.0, $found));
    }
}
