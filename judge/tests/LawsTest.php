<?php

declare(strict_types=1);

namespace Judge\Tests;

use Judge\Breach;
use Judge\Judge;
use Judge\Work;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Each law with the smallest order that breaks it, and its twin that does not. */
final class LawsTest extends TestCase
{
    private const COAT = 'apply-coat epoxy-primer-2k';

    /** @return iterable<string, array{int, Work, Work}> law, broken, kept */
    public static function cases(): iterable
    {
        $steel = static fn(string ...$steps): Work => Work::of('carbon-steel', 'interior', array_values($steps));
        $coated = ['mask', 'final-wipe', self::COAT, 'unmask'];
        $yellow = static fn(string ...$steps): Work => Work::of(
            'rigid-plastic',
            'interior',
            array_values($steps),
            'yellowing:light',
            'adhesive:present',
        );
        yield 'acid dries on' => [
            1,
            $steel('metal-prep', 'air-dry', 'rinse', 'air-dry', ...$coated),
            $steel('metal-prep', 'rinse', 'air-dry', ...$coated),
        ];
        yield 'bleach at the end of the route' => [
            1,
            Work::of('carbon-steel', 'interior', ['mould-kill'], 'mould:specks'),
            Work::of('carbon-steel', 'interior', ['mould-kill', 'rinse', 'air-dry'], 'mould:specks'),
        ];
        yield 'citrus is washed off, not rinsed' => [
            1,
            Work::of('gelcoat', 'interior', ['adhesive-remove', 'rinse', 'air-dry'], 'adhesive:present'),
            Work::of('gelcoat', 'interior', ['adhesive-remove', 'detergent-wash', 'air-dry'], 'adhesive:present'),
        ];
        yield 'polished, then photographed' => [
            3,
            Work::of('gelcoat', 'interior', ['detergent-wash', 'air-dry', 'polish', 'photograph', 'wax']),
            Work::of('gelcoat', 'interior', ['photograph', 'detergent-wash', 'air-dry', 'polish', 'wax']),
        ];
        yield 'a new cover on what is dyed' => [
            3,
            Work::of('flexible-vinyl', 'interior', ['photograph', 'wipe-soft', self::COAT, 'recover-vinyl']),
            Work::of('flexible-vinyl', 'interior', ['photograph', 'recover-vinyl', 'wipe-soft', self::COAT]),
        ];
        yield 'bleached when it is keyed' => [
            13,
            Work::of(
                'laminate',
                'interior',
                ['detergent-wash', 'key-composite', 'mould-kill', 'rinse', 'air-dry'],
                'mould:specks',
            ),
            Work::of(
                'laminate',
                'interior',
                ['detergent-wash', 'mould-kill', 'rinse', 'air-dry', 'key-composite'],
                'mould:specks',
            ),
        ];
        yield 'decals on wax' => [
            2,
            Work::of('gelcoat', 'interior', ['polish', 'wax', 'put-decals'], 'decals:due'),
            Work::of('gelcoat', 'interior', ['polish', 'put-decals', 'wax'], 'decals:due'),
        ];
        yield 'a crack ground out in mould' => [
            13,
            Work::of(
                'gelcoat',
                'interior',
                ['detergent-wash', 'crack-stop', 'mould-wipe', 'air-dry'],
                'cracks:hair',
                'mould:specks',
            ),
            Work::of(
                'gelcoat',
                'interior',
                ['detergent-wash', 'mould-wipe', 'air-dry', 'crack-stop'],
                'cracks:hair',
                'mould:specks',
            ),
        ];
        yield 'a stain scrubbed below oil' => [
            13,
            Work::of('gelcoat', 'interior', ['destain-soft', 'detergent-wash'], 'oil:light', 'organic-stain:present'),
            Work::of(
                'gelcoat',
                'interior',
                ['detergent-wash', 'destain-soft', 'air-dry'],
                'oil:light',
                'organic-stain:present',
            ),
        ];
        $bell = static fn(string ...$steps): Work => Work::of(
            'copper-alloy',
            'interior',
            array_values($steps),
            'dents:shallow',
        )->wanting('bare');
        yield 'polished over dents' => [3, $bell('metal-polish', 'wax'), $bell('planish', 'metal-polish', 'wax')];
        $bonnet = static fn(string ...$steps): Work => Work::of(
            'carbon-steel',
            'interior',
            array_values($steps),
            'dents:deep',
        );
        yield 'a deep dent filled' => [3, $bonnet('fill-over-metal'), $bonnet('straighten', 'fill-over-metal')];
        $cloth = static fn(string ...$steps): Work => Work::of(
            'fabric',
            'interior',
            ['detergent-wash', ...array_values($steps)],
            'torn:small',
            'organic-stain:present',
        );
        yield 'a patch sewn on, then scrubbed' => [
            3,
            $cloth('air-dry', 'sew-fabric', 'destain-soft', 'air-dry'),
            $cloth('destain-soft', 'air-dry', 'sew-fabric'),
        ];
        yield 'gelcoat on what nobody washed' => [
            13,
            Work::of('gelcoat', 'interior', ['regelcoat', 'detergent-wash', 'air-dry'], 'worn:spots'),
            Work::of('gelcoat', 'interior', ['detergent-wash', 'air-dry', 'regelcoat'], 'worn:spots'),
        ];
        $split = static fn(string ...$steps): Work => Work::of(
            'rigid-plastic',
            'interior',
            array_values($steps),
            'soil:heavy',
            'cracks:through',
        );
        yield 'welded in dirt' => [
            13,
            $split('plastic-weld', 'detergent-wash', 'air-dry'),
            $split('detergent-wash', 'air-dry', 'plastic-weld'),
        ];
        yield 'whitened over glue' => [
            13,
            $yellow('whiten-peroxide', 'rinse', 'adhesive-roll', 'air-dry'),
            $yellow('adhesive-roll', 'whiten-peroxide', 'rinse', 'air-dry'),
        ];
        yield 'oiled, then bathed' => [
            2,
            $steel('oil-film', 'bath-citric', 'neutralise', 'force-dry'),
            $steel('bath-citric', 'neutralise', 'force-dry', 'oil-film'),
        ];
        yield 'waxed, then wiped and coated' => [2, $steel('wax', ...$coated), $steel(...$coated, ...['wax'])];
        yield 'bare iron' => [3, $steel('strip-discs'), $steel('strip-discs', 'oil-film')];
        yield 'bared again after the oil' => [3, $steel('oil-film', 'strip-discs'), $steel('strip-discs', ...$coated)];
        yield 'wet' => [3, $steel('detergent-wash'), $steel('detergent-wash', 'air-dry')];
        yield 'masked' => [3, $steel('mask', 'final-wipe', self::COAT), $steel(...$coated)];
        yield 'mixed, then waited' => [
            4,
            $steel('mask', 'final-wipe', 'mix-many', 'wait-recoat', self::COAT, 'unmask'),
            $steel('mask', 'final-wipe', 'mix-many', self::COAT, 'unmask'),
        ];
        yield 'dried after the wipe' => [
            5,
            $steel('mask', 'final-wipe', 'air-dry', self::COAT, 'unmask'),
            $steel('mask', 'final-wipe', 'mix-big', self::COAT, 'unmask'),
        ];
        yield 'abraded between coats and not wiped' => [
            5,
            $steel('mask', 'final-wipe', self::COAT, 'scuff', 'blow-off', self::COAT, 'unmask'),
            $steel(
                'mask',
                'final-wipe',
                self::COAT,
                'wait-sand',
                'scuff',
                'blow-off',
                'final-wipe',
                self::COAT,
                'unmask',
            ),
        ];
        yield 'sanded while it is soft' => [
            24,
            $steel('mask', 'final-wipe', self::COAT, 'wait-recoat', 'block-primer', 'unmask'),
            $steel('mask', 'final-wipe', self::COAT, 'wait-sand', 'block-primer', 'scuff', 'unmask'),
        ];
        yield 'sanded after masking' => [
            6,
            $steel('mask', 'sand-p80', 'blow-off', 'final-wipe', self::COAT, 'unmask'),
            $steel('sand-p80', 'blow-off', 'mask', 'final-wipe', self::COAT, 'wait-sand', 'scuff', 'unmask'),
        ];
        yield 'wiped before masking' => [
            6,
            $steel('final-wipe', 'mask', 'final-wipe', self::COAT, 'unmask'),
            $steel(...$coated),
        ];
        $line = static fn(string ...$between): Work => $steel(
            'mask',
            'final-wipe',
            self::COAT,
            'wait-recoat',
            'mask-line',
            'final-wipe',
            'apply-coat urethane-colour-2k',
            ...[...array_values($between), 'apply-coat clear-2k', 'unmask'],
        );
        yield 'tape locked in by the clear' => [6, $line(), $line('pull-line')];
        yield 'isolated, then washed' => [
            15,
            $steel('dismantle', 'isolate', 'detergent-wash', 'air-dry', 'wax', 'reassemble'),
            $steel('dismantle', 'detergent-wash', 'air-dry', 'wax', 'isolate', 'reassemble'),
        ];
        $taped = static fn(string ...$wait): Work => $steel(
            ...[
                'mask',
                'final-wipe',
                self::COAT,
                ...array_values($wait),
                'mask-line',
                'final-wipe',
                'apply-coat urethane-colour-2k',
                'unmask',
            ],
        );
        yield 'tape on a wet film' => [6, $taped(), $taped('wait-recoat')];
        $plugged = static fn(string ...$end): Work => $steel('plug-bores', 'blast', ...$coated, ...$end);
        yield 'plugs pulled from a hard film' => [
            6,
            $plugged('wait-full', 'pull-plugs'),
            $plugged('wait-touch', 'pull-plugs', 'wait-full'),
        ];
        yield 'plugged wet' => [
            6,
            $steel('detergent-wash', 'plug-bores', 'force-dry', ...$coated, ...['pull-plugs']),
            $steel('detergent-wash', 'force-dry', 'plug-bores', ...$coated, ...['pull-plugs']),
        ];
        yield 'blasted, then plugged' => [
            6,
            $steel('blast', 'plug-bores', ...$coated, ...['pull-plugs']),
            $plugged('pull-plugs'),
        ];
        yield 'plugged while it hangs' => [
            6,
            $steel('plug-bores', 'dismantle', 'blast', ...$coated, ...['pull-plugs', 'reassemble']),
            $steel('dismantle', 'plug-bores', 'blast', ...$coated, ...['pull-plugs', 'reassemble']),
        ];
        yield 'welded with the plugs in' => [
            6,
            self::having('weld-due:due')('plug-bores', 'blast', 'weld', ...$coated, ...['pull-plugs']),
            self::having('weld-due:due')('weld', 'plug-bores', 'blast', ...$coated, ...['pull-plugs']),
        ];
        $tank = self::having('fuel-vessel:yes');
        yield 'a fuel tank sanded by machine' => [
            21,
            $tank('sand-p80', 'oil-film'),
            $tank('hand-sand-metal', 'oil-film'),
        ];
        yield 'a fuel tank blasted' => [21, $tank('blast', 'oil-film'), $tank('rub-steel', 'air-dry', 'oil-film')];
        $pane = self::having('scratches:light', 'glass');
        yield 'light scratches left in glass' => [
            3,
            $pane('detergent-wash', 'air-dry', 'live-with-glass'),
            $pane('glass-polish', 'air-dry'),
        ];
        $case = self::having('white-corrosion:pitted', 'magnesium');
        yield 'magnesium filled bare' => [
            13,
            $case('magnesium-key', 'air-dry', 'putty-pits', ...$coated),
            $case('magnesium-key', 'air-dry', ...[...$coated, 'putty-over-primer']),
        ];
        $bolts = self::having('rust:flash', 'plated-hardware');
        yield 'rusted plating waxed over' => [
            3,
            $bolts('detergent-wash', 'air-dry', 'wax'),
            $bolts('replace-hardware', 'wax'),
        ];
        $blade = self::having('spring-steel:yes');
        yield 'a spring under the disc' => [21, $blade('strip-discs', 'oil-film'), $blade('wire-wheel', 'oil-film')];
        yield 'plugged for nothing' => [
            6,
            $steel('plug-bores', 'pull-plugs', 'blast', ...$coated),
            $plugged('pull-plugs'),
        ];
        yield 'a plug left in' => [3, $plugged(), $plugged('pull-plugs')];
        $bores = static fn(string ...$end): Work => Work::of(
            'carbon-steel',
            'interior',
            ['plug-bores', 'blast', ...array_values($end), 'pull-plugs'],
            'stays-bare:bore',
        );
        yield 'taped where all is plugged' => [12, $bores(...$coated), $bores('final-wipe', self::COAT)];
        $flaking = self::having('old-coating:flaking');
        yield 'white wipe on flakes' => [
            7,
            $flaking('white-wipe', 'scrape', ...$coated),
            $flaking('scrape', 'white-wipe', ...$coated),
        ];
        $blocked = self::having('drains:blocked', 'aluminium-cast');
        yield 'drains after the finish' => [
            8,
            $blocked('metal-polish', 'wax', 'open-drains', 'force-dry'),
            $blocked('open-drains', 'force-dry', 'metal-polish', 'wax'),
        ];
        $deck = static fn(string ...$steps): Work => Work::of(
            'laminate',
            'walked-on',
            ['photograph', ...array_values($steps), 'mask', 'final-wipe', self::COAT, 'unmask'],
            'soft-core:damp',
        );
        yield 'a deck that was drained' => [
            8,
            $deck('open-drains', 'air-dry', 'key-composite'),
            $deck('dry-core', 'key-composite'),
        ];
        yield 'bare over the weekend' => [
            9,
            $steel('strip-discs', 'air-dry', ...$coated)->lasting(['air-dry' => 48.0]),
            $steel('strip-discs', 'air-dry', ...$coated)->lasting(['air-dry' => 2.0]),
        ];
        yield 'disc on a fit' => [
            10,
            Work::of('carbon-steel', 'bare-fit', ['strip-discs', 'oil-film']),
            Work::of('carbon-steel', 'bare-fit', ['bath-citric', 'rinse', 'force-dry', 'oil-film']),
        ];
        $sound = static fn(string ...$steps): Work => Work::of(
            'carbon-steel',
            'exterior-sun',
            array_values($steps),
            'old-coating:dull',
            'soil:light',
        );
        yield 'sound paint painted over' => [
            11,
            $sound('detergent-wash', 'air-dry', 'scuff-old', ...$coated),
            $sound('detergent-wash', 'air-dry', 'polish-paint', 'wax'),
        ];
        yield 'a bath for a spot' => [
            11,
            $sound('bath-citric', 'rinse', 'air-dry', ...$coated)->wanting('spots'),
            $sound('detergent-wash', 'air-dry', 'strip-discs', 'feather-edges', 'blow-off', ...$coated)->wanting(
                'spots',
            ),
        ];
        $tread = static fn(string ...$steps): Work => Work::of('gelcoat', 'walked-on', array_values($steps))->wanting(
            'rough',
        );
        yield 'a waxed tread' => [11, $tread('detergent-wash', 'air-dry', 'wax'), $tread('detergent-wash', 'air-dry')];
        $shine = static fn(string ...$steps): Work => Work::of(
            'gelcoat',
            'exterior-splash',
            ['detergent-wash', 'air-dry', ...array_values($steps), 'compound', 'polish', 'wax'],
            'scratches:medium',
            'chalked:heavy',
        );
        yield 'new gelcoat for a scratch' => [11, $shine('regelcoat'), $shine('wet-sand-spots')];
        $sanded = static fn(float $minutes): Work => Work::of('gelcoat', 'interior', ['wet-sand-1500'], 'chalked:heavy')
            ->taking(10.0, [[$minutes, null]])
            ->spreading(['chalked' => 0.9]);
        yield 'ten square metres of chalk in ten minutes' => [14, $sanded(10.0), $sanded(110.0)];
        $filled = static fn(string ...$steps): Work => Work::of(
            'laminate',
            'exterior-sun',
            ['detergent-wash', 'air-dry', ...array_values($steps), 'mask', 'final-wipe', self::COAT, 'unmask'],
            'cracks:hair',
        )->spreading(['cracks' => 0.06]);
        yield 'keyed where it was filled' => [
            13,
            $filled('crack-stop', 'fair-epoxy', 'block-filler', 'blow-off'),
            $filled('key-composite', 'blow-off', 'crack-stop', 'fair-epoxy', 'block-filler', 'blow-off'),
        ];
        $weave = static fn(string ...$steps): Work => Work::of('laminate', 'interior', array_values($steps))->wanting(
            'clear',
        );
        yield 'primer under clear' => [
            13,
            $weave('mask', 'final-wipe', self::COAT, 'apply-coat clear-2k', 'unmask'),
            $weave('mask', 'final-wipe', 'apply-coat clear-2k', 'unmask'),
        ];
        $oak = static fn(string ...$steps): Work => Work::of('wood-core', 'interior', array_values($steps));
        yield 'faired below varnish' => [
            13,
            $oak('fair-epoxy', 'block-filler', 'mask', 'final-wipe', 'apply-coat spar-varnish', 'unmask'),
            $oak('wood-patch', 'mask', 'final-wipe', 'apply-coat spar-varnish', 'unmask'),
        ];
        $rubber = static fn(string ...$steps): Work => Work::of(
            'rubber',
            'exterior-sun',
            ['detergent-wash', 'force-dry', ...array_values($steps)],
            'hardened:cracked',
        );
        yield 'dressed until it bends' => [
            12,
            $rubber('dress-rubber', 'dress-rubber'),
            $rubber('fit-seal', 'dress-rubber'),
        ];
        yield 'a cracked seal dressed and handed over' => [3, $rubber('dress-rubber'), $rubber('fit-seal')];
        $cushion = static fn(string ...$steps): Work => Work::of(
            'flexible-vinyl',
            'exterior-sun',
            ['detergent-wash', ...array_values($steps), 'rinse', 'force-dry', 'dress-vinyl'],
            'mould:carpet',
            'torn:small',
        );
        yield 'patched over mould' => [
            3,
            $cushion('force-dry', 'vinyl-patch', 'mould-kill'),
            Work::of(
                'flexible-vinyl',
                'exterior-sun',
                ['detergent-wash', 'mould-kill', 'rinse', 'force-dry', 'vinyl-patch', 'dress-vinyl'],
                'mould:carpet',
                'torn:small',
            ),
        ];
        $post = static fn(string ...$steps): Work => Work::of('wood-core', 'exterior-sun', [
            ...array_values($steps),
            'mask',
            'final-wipe',
            'apply-coat spar-varnish',
            'unmask',
        ]);
        yield 'new wood left rough' => [3, $post('sand-wood', 'wood-patch'), $post('wood-patch', 'sand-wood')];
        $sealed = self::having('gasket:present');
        yield 'the gasket still on' => [3, $sealed(...$coated), $sealed('gasket-off', ...$coated)];
        $unknown = self::having('old-coating:unknown');
        yield 'dust of untested paint' => [
            7,
            $unknown('strip-discs', 'lead-test', ...$coated),
            $unknown('lead-test', 'strip-discs', ...$coated),
        ];
        yield 'untested paint off wet' => [
            7,
            $unknown('sand-off-film', 'force-dry', ...$coated),
            $unknown('wet-scrape', 'force-dry', 'sand-p80', ...$coated),
        ];
        yield 'lead test without paint' => [12, $steel('lead-test'), $flaking('lead-test', 'scrape', ...$coated)];
        yield 'epoxy over etch' => [
            13,
            $steel('mask', 'final-wipe', 'apply-coat self-etch', self::COAT, 'unmask'),
            $steel('mask', 'final-wipe', self::COAT, 'apply-coat urethane-colour-2k', 'unmask'),
        ];
        yield 'colour on bare iron' => [
            13,
            $steel('strip-discs', 'mask', 'final-wipe', 'apply-coat urethane-colour-2k', 'unmask'),
            $steel('strip-discs', ...$coated),
        ];
        yield 'a white wipe before the degreasing' => [
            7,
            Work::of('carbon-steel', 'interior', ['white-wipe', 'solvent-degrease', ...$coated], 'oil:light'),
            Work::of('carbon-steel', 'interior', ['solvent-degrease', 'white-wipe', ...$coated], 'oil:light'),
        ];
        $salted = self::having('salt:suspected');
        yield 'a salt test far from salt' => [
            12,
            $steel('blast', 'salt-test', 'blow-off', ...$coated),
            $salted('blast', 'salt-test', 'blow-off', ...$coated),
        ];
        yield 'a salt test before the blast' => [
            7,
            $salted('salt-test', 'blast', 'blow-off', ...$coated),
            $salted('blast', 'salt-test', 'blow-off', ...$coated),
        ];
        $enamel = Work::of('carbon-steel', 'interior', [
            'photograph',
            'mask',
            'final-wipe',
            'apply-coat alkyd-primer',
            'unmask',
        ]);
        $taking = static fn(float $photo, float $coat, float $litres): Work => $enamel->taking(2.0, [
            [$photo, null],
            [20.0, null],
            [5.0, null],
            [$coat, $litres],
            [10.0, null],
        ]);
        yield 'a coat in no time' => [14, $taking(4.0, 0.0, 0.2), $taking(4.0, 26.0, 0.2)];
        yield 'a photograph longer than the coat' => [14, $taking(30.0, 26.0, 0.2), $taking(4.0, 26.0, 0.2)];
        yield 'a tin for a square foot' => [14, $taking(4.0, 26.0, 5.0), $taking(4.0, 26.0, 0.25)];
        yield 'a drop for two square metres' => [14, $taking(4.0, 26.0, 0.02), $taking(4.0, 26.0, 0.25)];
        $barrier = static fn(float $minutes, string ...$mixed): Work => Work::of('carbon-steel', 'immersion-fresh', [
            'mask',
            'final-wipe',
            ...array_values($mixed),
            'apply-coat epoxy-lining',
            'unmask',
        ])->taking(10.0, [
            [10.0, null],
            [10.0, null],
            ...array_fill(0, count($mixed), [20.0, null]),
            [$minutes, null],
            [10.0, null],
        ]);
        yield 'cups for a brushful' => [14, $barrier(5.0, 'mix-many'), $barrier(5.0)];
        yield 'an afternoon from one pot' => [14, $barrier(150.0), $barrier(150.0, 'mix-many')];
        yield 'enamel in batches' => [
            14,
            $steel('mask', 'final-wipe', 'mix-many', 'apply-coat alkyd-primer', 'unmask'),
            $steel('mask', 'final-wipe', 'apply-coat alkyd-primer', 'unmask'),
        ];
        yield 'back on before the bath' => [
            15,
            $steel('dismantle', 'reassemble', 'bath-citric', 'rinse', 'force-dry', 'oil-film'),
            $steel('dismantle', 'bath-citric', 'rinse', 'force-dry', 'oil-film', 'reassemble'),
        ];
    }

    #[DataProvider('cases')]
    public function testALawIsBrokenByOneOrderAndKeptByItsTwin(int $law, Work $broken, Work $kept): void
    {
        self::assertContains($law, self::laws($broken));
        self::assertSame([], self::said($kept));
    }

    /** @return \Closure(string ...): Work an order on what something was found on */
    private static function having(string $found, string $substrate = 'carbon-steel'): \Closure
    {
        return static fn(string ...$steps): Work => Work::of($substrate, 'interior', array_values($steps), $found);
    }

    /** @return list<int> */
    private static function laws(Work $work): array
    {
        return array_map(static fn(Breach $b): int => $b->law, (new Judge())->breaches($work));
    }

    /** @return list<string> */
    private static function said(Work $work): array
    {
        return array_map(static fn(Breach $b): string => $b->law . ' ' . $b->says, (new Judge())->breaches($work));
    }
}
