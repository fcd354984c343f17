<?php

declare(strict_types=1);

namespace Hull\Piece;

use Hull\Catalog\Step;

/** How far a step reaches: what raises dust, splashes or runs on what lies beside, and what lies open to it. */
final readonly class Reach
{
    private const DIRTY = [
        'dry-abrading',
        'dusting',
        'hot-work',
        'blasting',
        'blocking',
        'scuffing',
        'washing',
        'dry-brushing',
        'bleaching',
        'wet-sanding',
        'wet-stripping',
        'finishing-sand',
        'acid',
    ];
    /** Done in a tub, an oven or a cabinet, away from the rest. */
    private const APART = ['bath', 'electrolysis', 'oven-work'];
    /** From the last wipe on a surface lies open, until the film on it is dry to the touch. */
    private const OPENS = ['last-wipe', 'mixing', 'coat'];

    /** Its dust, water, acid or bleach reaches what is beside it. */
    public static function isDirty(Step $step): bool
    {
        return [] !== array_intersect(self::DIRTY, $step->tags) && [] === array_intersect(self::APART, $step->tags);
    }

    /** After it the surface takes harm from dust and wet. */
    public static function opens(Step $step): bool
    {
        return [] !== array_intersect(self::OPENS, $step->tags);
    }
}
