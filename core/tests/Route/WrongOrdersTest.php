<?php

declare(strict_types=1);

namespace Hull\Tests\Route;

use Hull\Bench\Workpiece;
use Hull\Job\Route;
use Hull\Job\RouteStep;
use Hull\Route\Cause;
use Hull\Route\Finding;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Orders of work that practitioners bring along: the first thing said is the mistake itself, and one tap mends it. */
final class WrongOrdersTest extends TestCase
{
    private const READY = 'photograph white-wipe strip-discs blow-off mask final-wipe';
    private const PIT = ['id' => 'rust', 'grade' => 'pitted', 'extent' => '20 %'];
    private const RUST = ['id' => 'rust', 'grade' => 'light', 'extent' => '80 %'];

    /** @return iterable<string, array{array<string, mixed>, string, string}> part, order, need that is broken first */
    public static function orders(): iterable
    {
        yield 'enamel on bare aluminium' => [
            ['substrate' => 'aluminium-wrought', 'service' => 'exterior-splash'],
            'photograph white-wipe sand-light-metal blow-off mask final-wipe alkyd-enamel',
            'no-alkyd-on-aluminium',
        ];
        yield 'drilled after paint' => [
            ['conditions' => [['id' => 'work-due', 'grade' => 'drill']], 'service' => 'interior'],
            self::READY . ' epoxy-primer-2k wait-recoat unmask drill-tap',
            'metal-work-first',
        ];
        yield 'etch over an epoxy patch' => [
            ['substrate' => 'cast-iron', 'schools' => ['first-film' => 'etch'], 'conditions' => [self::PIT]],
            'photograph scrape white-wipe strip-discs blow-off putty-pits block-filler blow-off mask final-wipe ' .
            'self-etch',
            'no-etch-over-epoxy-patch',
        ];
        yield 'oil before the bath' => [
            ['service' => 'bare-fit', 'conditions' => [self::RUST]],
            'photograph oil-film bath-citric neutralise force-dry inspect hand-over',
            'oil-last',
        ];
        yield 'mixed before sanding' => [
            ['service' => 'exterior-sun', 'finish' => 'show'],
            self::READY . ' epoxy-primer-2k wait-sand mix-many scuff blow-off final-wipe surfacer-2k',
            'mix-used-at-once',
        ];
        yield 'peelable film on bare steel' => [
            ['service' => 'exterior-sun', 'conditions' => [self::RUST]],
            self::READY . ' peelable-film',
            'no-peelable-on-bare-steel',
        ];
        yield 'acid on hardened steel' => [
            ['service' => 'bare-fit', 'conditions' => [['id' => 'spring-steel', 'grade' => 'yes'], self::RUST]],
            'photograph bath-citric neutralise force-dry oil-film inspect hand-over',
            'acid-bath-spring',
        ];
        yield 'film over oil' => [
            ['service' => 'interior', 'conditions' => [['id' => 'oil', 'grade' => 'light']]],
            'photograph sand-p80 blow-off mask final-wipe epoxy-primer-2k',
            'degrease-before-abrading',
        ];
        yield 'bleach beside acid' => [
            [
                'substrate' => 'gelcoat',
                'service' => 'exterior-sun',
                'finish' => 'utility',
                'conditions' => [['id' => 'mould', 'grade' => 'specks'], ['id' => 'rust-stain', 'grade' => 'present']],
            ],
            'photograph detergent-wash mould-kill destain-oxalic rinse air-dry compound wax inspect hand-over',
            'bleach-acid',
        ];
        yield 'wax before colour' => [
            ['substrate' => 'gelcoat', 'service' => 'exterior-sun', 'schools' => ['gelcoat' => 'coat']],
            'photograph detergent-wash air-dry white-wipe wax key-composite blow-off mask final-wipe epoxy-primer-2k',
            'wax-last',
        ];
    }

    /** @param array<string, mixed> $part */
    #[DataProvider('orders')]
    public function testTheMistakeIsSaidFirstAndMendedByOneTap(array $part, string $order, string $need): void
    {
        $piece = Yard::workpiece(['finish' => 'tidy', 'conditions' => [], ...$part]);
        $cause = Cause::of($piece->findings(self::route($order)))[0];
        self::assertSame($need, $cause->first()->needId, (string) $cause->first()->says);
        self::assertNotSame('', $cause->first()->consequence);
        $mends = $cause->first()->mends;
        self::assertNotSame([], $mends);
        self::assertNotContains($need, self::needs($piece, $mends[0]->route), (string) $mends[0]->label);
    }

    public function testACauseIsSaidOnceWithEveryStepItStrikes(): void
    {
        $piece = Yard::workpiece(['service' => 'interior', 'conditions' => [['id' => 'oil', 'grade' => 'light']]]);
        $findings = $piece->findings(
            self::route('photograph sand-p80 scrape sand-p80 mask final-wipe epoxy-primer-2k'),
        );
        $causes = Cause::of($findings);
        self::assertLessThan(count($findings), count($causes));
        self::assertSame(
            count($findings),
            array_sum(array_map(static fn(Cause $c): int => count($c->findings), $causes)),
        );
        $oil = array_values(
            array_filter($causes, static fn(Cause $c): bool => 'degrease-before-abrading' === $c->first()->needId),
        );
        self::assertSame(['Sand bare metal to P80', 'Scrape and chip off what is loose'], $oil[0]->places());
    }

    /** @return list<string> */
    private static function needs(Workpiece $piece, Route $route): array
    {
        return array_map(static fn(Finding $f): string => $f->needId, $piece->findings($route));
    }

    /** @param string $order ids of steps, or of a product for a coat of it */
    private static function route(string $order): Route
    {
        $catalogue = Yard::catalogue();

        return Route::of(
            array_map(
                static fn(string $id): RouteStep => isset($catalogue->steps[$id])
                    ? new RouteStep('', $id)
                    : new RouteStep('', $catalogue->coat, $id),
                explode(' ', $order),
            ),
        );
    }
}
