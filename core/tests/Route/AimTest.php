<?php

declare(strict_types=1);

namespace Hull\Tests\Route;

use Hull\Bench\CoatSheets;
use Hull\Bench\RouteFigures;
use Hull\Bench\Workpiece;
use Hull\Input\Node;
use Hull\Job\Route;
use Hull\JobFile\JobReader;
use Hull\Route\Effort;
use Hull\Route\Finding;
use Hull\Route\NoRoute;
use Hull\Route\Surroundings;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is wanted of a part decides what is planned for it. */
final class AimTest extends TestCase
{
    private const OLD_PAINT = ['id' => 'old-coating', 'grade' => 'sound', 'extent' => '95 %'];
    private const SPOT = ['id' => 'rust', 'grade' => 'light', 'extent' => '5 %'];
    private const DIRT = ['id' => 'soil', 'grade' => 'light', 'extent' => '100 %'];

    /** @return iterable<string, array{string, array<string, mixed>}> aim, part */
    public static function likely(): iterable
    {
        yield 'sound paint that is dirty' => ['clean', ['conditions' => [self::OLD_PAINT, self::DIRT]]];
        yield 'a dull coating' => [
            'clean',
            [
                'substrate' => 'old-coating',
                'conditions' => [['id' => 'chalked', 'grade' => 'light', 'extent' => '100 %']],
            ],
        ];
        yield 'a spot of rust in sound paint' => ['spots', ['conditions' => [self::OLD_PAINT, self::SPOT]]];
        yield 'rust on a third' => ['coat', ['conditions' => [self::OLD_PAINT, [...self::SPOT, 'extent' => '33 %']]]];
        yield 'paint that stones hit' => [
            'coat',
            ['service' => 'underbody', 'conditions' => [self::OLD_PAINT, self::DIRT]],
        ];
        yield 'sound paint with lead in it' => [
            'coat',
            ['conditions' => [self::OLD_PAINT, ['id' => 'untested-paint', 'grade' => 'found']]],
        ];
        yield 'paint that flakes' => [
            'coat',
            ['conditions' => [['id' => 'old-coating', 'grade' => 'flaking', 'extent' => '20 %']]],
        ];
        yield 'a fit' => ['bare', ['service' => 'bare-fit', 'conditions' => [self::SPOT]]];
        yield 'gelcoat' => ['coat', ['substrate' => 'gelcoat', 'conditions' => [self::DIRT]]];
        yield 'wood' => ['clear', ['substrate' => 'wood-core', 'conditions' => [self::DIRT]]];
        yield 'bright metal' => ['bare', ['substrate' => 'stainless-steel', 'conditions' => [self::DIRT]]];
    }

    /** @param array<string, mixed> $part */
    #[DataProvider('likely')]
    public function testTheSurveySaysWhatIsLikelyWanted(string $aim, array $part): void
    {
        self::assertSame($aim, self::piece($part)->context->aim->id);
    }

    public function testWhatIsWantedWinsOverWhatIsLikely(): void
    {
        $part = ['conditions' => [self::OLD_PAINT, self::DIRT]];
        self::assertSame('coat', self::piece([...$part, 'aim' => 'coat'])->context->aim->id);
        self::assertContains('apply-coat', self::steps(self::piece([...$part, 'aim' => 'coat'])->plan()));
        self::assertNotContains('apply-coat', self::steps(self::piece($part)->plan()));
    }

    public function testKeptPaintIsWashedPolishedAndWaxedAndNeverSanded(): void
    {
        $steps = self::steps(
            self::piece([
                'finish' => 'show',
                'conditions' => [['id' => 'old-coating', 'grade' => 'chalked', 'extent' => '100 %'], self::DIRT],
            ])->plan(),
        );
        self::assertContains('detergent-wash', $steps);
        self::assertContains('polish-paint', $steps);
        self::assertSame('wax', $steps[count($steps) - 3]);
        self::assertSame([], array_intersect($steps, ['scuff-old', 'strip-discs', 'apply-coat', 'scrape']));
    }

    public function testSpotsAreFeatheredAndPaidByTheirShare(): void
    {
        $part = ['conditions' => [self::OLD_PAINT, self::SPOT]];
        $spots = self::piece($part);
        $whole = self::piece([...$part, 'aim' => 'coat']);
        $route = $spots->plan();
        $steps = self::steps($route);
        self::assertLessThan(array_search('apply-coat', $steps, true), array_search('feather-edges', $steps, true));
        $film = $spots->context->system->coats()[0];
        self::assertEqualsWithDelta(0.1, self::share($spots), 1e-9, 'a twentieth, with its margin');
        self::assertEqualsWithDelta(1.0, self::share($whole), 1e-9);
        self::assertEqualsWithDelta(
            0.1,
            CoatSheets::coated($spots, $film)->m2() / CoatSheets::coated($whole, $film)->m2(),
            1e-9,
        );
        self::assertLessThan(RouteFigures::of($whole, $whole->plan())->money, RouteFigures::of($spots, $route)->money);
    }

    public function testTheHazardOfARouteIsThatOfItsWorstCaution(): void
    {
        $gentle = self::piece(['conditions' => [self::OLD_PAINT, self::DIRT]]);
        $sprayed = self::piece(['aim' => 'coat', 'conditions' => [self::OLD_PAINT, self::DIRT]]);
        $figures = RouteFigures::of($sprayed, $sprayed->plan());
        self::assertSame(4, $figures->hazard, 'isocyanate');
        $effort = $figures->handsOnMin + $figures->money * Effort::MINUTES_PER_MONEY + $figures->risk;
        self::assertEqualsWithDelta($effort, $figures->effortPerYear() * $figures->system->life->middle(), 1e-6);
        self::assertGreaterThan(0, RouteFigures::of($gentle, $gentle->plan())->hazard);
        self::assertLessThan(4, RouteFigures::of($gentle, $gentle->plan())->hazard);
    }

    public function testClearGoesOverTheWholePanelWhereOnlySpotsAreMended(): void
    {
        $piece = self::piece(['finish' => 'show', 'conditions' => [self::OLD_PAINT, self::SPOT]]);
        $coats = $piece->context->system->coats();
        self::assertContains('clear', $coats[count($coats) - 1]->tags);
        self::assertEqualsWithDelta(
            $piece->context->area()->m2(),
            CoatSheets::coated($piece, $coats[count($coats) - 1])->m2(),
            1e-9,
        );
    }

    public function testNothingHidesUnderClear(): void
    {
        $piece = self::piece([
            'substrate' => 'laminate',
            'service' => 'interior',
            'aim' => 'clear',
            'conditions' => [self::DIRT],
        ]);
        foreach ($piece->context->system->coats() as $coat) {
            self::assertContains('clear', $coat->tags);
        }
        self::assertContains('wet-sand-weave', self::steps($piece->plan()));
        self::assertNotContains('key-composite', self::steps($piece->plan()));
    }

    public function testWhatIsMadeNewNeedsNoSurvey(): void
    {
        $piece = self::piece(['substrate' => 'wood-core', 'service' => 'interior', 'aim' => 'new', 'conditions' => []]);
        $steps = self::steps($piece->plan());
        self::assertSame(['photograph', 'take-pattern', 'make-new', 'try-new'], array_slice($steps, 0, 4));
        self::assertContains('apply-coat', $steps);
    }

    public function testWhatAPartIsByNatureCountsForTheNewOneToo(): void
    {
        $piece = self::piece([
            'service' => 'interior',
            'aim' => 'new',
            'conditions' => [['id' => 'safety-part', 'grade' => 'yes'], self::SPOT],
        ]);
        self::assertSame(1.0, $piece->surveyed->fact('safety-critical'));
        self::assertSame(0.0, $piece->surveyed->fact('tight-rust'));
        $says = array_map(static fn(Finding $f): string => (string) $f->says, $piece->findings($piece->plan()));
        self::assertStringContainsString('competent person', implode(' ', $says));
    }

    public function testWhatStaysRoughIsNotWaxed(): void
    {
        $steps = self::steps(
            self::piece([
                'substrate' => 'gelcoat',
                'service' => 'walked-on',
                'aim' => 'rough',
                'conditions' => [self::DIRT],
            ])->plan(),
        );
        self::assertContains('detergent-wash', $steps);
        self::assertSame([], array_intersect($steps, ['wax', 'compound', 'polish', 'apply-coat']));
    }

    public function testAFilmPickedByHandIsPlannedOrRefusedWithItsReason(): void
    {
        $part = ['aim' => 'bare', 'service' => 'interior', 'conditions' => [[...self::SPOT, 'extent' => '100 %']]];
        $black = self::steps(self::piece([...$part, 'film' => 'steel-black'])->plan());
        self::assertContains('boil-black', $black);
        self::assertNotContains('boil-black', self::steps(self::piece($part)->plan()));
        $this->expectException(NoRoute::class);
        $this->expectExceptionMessage('It does not stand "Underbody, grit and salt".');
        self::piece([...$part, 'service' => 'underbody', 'aim' => null, 'film' => 'steel-black']);
    }

    public function testAnAimThatIsNotOpenSaysWhy(): void
    {
        $this->expectException(NoRoute::class);
        $this->expectExceptionMessage('"Clear over what shows" is not for this part: there is nothing below');
        self::piece(['aim' => 'clear', 'conditions' => []]);
    }

    /** @param array<string, mixed> $part of carbon steel in the sun, tidy, where it says nothing else */
    private static function piece(array $part): Workpiece
    {
        $job = (new JobReader(Yard::catalogue()))->job(
            Node::root(
                Yard::frame(
                    array_filter(
                        [
                            'service' => 'exterior-sun',
                            'finish' => 'tidy',
                            'shapes' => [['kind' => 'plate', 'width' => '1 m', 'length' => '2 m']],
                            ...$part,
                        ],
                        static fn(mixed $v): bool => null !== $v,
                    ),
                ),
            ),
        );

        return Workpiece::of(Yard::catalogue(), $job->parts[0], $job->place('bay'), Surroundings::none());
    }

    private static function share(Workpiece $piece): float
    {
        $coat = Yard::catalogue()->step(Yard::catalogue()->coat);

        return $piece->context->areaOf($coat, $piece->context->system->coats()[0])->m2() /
            $piece->context->area()->m2();
    }

    /** @return list<string> */
    private static function steps(Route $route): array
    {
        return array_map(static fn(\Hull\Job\RouteStep $s): string => $s->step, $route->steps);
    }
}
