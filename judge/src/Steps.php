<?php

declare(strict_types=1);

namespace Judge;

/**
 * What each kind of step is to a master, by its id: typed from the trade, not read from the catalogue, so that what the
 * planner believes can be held against it.
 */
final class Steps
{
    public const LEAVES = [
        'alkaline-degrease' => 'alkali',
        'mild-degrease' => 'alkali',
        'smoke-clean' => 'alkali',
        'bath-electrolysis' => 'alkali',
        'destain-oxalic' => 'acid',
        'bath-citric' => 'acid',
        'bath-zinc' => 'acid',
        'tarnish-clean' => 'acid',
        'metal-prep' => 'acid',
        'metal-prep-tight' => 'acid',
        'brighten' => 'acid',
        'zinc-pretreat' => 'acid',
        'mould-kill' => 'bleach',
        'whiten-peroxide' => 'peroxide',
        'chemical-strip' => 'stripper',
        'adhesive-remove' => 'citrus',
    ];
    public const TAKES_OFF = [
        'alkali' => ['rinse'],
        'acid' => ['rinse', 'neutralise'],
        'bleach' => ['rinse'],
        'peroxide' => ['rinse'],
        'stripper' => ['rinse'],
        'citrus' => ['detergent-wash', 'solvent-degrease', 'soap-scrub'],
    ];
    /** Washed with something that wets. */
    public const WET_WASHES = [
        'pressure-wash',
        'detergent-wash',
        'roof-scrub',
        'salt-wash',
        'alkaline-degrease',
        'mild-degrease',
        'soap-scrub',
        'smoke-clean',
        'mould-kill',
        'mould-scrub',
        'destain-oxalic',
        'destain-soft',
        'whiten-peroxide',
        'ultrasonic-clean',
        'neutralise',
        'rinse',
        'tarnish-clean',
        'metal-prep',
        'metal-prep-tight',
        'brighten',
        'zinc-pretreat',
        'wet-sand-weave',
        'bloom-brush',
        'rub-steel',
    ];
    public const WASHES = [...self::WET_WASHES, 'solvent-degrease'];
    public const BATHS = ['bath-citric', 'bath-chelate', 'bath-electrolysis', 'bath-zinc', 'boil-black'];
    /** Bare metal is keyed by it, by machine or by hand. */
    public const SANDS_METAL = ['sand-p80', 'sand-light-metal', 'hand-sand-metal', 'hand-sand-light-metal'];
    public const DUSTY = [
        'scrape',
        'wire-wheel',
        'strip-discs',
        'zinc-spots',
        'sand-off-film',
        'scuff-old',
        'scuff-coated',
        ...self::SANDS_METAL,
        'crust-off',
        'scuff-zinc',
        'key-composite',
        'key-plastic',
        'sand-wood',
        'blast',
        'block-filler',
        'block-primer',
        'drill-tap',
        'weld',
        'feather-edges',
        'make-new',
    ];
    /** Of these, what is no work on the whole of a face: a hole is drilled, a new part is cut. */
    public const SPOTS = ['drill-tap', 'make-new'];
    public const STRIPS = [
        'scrape',
        'wet-scrape',
        'wet-lift',
        'chemical-strip',
        'heat-strip',
        'wire-wheel',
        'strip-discs',
        'sand-off-film',
        'sand-off-gentle',
        'blast',
        'bath-electrolysis',
        'lacquer-strip',
        'fit-film-off',
        'rub-steel',
    ];
    public const RUBS = [
        ...self::DUSTY,
        'sand-off-gentle',
        'chrome-rub',
        'fit-clean',
        'tarnish-rub',
        'wet-scrape',
        'wet-lift',
        'scuff',
        'scuff-pad',
        'sand-back',
        'sand-marks',
        'sand-down-marked',
        'wet-sand-800',
        'wet-sand-1000',
        'wet-sand-1500',
        'wet-sand-spots',
        'compound',
        'compound-hand',
        'polish-paint',
        'wet-sand-weave',
        'bloom-brush',
        'rub-steel',
        'plastic-sand',
        'metal-sand',
    ];
    public const WIPES = ['final-wipe', 'wipe-acetone', 'wipe-waterborne', 'wipe-soft'];
    public const MIXES = ['mix-many', 'mix-big'];
    public const WETS = [
        ...self::WET_WASHES,
        ...self::BATHS,
        'wet-scrape',
        'wet-lift',
        'sand-off-gentle',
        'fit-clean',
        'magnesium-key',
        'glass-polish',
        'flood-off',
        'wash-blush',
        'open-drains',
        'dig-out',
        'let-out',
    ];
    public const DRIES = ['air-dry', 'force-dry', 'wipe-dry', 'dry-inside', 'degas', 'oven-cure'];
    public const FEEDS = ['oil-film', 'rust-oil', 'oil-wood', 'wax', 'dress-vinyl', 'dress-rubber'];
    public const OILS = ['oil-film', 'rust-oil'];
    public const COMES_OFF = ['dismantle', 'lift-off'];
    public const PUTS_BACK = ['reassemble', 'refit', 'glue-on', 'set-down'];
    /** The tape of a line between two colours may come off before the rest. */
    public const PULLS = 'pull-line';
    public const PLUGS = 'plug-bores';
    public const UNPLUGS = 'pull-plugs';
    public const UNMASKS = ['unmask', 'unmask-wet', 'unmask-elastic', 'unmask-oily', 'unmask-cut'];
    public const COAT = 'apply-coat';
    /** Films that stay soft: nobody waits for their cure. */
    public const NEVER_DRY = ['cavity-wax'];
    /** After these a film is no longer wet. */
    public const WAITS = [
        'wait-recoat',
        'wait-touch',
        'wait-handle',
        'wait-sand',
        'wait-full',
        'oven-cure',
        'ramp-cure',
    ];
    public const FERROUS = ['carbon-steel', 'cast-iron'];
    public const ZINC = ['galvanised-steel', 'zinc-casting'];
    public const ALUMINIUM = ['aluminium-wrought', 'aluminium-cast', 'aluminium-anodised'];
}
