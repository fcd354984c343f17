<?php

declare(strict_types=1);

namespace Judge\Tests;

use Hull\Catalog\Catalogue;
use Hull\Catalog\CatalogueReader;
use Hull\Route\NoRoute;
use Hull\Tests\Yard;
use Judge\Judge;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the planner makes for made-up parts, held against the laws. Thinned; HULL_FULL=1 judges eight thousand. */
final class RoutesTest extends TestCase
{
    private const PLANS = 240;
    private const FULL = 8000;

    public function testNoRouteBreaksALaw(): void
    {
        $full = false !== getenv('HULL_FULL');
        [$breaches, $plans] = self::judged(Yard::catalogue(), $full ? self::FULL : self::PLANS, $full ? 0 : 40_000);
        self::assertGreaterThan(0.9 * ($full ? self::FULL : self::PLANS), $plans, 'most parts have a route');
        self::assertSame([], $breaches);
    }

    /** @return iterable<string, array{int, list<string>, list<string>}> law, rules left out, facts nothing undoes */
    public static function mutations(): iterable
    {
        yield 'chemistry may stay' => [1, ['acid-off-at-once', 'alkali-off-at-once', 'bleach-off-at-once'], []];
        yield 'oil and wax whenever' => [2, ['oil-last', 'wax-last'], ['oiled', 'waxed', 'dressed']];
        yield 'a mix keeps' => [4, ['mix-used-at-once'], ['mix-ready']];
        yield 'a wipe keeps' => [5, [], ['wiped']];
        yield 'masked whenever' => [6, ['mask-after-dust', 'mask-after-washing'], []];
        yield 'drains whenever' => [8, ['water-out-first'], []];
        yield 'what holds may be sanded' => [11, ['kept-film-stays', 'holding-film-stays'], []];
    }

    /**
     * A catalogue that lacks the mechanism breaks the law: the judge is not blind.
     *
     * @param list<string> $rules
     * @param list<string> $facts
     */
    #[DataProvider('mutations')]
    public function testACatalogueWithoutItsMechanismIsFound(int $law, array $rules, array $facts): void
    {
        $data = Yard::data();
        $id = static fn(mixed $e): mixed => is_array($e) ? $e['id'] ?? null : null;
        $data['rules'] = array_values(
            array_filter($data['rules'], static fn(mixed $r): bool => !in_array($id($r), $rules, true)),
        );
        $data['facts'] = array_map(
            static fn(mixed $f): mixed => is_array($f) && in_array($id($f), $facts, true)
                ? array_diff_key($f, ['lost_unless' => 0, 'lost_by' => 0])
                : $f,
            $data['facts'],
        );
        [$breaches] = self::judged(CatalogueReader::read($data), 240, 0, $law);
        self::assertNotSame([], $breaches);
    }

    /**
     * @param int|null $only one law, until it is broken once
     *
     * @return array{list<string>, int} "law: what (part)", and how many routes there were
     */
    private static function judged(Catalogue $catalogue, int $many, int $from, ?int $only = null): array
    {
        $parts = new Parts($catalogue);
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
