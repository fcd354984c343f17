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

    /** @return iterable<string, array{\Closure(Spoilt): Spoilt, string, string, array<int|string, string>}> */
    public static function mutations(): iterable
    {
        yield 'polished below paint' => [
            static fn(Spoilt $s) => $s->withoutRules('paint-off-before-polish'),
            'gelcoat',
            'coat',
            ['old-coating' => 'sound', 'scratches' => 'medium'],
        ];
        yield 'waxed without a polish' => [
            static fn(Spoilt $s) => $s->withoutNeeds('wax'),
            'laminate',
            'clean',
            ['old-coating' => 'chalked', 'scratches' => 'medium'],
        ];
    }

    /**
     * @param \Closure(Spoilt): Spoilt $spoil
     * @param array<int|string, string> $findings
     */
    #[DataProvider('mutations')]
    public function testWorkThatComesOffAgainIsSeen(
        \Closure $spoil,
        string $substrate,
        string $aim,
        array $findings,
    ): void {
        $had = static fn(Catalogue $c): array => self::faults(
            (new Wishes($c))->piece($substrate, $aim, 'exterior-sheltered', 'show', $findings) ?? self::fail('not had'),
            $substrate,
        );
        self::assertSame([], $had(Yard::catalogue()));
        self::assertStringContainsString(' 11: ', implode(';', $had($spoil(Spoilt::yard())->catalogue())));
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
