<?php

declare(strict_types=1);

namespace Judge\Laws;

use Judge\Breach;
use Judge\Law;
use Judge\Steps;
use Judge\Work;

/**
 * 3: what was found is seen to before it leaves: nobody hands over what was taken in with its gasket baked on, its
 * drains blocked, its joint seized or its weld open, and says nothing. What is made new has nothing left of the old.
 * Nor is a patch put over mould, or new wood left rough among what was sanded.
 */
final readonly class SeenTo implements Law
{
    private const NEW = ['make-new', 'take-pattern', 'replace-hardware'];

    private const STRIPS = [...Steps::STRIPS, 'sand-down-marked', 'fit-clean', 'rub-steel'];
    private const CLEANS = [...Steps::WASHES, 'dry-clean', 'flood-off', 'mould-wipe', 'food-rinse', ...Steps::BATHS];
    private const DISSOLVES = ['wipe-soft', 'lacquer-strip', 'chemical-strip', 'fit-film-off'];
    private const FIRM = [
        'licensed-repair',
        'recover-out',
        'asbestos-removal',
        'weld-out',
        'laminate-out',
        'weave-out',
        'pretreat-out',
    ];
    /** A mark is left and written down. */
    private const LEFT = ['live-with', 'live-with-glass'];
    private const COVERED_ANEW = ['recover-vinyl', 'fit-seal', 'sew-fabric', 'patch-membrane', 'deck-repair'];

    private const PLANISHED = ['copper-alloy', 'stainless-steel', 'aluminium-wrought'];
    private const HAMMERED = [...self::PLANISHED, 'carbon-steel', 'galvanised-steel'];
    private const FILLS = ['fill-over-metal', 'fill-over-epoxy', 'fair-epoxy'];

    private const PATCHES = ['vinyl-patch', 'sew-fabric', 'wood-patch', 'patch-membrane'];
    private const LAMINATES = ['laminate-epoxy', 'laminate-polyester', 'laminate-vinylester', 'weave-patch'];
    private const MENDS = [
        ...self::LAMINATES,
        'weave-fill',
        'wood-patch',
        'wood-scarf',
        'plastic-weld',
        'weld',
        'weld-light-metal',
    ];
    private const KILLS = ['mould-kill', 'mould-wipe', 'mould-scrub'];

    /** finding => what sees to it, any of these */
    private const SEEN_TO = [
        'soil' => [...self::CLEANS, ...self::COVERED_ANEW],
        'oil' => [...self::CLEANS, ...self::DISSOLVES, ...self::COVERED_ANEW],
        'smoke' => [...self::CLEANS, ...self::COVERED_ANEW],
        'silicone' => [...self::CLEANS, ...self::DISSOLVES, ...self::COVERED_ANEW],
        'adhesive' => ['adhesive-remove', 'adhesive-roll', ...self::STRIPS, ...self::COVERED_ANEW],
        'wrap-film' => ['peel-wrap', ...self::STRIPS, ...self::COVERED_ANEW],
        'gasket' => ['gasket-off'],
        'mould' => ['mould-kill', 'mould-wipe', 'mould-scrub', 'whiten-peroxide', ...self::COVERED_ANEW],
        'rivets' => ['set-rivets'],
        'drains' => ['open-drains'],
        'loose-bits' => ['clear-cavity'],
        'seized' => ['loosen', 'rust-oil', ...Steps::BATHS],
        'threads' => ['chase-threads'],
        'decals' => ['put-decals'],
        'weld-due' => ['weld'],
        'bent' => ['straighten'],
        'water-inside' => [
            'open-drains',
            'dig-out',
            'let-out',
            'dry-inside',
            'vent-cavity',
            'open-core',
            'deck-repair',
        ],
        'torn' => ['vinyl-patch', ...self::COVERED_ANEW],
        'hardened:cracked' => self::COVERED_ANEW,
        'rust:perforated' => ['weld', 'weld-light-metal', 'laminate-epoxy'],
        'old-coating:flaking' => self::STRIPS,
        'antifouling' => [...self::STRIPS, ...Steps::BATHS],
        'delamination' => [...self::LAMINATES, 'ply-glue', 'open-core', 'wood-scarf'],
        'cracks' => [
            ...self::MENDS,
            'crack-stop',
            'crack-flex',
            'crack-stop-clear',
            'crack-stop-gelcoat',
            'crack-metal',
        ],
        'holes' => [
            ...self::MENDS,
            'plug-holes-epoxy',
            'plug-holes-polyester',
            'patch-membrane',
            'deck-repair',
            'plug-clear',
        ],
    ];

    public function breaches(Work $work): array
    {
        if (null !== $work->first(self::NEW)) {
            return [];
        }
        $end = count($work->steps) - 1;
        $breaches = [];
        if ($work->isOf(['glass']) && $work->has('scratches:light') && null !== $work->first(self::LEFT)) {
            $breaches[] = new Breach(3, $end, 'light scratches noted down, and not polished out');
        }
        if ($work->isOf(['magnesium']) && null !== $work->first(['putty-pits'])) {
            $breaches[] = new Breach(13, $end, 'filled on bare magnesium, and its conversion coat sanded through');
        }
        // A cavity film creeps into rust; wax lies on it.
        $isThrough = $work->isOf(['plated-hardware']) && $work->has('rust', 'white-corrosion:pitted');
        if ($isThrough && 'cavity' !== $work->service) {
            $breaches[] = new Breach(3, $end, 'the plating is through, and nobody replaces it');
        }
        $patched = $work->first(self::PATCHES);
        $killed = $work->last(self::KILLS);
        if (null !== $patched && null !== $killed && $patched < $killed && $work->has('mould')) {
            $breaches[] = new Breach(3, $patched, $work->steps[$patched]->step . ' over mould');
        }
        $letIn = $work->last(['wood-patch', 'wood-scarf']);
        $sanded = $work->last(['sand-wood']);
        if (null !== $letIn && null !== $sanded && $sanded < $letIn) {
            $breaches[] = new Breach(3, $letIn, 'new wood let in and not sanded');
        }
        $sewn = $work->first(['sew-fabric']);
        $scrubbed = $work->last(['destain-soft', 'mould-kill', 'mould-scrub']);
        if (null !== $sewn && null !== $scrubbed && $sewn < $scrubbed) {
            $breaches[] = new Breach(3, $sewn, 'a patch sewn on, then the stain scrubbed out');
        }
        $filled = $work->first(self::FILLS);
        $spared = $work->has('safety-part') || $work->has('fuel-vessel');
        if (
            null !== $filled &&
            in_array($work->substrate, self::HAMMERED, true) &&
            $work->has('dents:deep') &&
            !$spared
        ) {
            $out = $work->first(['straighten', 'weld', 'weld-out']) ?? \INF;
            $breaches = $out < $filled ? $breaches : [...$breaches, new Breach(3, $filled, 'a deep dent filled')];
        }
        $polished = $work->first(['metal-polish']);
        $planishes = in_array($work->substrate, self::PLANISHED, true) && !$work->has('safety-part');
        if ($planishes && 'bare' === $work->wants && null !== $polished && $work->has('dents')) {
            $flat = $work->first(['planish']) ?? \INF;
            $breaches = $flat < $polished ? $breaches : [...$breaches, new Breach(3, $polished, 'polished over dents')];
        }
        foreach (self::SEEN_TO as $found => $steps) {
            if ('silicone' === $found && null !== $work->first(['oil-film', 'rust-oil'])) {
                continue; // What fisheyes a film does not mind oil.
            }
            if ($work->has($found) && null === $work->first([...$steps, ...self::FIRM])) {
                $breaches[] = new Breach(3, $end, "nobody sees to: $found");
            }
        }

        return $breaches;
    }
}
