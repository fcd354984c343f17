<?php

declare(strict_types=1);

namespace Hull\Tests\Route;

use Hull\Bench\Workpiece;
use Hull\Catalog\Rule;
use Hull\Catalog\Substrate;
use Hull\Climate\Air;
use Hull\Input\InvalidInput;
use Hull\Job\RouteStep;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;
use Hull\Route\Finding;
use Hull\Route\NoRoute;
use Hull\Route\RouteCheck;
use Hull\Route\StepRunner;
use Hull\Surface\FactWithin;
use Hull\Surface\Film;
use Hull\Surface\Precondition;
use Hull\Surface\SurfaceState;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** Every rule of order: a surface that breaks it, and its clean twin that does not. */
final class RulesTest extends TestCase
{
    private const EPOXY = 'epoxy-primer-2k';
    /** More than one pot of what goes off soon. */
    private const SIDE = ['kind' => 'plate', 'width' => '9 m', 'length' => '2 m'];

    /**
     * A case is: rule, step, product, the facts that break it, the facts that keep it, and how many hours ago a film
     * was laid in each of the two (null for none).
     *
     * @return iterable<string, array{
     *     string,
     *     string,
     *     string|null,
     *     array<int|string, float>,
     *     array<int|string, float>,
     *     float|null,
     *     float|null,
     * }>
     */
    public static function cases(): iterable
    {
        yield 'photograph before cleaning' => [
            'photograph-first',
            'dry-clean',
            null,
            [],
            ['recorded' => 1.0],
            null,
            null,
        ];
        yield 'photograph before abrading' => ['photograph-first', 'scrape', null, [], ['recorded' => 1.0], null, null];
        yield 'soil off before degreasing' => [
            'soil-before-degrease',
            'alkaline-degrease',
            null,
            ['soil' => 1.0],
            [],
            null,
            null,
        ];
        yield 'oil off before abrading' => [
            'degrease-before-abrading',
            'strip-discs',
            null,
            ['oil' => 1.0],
            [],
            null,
            null,
        ];
        yield 'wax off before abrading' => ['degrease-before-abrading', 'scrape', null, ['wax' => 1.0], [], null, null];
        yield 'white wipe before discs' => [
            'proved-before-abrading',
            'strip-discs',
            null,
            [],
            ['proved-clean' => 1.0],
            null,
            null,
        ];
        yield 'salt out before abrading' => ['salt-before-abrading', 'blast', null, ['salt' => 1.0], [], null, null];
        yield 'dry before abrading' => ['dry-before-abrading', 'sand-p80', null, ['wet' => 1.0], [], null, null];
        yield 'lead test before dry abrading' => [
            'lead-test-first',
            'sand-off-film',
            null,
            ['lead-unknown' => 1.0],
            [],
            null,
            null,
        ];
        yield 'no discs on a new film' => ['not-over-fresh-film', 'strip-discs', null, [], [], 5.0, null];
        yield 'no washing of a new film' => ['not-over-fresh-film', 'pressure-wash', null, [], [], 0.5, null];
        yield 'no discs once masked' => ['grind-before-masking', 'sand-p80', null, ['masked' => 1.0], [], null, null];
        yield 'no scuffing of a soft film' => ['scuff-cured-enough', 'scuff', null, [], [], 1.0, 5.0];
        yield 'mask after washing' => ['mask-after-washing', 'rinse', null, ['masked' => 1.0], [], null, null];
        yield 'no coat over oil' => ['coat-clean', 'apply-coat', self::EPOXY, ['oil' => 1.0], [], null, null];
        yield 'no coat over wax' => ['coat-wax-free', 'apply-coat', self::EPOXY, ['wax' => 1.0], [], null, null];
        yield 'no coat over salt' => ['coat-clean', 'apply-coat', self::EPOXY, ['salt' => 1.0], [], null, null];
        yield 'acid does not dry on' => [
            'acid-off-at-once',
            'air-dry',
            null,
            ['acid' => 1.0, 'wet' => 1.0],
            ['wet' => 1.0],
            null,
            null,
        ];
        yield 'no other chemistry over bleach' => [
            'bleach-off-at-once',
            'alkaline-degrease',
            null,
            ['bleach' => 1.0],
            [],
            null,
            null,
        ];
        yield 'no test over citrus' => ['citrus-off-at-once', 'white-wipe', null, ['citrus' => 1.0], [], null, null];
        yield 'no coat over acid' => ['acid-off-at-once', 'apply-coat', self::EPOXY, ['acid' => 1.0], [], null, null];
        yield 'no coat over alkali' => [
            'alkali-off-at-once',
            'apply-coat',
            self::EPOXY,
            ['alkali' => 1.0],
            [],
            null,
            null,
        ];
        yield 'no coat over water' => ['coat-dry', 'apply-coat', self::EPOXY, ['wet' => 1.0], [], null, null];
        yield 'no coat over dust' => ['coat-dust-free', 'apply-coat', self::EPOXY, ['dust' => 1.0], [], null, null];
        yield 'no coat over scale' => [
            'coat-no-loose',
            'apply-coat',
            self::EPOXY,
            ['loose-rust' => 1.0],
            [],
            null,
            null,
        ];
        yield 'no coat over flakes' => [
            'coat-no-loose',
            'apply-coat',
            self::EPOXY,
            ['old-film-loose' => 1.0],
            [],
            null,
            null,
        ];
        yield 'no coat over rust' => ['coat-rust', 'apply-coat', self::EPOXY, ['tight-rust' => 1.0], [], null, null];
        yield 'no coat over flash rust' => [
            'coat-rust',
            'apply-coat',
            self::EPOXY,
            ['flash-rust' => 1.0],
            [],
            null,
            null,
        ];
        yield 'no coat over an old film' => [
            'coat-old-film',
            'apply-coat',
            self::EPOXY,
            ['old-film-sound' => 1.0],
            [],
            null,
            null,
        ];
        yield 'bare steel is coated the same day' => [
            'coat-fresh-metal',
            'apply-coat',
            self::EPOXY,
            ['exposed-hours' => 9.0],
            ['exposed-hours' => 7.5],
            null,
            null,
        ];
        yield 'a film keeps the metal fresh' => [
            'coat-fresh-metal',
            'apply-coat',
            self::EPOXY,
            ['exposed-hours' => 90.0],
            ['exposed-hours' => 90.0],
            null,
            5.0,
        ];
        yield 'converted rust may wait' => [
            'coat-fresh-metal',
            'apply-coat',
            self::EPOXY,
            ['exposed-hours' => 90.0],
            ['exposed-hours' => 90.0, 'converted' => 1.0],
            null,
            null,
        ];
        yield 'masked before coating' => ['coat-masked', 'apply-coat', self::EPOXY, [], ['masked' => 1.0], null, null];
        yield 'wiped before coating' => ['coat-wiped', 'apply-coat', self::EPOXY, [], ['wiped' => 1.0], null, null];
        yield 'no coat too soon' => ['not-too-soon', 'apply-coat', self::EPOXY, [], [], 2.0, 5.0];
        yield 'no coat too late' => ['window-or-abraded', 'apply-coat', self::EPOXY, [], [], 100.0, 5.0];
        yield 'a late coat after abrading' => [
            'window-or-abraded',
            'apply-coat',
            self::EPOXY,
            [],
            ['grit' => 320.0],
            100.0,
            100.0,
        ];
        yield 'abrading too coarse does not count' => [
            'window-or-abraded',
            'apply-coat',
            self::EPOXY,
            ['grit' => 80.0],
            ['grit' => 240.0],
            100.0,
            100.0,
        ];
        yield 'nothing over a doubtful coat' => [
            'bond-not-doubtful',
            'apply-coat',
            self::EPOXY,
            ['doubtful-bond' => 1.0],
            [],
            5.0,
            5.0,
        ];
        yield 'nothing over a coat that rain has marked' => [
            'weather-marks-out',
            'apply-coat',
            self::EPOXY,
            ['weather-marked' => 1.0],
            [],
            5.0,
            5.0,
        ];
        yield 'no hand-over of one either' => [
            'weather-marks-out',
            'inspect',
            null,
            ['weather-marked' => 1.0],
            [],
            300.0,
            300.0,
        ];
        yield 'nothing over trapped solvent' => [
            'bond-not-doubtful',
            'inspect',
            null,
            ['trapped-solvent' => 1.0],
            [],
            300.0,
            300.0,
        ];
        yield 'unmasked before the inspection' => [
            'unmask-before-end',
            'inspect',
            null,
            ['masked' => 1.0],
            [],
            300.0,
            300.0,
        ];
        yield 'cured before the inspection' => ['cured-at-end', 'inspect', null, [], [], 100.0, 300.0];
        yield 'inspected before the hand-over' => [
            'inspected-at-end',
            'hand-over',
            null,
            [],
            ['inspected' => 1.0],
            300.0,
            300.0,
        ];
    }

    /**
     * @param array<int|string, float> $breaking
     * @param array<int|string, float> $keeping
     */
    #[DataProvider('cases')]
    public function testIsBrokenByOneSurfaceAndKeptByItsTwin(
        string $rule,
        string $step,
        ?string $product,
        array $breaking,
        array $keeping,
        ?float $filmBreaking,
        ?float $filmKeeping,
    ): void {
        self::assertContains($rule, $this->broken($step, $product, $breaking, $filmBreaking));
        self::assertNotContains($rule, $this->broken($step, $product, $keeping, $filmKeeping));
    }

    /** @return iterable<string, array{Rule}> */
    public static function rules(): iterable
    {
        foreach (Yard::catalogue()->rules as $rule) {
            yield $rule->need->id => [$rule];
        }
    }

    /**
     * Some step on some part breaks it from one surface, and keeps it from another, unless it is never allowed at all.
     */
    #[DataProvider('rules')]
    #[Group('slow')]
    public function testEveryRuleIsReachedBrokenAndKept(Rule $rule): void
    {
        [$piece, $step] = $this->whereItCounts($rule);
        $check = new RouteCheck($piece->context);
        $seen = [];
        foreach ($this->surfaces($rule, $piece->part->substrate) as $state) {
            $ids = array_map(static fn(Finding $f): string => $f->needId, [
                ...$check->broken($step, $state),
                ...$check->spoken($step, $state),
            ]);
            $seen[in_array($rule->need->id, $ids, true) ? 'broken' : 'kept'] = true;
        }
        self::assertArrayHasKey('broken', $seen, $step->step . ' on ' . $piece->part->substrate);
        if ([] !== $rule->need->predicate->facts() || $rule->need->predicate->asksFilm()) {
            self::assertArrayHasKey('kept', $seen, $step->step . ' on ' . $piece->part->substrate);
        }
    }

    /** @return iterable<array{string, string|null}> service and what is wanted */
    private function placesFor(Rule $rule, Substrate $substrate): iterable
    {
        $services =
            [] === $rule->scope->services ? ['exterior-splash', 'interior', 'exterior-sun'] : $rule->scope->services;
        foreach ($services as $service) {
            foreach ([] === $rule->scope->aims ? [null] : $rule->scope->aims as $aim) {
                if (Yard::catalogue()->services[$service]->suits($substrate)) {
                    yield [$service, $aim];
                }
            }
        }
    }

    /** @return array{Workpiece, RouteStep} */
    private function whereItCounts(Rule $rule): array
    {
        $catalogue = Yard::catalogue();
        foreach ($catalogue->substrates as $substrate) {
            foreach ($this->placesFor($rule, $substrate) as [$service, $aim]) {
                try {
                    $piece = Yard::workpiece([
                        'substrate' => $substrate->id,
                        'conditions' => 'spots' === $aim ? [['id' => 'old-coating', 'grade' => 'sound']] : [],
                        'service' => $service,
                        'finish' => $rule->scope->finishes[0] ?? 'tidy',
                        'schools' => array_map(static fn(array $a): string => $a[0], $rule->scope->schools),
                        ...null === $aim ? [] : ['aim' => $aim],
                        ...$rule->beyondPot ? ['shapes' => [self::SIDE]] : [],
                    ]);
                } catch (InvalidInput | NoRoute) {
                    continue;
                }
                if (!in_array($rule, $piece->context->rules->all, true)) {
                    continue;
                }
                foreach ($catalogue->steps as $step) {
                    foreach ($step->laysFilm ? $catalogue->products : [null] as $product) {
                        if (in_array($rule, $piece->context->rules->of($step, $product), true)) {
                            return [$piece, new RouteStep('s', $step->id, $product?->id)];
                        }
                    }
                }
            }
        }
        self::fail('No step on any part is asked this.');
    }

    /**
     * @return iterable<SurfaceState> every fact the rule asks about at its edges, with and without films of all kinds
     *                                and ages
     */
    private function surfaces(Rule $rule, string $substrate): iterable
    {
        $facts = array_values(
            array_unique(array_map(static fn(FactWithin $f): string => $f->fact, $rule->need->predicate->facts())),
        );
        $films = [null];
        if ($rule->need->predicate->asksFilm()) {
            foreach (Yard::catalogue()->products as $product) {
                foreach ([0.0, 0.5, 6.0, 40.0, 3000.0] as $hours) {
                    $films[] = Film::fresh($product, $product->dft)->after(
                        $hours,
                        Air::of(Temperature::celsius(20), RelativeHumidity::percent(50)),
                    );
                }
            }
        }
        foreach ($films as $film) {
            foreach ([0.0, 0.5, 1.0, 2.0, 50.0, 120.0, 240.0, 900.0] as $level) {
                $bare = SurfaceState::of($substrate, array_fill_keys($facts, $level));
                yield null === $film ? $bare : $bare->lay($film);
                foreach ($facts as $fact) {
                    yield null === $film ? $bare->with($fact, 0.0) : $bare->with($fact, 0.0)->lay($film);
                    $only = SurfaceState::of($substrate, [$fact => $level]);
                    yield null === $film ? $only : $only->lay($film);
                }
            }
        }
    }

    public function testEveryRuleSaysWhyAndWhatFollows(): void
    {
        foreach (Yard::catalogue()->rules as $rule) {
            self::assertNotSame('', $rule->need->says);
            self::assertNotSame('', $rule->need->consequence);
            self::assertNotSame('', $rule->need->source);
        }
    }

    /**
     * @param array<int|string, float> $facts
     *
     * @return list<string> ids of the broken needs
     */
    private function broken(string $step, ?string $product, array $facts, ?float $filmHours): array
    {
        $state = SurfaceState::of('carbon-steel', $facts);
        if (null !== $filmHours) {
            $epoxy = Yard::catalogue()->product(self::EPOXY);
            $air = Air::of(Temperature::celsius(20), RelativeHumidity::percent(50));
            $state = $state->lay(Film::fresh($epoxy, $epoxy->dft)->after($filmHours, $air));
        }
        $runner = new StepRunner(Yard::workpiece()->context);

        return array_map(
            static fn(Precondition $n): string => $n->id,
            $runner->broken(new RouteStep('', $step, $product), $state),
        );
    }
}
