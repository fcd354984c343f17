<?php

declare(strict_types=1);

namespace Judge\Tests;

use Hull\Catalog\Catalogue;
use Hull\Route\NoRoute;
use Hull\Tests\Sweep;
use Hull\Tests\Yard;
use Judge\Judge;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the planner makes for made-up parts, held against the laws. Thinned; HULL_FULL=1 judges eight thousand. */
final class RoutesTest extends TestCase
{
    private const PLANS = 240;
    private const FULL = 8000;
    private const LARGE = 40;
    private const FULL_LARGE = 1000;
    /** Parts tried until a law is seen broken. */
    private const UNTIL = 2400;

    public function testNoRouteBreaksALaw(): void
    {
        $full = Sweep::isWhole();
        [$breaches, $plans] = self::judged(Yard::catalogue(), $full ? self::FULL : self::PLANS, $full ? 0 : 40_000);
        self::assertGreaterThan(0.9 * ($full ? self::FULL : self::PLANS), $plans, 'most parts have a route');
        self::assertSame([], $breaches);
    }

    public function testNoneOfALargePartDoes(): void
    {
        $many = Sweep::of(self::LARGE, self::FULL_LARGE);
        [$breaches, $plans] = self::judged(Yard::catalogue(), $many, 60_000, large: true);
        self::assertGreaterThan(0.9 * $many, $plans, 'most parts have a route');
        self::assertSame([], $breaches);
    }

    /** @return iterable<string, array{0: int, 1: \Closure(Spoilt): Spoilt, 2?: int, 3?: bool}> */
    public static function mutations(): iterable
    {
        yield 'chemistry may stay' => [
            1,
            static fn(Spoilt $s) => $s->withoutRules('acid-off-at-once', 'alkali-off-at-once', 'bleach-off-at-once'),
        ];
        yield 'oil and wax whenever' => [
            2,
            static fn(Spoilt $s) => $s->withoutRules('oil-last', 'wax-last')->withLasting('oiled', 'waxed', 'dressed'),
        ];
        yield 'it may leave masked' => [3, static fn(Spoilt $s) => $s->withoutRules('unmask-before-end')];
        yield 'it may leave wet' => [3, static fn(Spoilt $s) => $s->withoutRules('last-clean', 'coat-dry')];
        yield 'rivets out and none set' => [3, static fn(Spoilt $s) => $s->withoutRules('rivets-at-end')];
        yield 'decals on wax' => [2, static fn(Spoilt $s) => $s->withoutRules('decals-before-wax'), 220];
        yield 'gelcoat on dirt' => [13, static fn(Spoilt $s) => $s->withoutRules('wash-before-gelcoat'), 800];
        yield 'bleached when it is keyed' => [
            13,
            static fn(Spoilt $s) => $s->withoutRules('bleached-before-keyed'),
            1830,
        ];
        yield 'cracks ground out in mould' => [13, static fn(Spoilt $s) => $s->withoutNeeds('crack-metal'), 10250];
        yield 'deep dents filled' => [3, static fn(Spoilt $s) => $s->withoutRules('deep-dents-out-first'), 1400];
        yield 'stains below oil' => [13, static fn(Spoilt $s) => $s->withoutNeeds('destain-soft'), 1900];
        yield 'polished over dents' => [3, static fn(Spoilt $s) => $s->withoutRules('planished-before-polish'), 11200];
        yield 'welded in dirt' => [13, static fn(Spoilt $s) => $s->withoutNeeds('plastic-weld'), 6800];
        yield 'gel over glue' => [13, static fn(Spoilt $s) => $s->withoutNeeds('whiten-peroxide'), 750];
        yield 'a mix keeps' => [
            4,
            static fn(Spoilt $s) => $s->withoutRules('mix-used-at-once')->withLasting('mix-ready'),
            0,
            true,
        ];
        yield 'many cups for whatever is small' => [14, static fn(Spoilt $s) => $s->withEveryPotTooSmall()];
        yield 'one pot for a hull' => [14, static fn(Spoilt $s) => $s->withoutRules('mix-laid-out'), 0, true];
        yield 'a wipe keeps' => [5, static fn(Spoilt $s) => $s->withLasting('wiped')];
        yield 'masked whenever' => [
            6,
            static fn(Spoilt $s) => $s->withoutRules('mask-after-dust', 'mask-after-washing'),
        ];
        yield 'tape on what is wet' => [6, static fn(Spoilt $s) => $s->withoutNeeds('mask-line')];
        yield 'tape under the clear' => [6, static fn(Spoilt $s) => $s->withoutRules('line-pulled')];
        yield 'plugs into what is wet' => [6, static fn(Spoilt $s) => $s->withoutNeeds('plug-bores', 'wet'), 240];
        yield 'sanded as soon as it takes a coat' => [24, static fn(Spoilt $s) => $s->withoutRules('film-sandable')];
        yield 'plugs until it is hard' => [
            6,
            static fn(Spoilt $s) => $s->withoutNeeds('wait-full')->withoutNeeds('wait-handle')->withLast('pull-plugs'),
        ];
        yield 'plugs may stay in' => [3, static fn(Spoilt $s) => $s->withoutRules('plugs-out'), 190];
        yield 'a white wipe on flakes' => [7, static fn(Spoilt $s) => $s->withoutNeeds('white-wipe')];
        yield 'paint tested whenever' => [7, static fn(Spoilt $s) => $s->withoutRules('lead-test-first')];
        yield 'a patch over mould' => [3, static fn(Spoilt $s) => $s->withoutNeeds('vinyl-patch', 'mould'), 8480];
        yield 'washed for food whenever' => [3, static fn(Spoilt $s) => $s->withoutRules('food-rinsed')];
        yield 'a gasket may stay' => [3, static fn(Spoilt $s) => $s->withoutGroups('gasket')];
        yield 'drains whenever' => [8, static fn(Spoilt $s) => $s->withoutRules('water-out-first')];
        yield 'a damp core that drains' => [
            8,
            static fn(Spoilt $s) => $s->withoutRules('water-out-first', 'dry-inside-first'),
            185,
        ];
        yield 'bare as long as one likes' => [
            9,
            static fn(Spoilt $s) => $s->withoutRules('coat-fresh-metal')->withWait(30, 'mask', 'blow-off'),
        ];
        yield 'discs on fits' => [
            10,
            static fn(Spoilt $s) => $s
                ->withoutRules('no-disc-on-fit', 'no-abrasive-on-fit')
                ->withSetUp(5000, 'fit-clean', 'bath-citric', 'bath-chelate', 'bath-electrolysis'),
            1220,
        ];
        yield 'what holds may be sanded' => [
            11,
            static fn(Spoilt $s) => $s->withoutRules('kept-film-stays', 'holding-film-stays'),
            75,
        ];
        yield 'new gelcoat for any scratch' => [
            11,
            static fn(Spoilt $s) => $s
                ->withoutNeeds('regelcoat')
                ->withSetUp(5000, 'wet-sand-800', 'wet-sand-1500', 'wet-sand-spots'),
            1410,
        ];
        yield 'all that is dirty may be leaded' => [12, static fn(Spoilt $s) => $s->withFact('soil', 'lead-unknown')];
        yield 'epoxy over etch' => [
            13,
            static fn(Spoilt $s) => $s->withoutRules('no-epoxy-over-etch')->withFirst('epoxy-primer-2k', 'self-etch'),
        ];
        yield 'filler under the clear' => [
            13,
            static fn(Spoilt $s) => $s->withoutRules('nothing-hides-below-clear'),
            1090,
        ];
        yield 'sanded in places, keyed all over' => [13, static fn(Spoilt $s) => $s->withoutAllOver(), 110];
        yield 'a gun loses as little as a brush' => [14, static fn(Spoilt $s) => $s->withoutGuns()];
        yield 'scraped in no time' => [
            14,
            static fn(Spoilt $s) => $s->withSetUp(0, 'scrape')->withMinutes(0.1, 'scrape'),
        ];
        yield 'brushes that take no time' => [14, static fn(Spoilt $s) => $s->withoutPace()];
        yield 'a tin that is all solids' => [14, static fn(Spoilt $s) => $s->withSolids('epoxy-primer-2k', '100 %')];
    }

    /**
     * A catalogue that lacks the mechanism breaks the law: the judge is not blind.
     *
     * @param \Closure(Spoilt): Spoilt $spoil
     * @param int $from first part; where what breaks it is rare, the search begins close to one
     * @param bool $large see Parts
     */
    #[DataProvider('mutations')]
    public function testACatalogueWithoutItsMechanismIsFound(
        int $law,
        \Closure $spoil,
        int $from = 0,
        bool $large = false,
    ): void {
        [$breaches] = self::judged($spoil(Spoilt::yard())->catalogue(), self::UNTIL, $from, $law, $large);
        self::assertNotSame([], $breaches);
    }

    /**
     * @param int|null $only one law, until it is broken once
     *
     * @return array{list<string>, int} "law: what (part)", and how many routes there were
     */
    private static function judged(
        Catalogue $catalogue,
        int $many,
        int $from,
        ?int $only = null,
        bool $large = false,
    ): array {
        $parts = new Parts($catalogue, $large);
        $judge = new Judge();
        $said = [];
        $plans = 0;
        for ($n = $from; $n < $from + $many; ++$n) {
            try {
                $piece = $parts->workpiece($n);
                $work = Parts::work($piece, $piece->plan()->steps);
            } catch (NoRoute) {
                continue;
            }
            ++$plans;
            foreach ($judge->breaches($work) as $breach) {
                if (null === $only || $only === $breach->law) {
                    $said[] = sprintf('%d: %s (part %d)', $breach->law, $breach->says, $n);
                }
            }
            if (null !== $only && [] !== $said) {
                break;
            }
        }

        return [$said, $plans];
    }
}
