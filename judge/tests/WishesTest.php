<?php

declare(strict_types=1);

namespace Judge\Tests;

use Hull\Bench\Workpiece;
use Hull\Catalog\Catalogue;
use Hull\Route\NoRoute;
use Hull\Tests\Sweep;
use Hull\Tests\Yard;
use Judge\Judge;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What may be wanted of a part is planned for it, and rightly: each wish that is not refused at once has a route, and
 * no route breaks a law. Thinned; HULL_FULL=1 plans 10,000 drawn wishes and each single finding on each material.
 */
final class WishesTest extends TestCase
{
    private const DRAWN = 900;
    private const FULL = 40_000;
    /** One in so many of every material, aim, service, finding and grade. */
    private const EACH = 257;
    /** Of the wishes drawn, so many at the least can be had. */
    private const HAD = 0.15;

    public function testWishesDrawnFreely(): void
    {
        $wishes = new Wishes(Yard::catalogue());
        $full = Sweep::isWhole();
        $from = $full ? 0 : 50_000;
        $many = Sweep::of(self::DRAWN, self::FULL);
        $faults = [];
        $had = 0;
        for ($n = $from; $n < $from + $many; ++$n) {
            $piece = $wishes->drawn($n);
            if (null !== $piece) {
                ++$had;
                $faults = [...$faults, ...self::faults($piece, 'wish ' . $n)];
            }
        }
        self::assertSame([], $faults);
        self::assertGreaterThan(self::HAD * $many, $had);
    }

    public function testEachFindingOnEachMaterial(): void
    {
        $c = Yard::catalogue();
        $wishes = new Wishes($c);
        $number = 0;
        $faults = [];
        foreach ($c->substrates as $substrate) {
            foreach ($c->conditions as $condition) {
                foreach ($substrate->isOf($condition->families) ? $condition->grades : [] as $grade) {
                    foreach ($c->aims as $aim) {
                        foreach ($c->services as $service) {
                            if (0 !== ++$number % Sweep::of(self::EACH, 1)) {
                                continue;
                            }
                            $piece = $wishes->piece(
                                substrate: $substrate->id,
                                aim: $aim->id,
                                service: $service->id,
                                finish: 'show',
                                findings: [$condition->id => $grade->id],
                            );
                            $what = implode(' ', [$substrate->id, $condition->id, $grade->id, $aim->id, $service->id]);
                            $faults = null === $piece ? $faults : [...$faults, ...self::faults($piece, $what)];
                        }
                    }
                }
            }
        }
        self::assertSame([], $faults);
        self::assertGreaterThan(50_000, $number);
    }

    /** @return iterable<string, array{int, \Closure(Spoilt): Spoilt, list<string>, array<int|string, string>}> */
    public static function mutations(): iterable
    {
        $without = static fn(string $rule): \Closure => static fn(Spoilt $s): Spoilt => $s->withoutRules($rule);
        yield 'polished below paint' => [
            11,
            $without('paint-off-before-polish'),
            ['gelcoat', 'coat', 'exterior-sheltered'],
            ['old-coating' => 'sound', 'scratches' => 'medium'],
        ];
        yield 'waxed without a polish' => [
            11,
            static fn(Spoilt $s): Spoilt => $s->withoutNeeds('wax'),
            ['laminate', 'clean', 'exterior-sheltered'],
            ['old-coating' => 'chalked', 'scratches' => 'medium'],
        ];
        yield 'decals whenever' => [
            11,
            $without('decals-last'),
            ['stainless-steel', 'bare', 'exterior-sun'],
            ['decals' => 'due', 'adhesive' => 'present', 'tarnish' => 'dull'],
        ];
        yield 'antifouling may stay' => [
            3,
            $without('antifouling-off'),
            ['plated-hardware', 'bare', 'interior'],
            ['antifouling' => 'present', 'salt' => 'heavy'],
        ];
        yield 'plies may stay loose' => [
            3,
            $without('repairs-first'),
            ['wood-core', 'clear', 'exterior-sun'],
            ['delamination' => 'spots'],
        ];
        yield 'holes may stay' => [
            3,
            $without('repairs-first'),
            ['laminate', 'clear', 'exterior-sun'],
            ['holes' => 'large'],
        ];
        yield 'oiled whenever' => [
            9,
            $without('oil-fresh-metal'),
            ['carbon-steel', 'coat', 'bare-fit'],
            ['weak-film' => 'softens'],
        ];
    }

    /**
     * @param \Closure(Spoilt): Spoilt $spoil
     * @param list<string> $what material, aim and service
     * @param array<int|string, string> $findings
     */
    #[DataProvider('mutations')]
    public function testWithoutItsMechanismAWishBreaksItsLaw(
        int $law,
        \Closure $spoil,
        array $what,
        array $findings,
    ): void {
        [$substrate, $aim, $service] = $what;
        $had = static fn(Catalogue $c): array => self::faults(
            (new Wishes($c))->piece($substrate, $aim, $service, 'show', $findings) ?? self::fail('not had'),
            $substrate,
        );
        self::assertSame([], $had(Yard::catalogue()));
        self::assertStringContainsString(" $law: ", implode(';', $had($spoil(Spoilt::yard())->catalogue())));
    }

    /** @return list<string> what is wrong with what is planned for it */
    private static function faults(Workpiece $piece, string $what): array
    {
        try {
            $work = Parts::work($piece, $piece->plan()->steps);
        } catch (NoRoute $e) {
            return [sprintf('%s: %s', $what, $e->getMessage())];
        }

        return array_map(
            static fn($breach): string => sprintf('%s: %d: %s', $what, $breach->law, $breach->says),
            (new Judge())->breaches($work),
        );
    }
}
