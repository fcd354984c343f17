<?php

declare(strict_types=1);

namespace Judge\Laws;

use Judge\Breach;
use Judge\Law;
use Judge\Steps;
use Judge\Work;

/**
 * 13: gelcoat goes on what was washed, and peroxide gel on bare plastic: what lies below glue or foil stays yellow;
 * nothing is welded or glued in dirt, no crack ground out in mould, no stain scrubbed below oil; what is keyed is not
 * bleached afterwards.
 *
 * 2: decals are stuck on what is not waxed yet.
 */
final readonly class CleanBelow implements Law
{
    private const GELCOATS = ['regelcoat', 'crack-stop-gelcoat'];
    private const JOINS = ['plastic-weld', 'wood-scarf', 'wood-patch', 'ply-glue'];
    private const GEL = 'whiten-peroxide';
    private const UNGLUES = ['adhesive-remove', 'adhesive-roll', 'peel-wrap'];
    private const CRACKS = ['crack-stop', 'crack-stop-gelcoat', 'crack-stop-clear', 'crack-flex', 'crack-metal'];
    private const KEYS = ['key-composite', 'key-plastic', 'sand-wood', 'scuff-old', 'scuff-coated', 'scuff-zinc'];
    private const BLEACHES = ['mould-kill', 'mould-scrub', 'destain-oxalic'];
    private const KILLS = ['mould-kill', 'mould-wipe', 'mould-scrub', 'whiten-peroxide'];
    private const FEEDS = ['wax', 'dress-vinyl', 'dress-rubber'];

    public function breaches(Work $work): array
    {
        $breaches = [];
        $gelcoat = $work->first(self::GELCOATS);
        $wash = $work->first([...Steps::WASHES, ...Steps::BATHS, 'food-rinse']);
        if (null !== $gelcoat && (null === $wash || $wash > $gelcoat)) {
            $breaches[] = new Breach(13, $gelcoat, 'gelcoat on what nobody washed');
        }
        $join = $work->first(self::JOINS);
        $clean = $work->first([...Steps::WASHES, ...Steps::BATHS, 'food-rinse', 'dry-clean', 'scrape-caked']);
        if (null !== $join && $work->has('soil') && (null === $clean || $clean > $join)) {
            $breaches[] = new Breach(13, $join, $work->steps[$join]->step . ' in dirt');
        }
        $gel = $work->first([self::GEL]);
        $unglued = $work->last(self::UNGLUES);
        if (null !== $gel && null !== $unglued && $gel < $unglued) {
            $breaches[] = new Breach(13, $gel, 'peroxide gel over glue or foil');
        }
        $crack = $work->first(self::CRACKS);
        $killed = $work->last(self::KILLS);
        if (null !== $crack && $work->has('mould') && ($killed ?? 0) > $crack) {
            $breaches[] = new Breach(13, $crack, 'a crack ground out in mould');
        }
        $keyed = $work->first(self::KEYS);
        $bleached = $work->last(self::BLEACHES);
        if (null !== $keyed && null !== $bleached && $bleached > $keyed) {
            $breaches[] = new Breach(13, $bleached, $work->steps[$bleached]->step . ' on what is keyed');
        }
        $destained = $work->first(['destain-soft']);
        $clean = $work->first(array_values(array_diff([...Steps::WASHES, 'dry-clean'], ['destain-soft'])));
        if (null !== $destained && $work->has('oil') && ($clean ?? \INF) > $destained) {
            $breaches[] = new Breach(13, $destained, 'a stain scrubbed below oil');
        }
        $fed = $work->first(self::FEEDS);
        $decals = $work->last(['put-decals']);
        if (null !== $fed && null !== $decals && $fed < $decals) {
            $breaches[] = new Breach(2, $decals, 'decals on ' . $work->steps[$fed]->step);
        }

        return $breaches;
    }
}
