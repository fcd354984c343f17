<?php

declare(strict_types=1);

namespace Hull\Tests\Catalog;

use Hull\Board\Coverage;
use Hull\Catalog\CatalogueReader;
use Hull\Catalog\FilmSystem;
use Hull\Climate\GateReason;
use Hull\Cure\CureRows;
use Hull\Input\InvalidInput;
use Hull\Job\RouteStep;
use Hull\Quantity\Temperature;
use Hull\Tests\Job\JobPlanTest;
use Hull\Tests\Route\GateTest;
use Hull\Tests\Route\RoutePlannerTest;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** The catalogue agrees with itself. */
final class CatalogueTest extends TestCase
{
    /** Steps that only a mend calls for, each tried where mends are: ReplayTest, MenderTest. */
    private const MENDING = [
        'sand-back',
        'sand-marks',
        'sand-down-marked',
        'wipe-off-coat',
        'wash-blush',
        'unmask-cut',
    ];
    /** And one that is left to whoever likes it better than sanding. */
    private const BY_CHOICE = ['heat-strip'];

    #[Group('slow')]
    public function testEveryStepIsReachedBySomeRoute(): void
    {
        $seen = [...self::MENDING, ...self::BY_CHOICE];
        foreach (RoutePlannerTest::parts() as [$change]) {
            $seen = [...$seen, ...self::steps($change)];
        }
        foreach (self::situations() as $situation) {
            $seen = [...$seen, ...self::steps($situation[0], $situation[1] ?? [])];
        }
        foreach (GateTest::jobs() as [$name]) {
            $seen = [...$seen, ...GateTest::steps($name)];
        }
        foreach (JobPlanTest::lanes() as $steps) {
            $seen = [...$seen, ...$steps];
        }
        self::assertSame([], array_values(array_diff(array_keys(Yard::catalogue()->steps), $seen)));
    }

    /**
     * @param array<int|string, mixed> $change
     * @param list<string> $without
     *
     * @return list<string>
     */
    private static function steps(array $change, array $without = []): array
    {
        return array_map(
            static fn(RouteStep $s): string => $s->step,
            Yard::workpiece($change, $without)->plan()->steps,
        );
    }

    /** @return iterable<int, array{0: array<int|string, mixed>, 1?: list<string>}> where the rarer trades come up */
    private static function situations(): iterable
    {
        $small = ['shapes' => [['kind' => 'strip', 'width' => '0.2 m', 'length' => '0.3 m']]];
        $found = static fn(string ...$found): array => [
            'conditions' => array_map(
                static fn(string $f): array => ['id' => explode(':', $f)[0], 'grade' => explode(':', $f)[1]],
                $found,
            ),
        ];
        yield [['substrate' => 'laminate', 'schools' => ['core' => 'board'], ...$found('soft-core:rotten')]];
        yield [['substrate' => 'laminate', 'schools' => ['core' => 'ply'], ...$found('soft-core:rotten')]];
        yield [
            [
                ...$found('soft-inserts:yes'),
                ...$small,
                'substrate' => 'aluminium-cast',
                'service' => 'heat-300',
                'schools' => ['heat-film' => 'oven'],
            ],
        ];
        yield [[...$found('soft-core:rotten', 'old-coating:flaking'), 'substrate' => 'wood-core', 'finish' => 'show']];
        yield [[...$found('soil:heavy', 'oil:heavy')], ['pressure-washer', 'ultrasonic']];
        $side = [['kind' => 'plate', 'width' => '9 m', 'length' => '2 m']];
        yield [['shapes' => $side, 'service' => 'exterior-sun', 'finish' => 'show', 'schools' => ['pot' => 'one-big']]];
        yield [['substrate' => 'laminate', ...$found('holes:large')], ['laminating']];
        yield [['substrate' => 'laminate', ...$found('holes:small')]];
        yield [['substrate' => 'gelcoat', ...$found('holes:small')]];
        yield [['substrate' => 'magnesium', ...$found('white-corrosion:pitted')]];
        $clear = ['aim' => 'clear', 'finish' => 'show', 'service' => 'interior'];
        yield [[...$found('delamination:spots'), 'substrate' => 'laminate', ...$clear]];
        yield [[...$found('unfair:waves'), 'substrate' => 'epoxy-surface', ...$clear]];
        yield [[...$found('cracks:through'), 'substrate' => 'epoxy-surface', ...$clear], ['laminating']];
        yield [[...$found('dents:shallow'), 'substrate' => 'copper-alloy', ...$clear]];
        yield [
            [
                ...$found('old-coating:chalked', 'scratches:deep'),
                'substrate' => 'laminate',
                'service' => 'interior',
                'finish' => 'show',
                'aim' => 'clean',
            ],
        ];
        yield [[...$found('chalked:heavy'), 'substrate' => 'roof-membrane', 'service' => 'exterior-sun']];
        yield [[...$found('old-coating:chalked'), 'service' => 'exterior-sun']];
        yield [[...$found('rust:pitted'), 'finish' => 'show', 'schools' => ['first-film' => 'etch']]];
        yield [[...$found('salt:heavy', 'rust:light')]];
        yield [
            [
                ...$found('white-corrosion:pitted'),
                'substrate' => 'galvanised-steel',
                'service' => 'interior',
                'finish' => 'utility',
            ],
        ];
        yield [
            [
                ...$found('soft-core:rotten'),
                'substrate' => 'roof-membrane',
                'service' => 'interior',
                'finish' => 'utility',
            ],
        ];
        yield [[...$found('spring-steel:yes'), 'service' => 'heat-150', 'finish' => 'utility']];
        yield [[...$found('rust:light'), 'substrate' => 'galvanised-steel', 'service' => 'bare-fit']];
        yield [[...$found('cracks:hair'), 'substrate' => 'rigid-plastic', 'service' => 'interior']];
        yield [[...$found('gasket:present', 'rivets:due'), 'substrate' => 'magnesium', 'service' => 'heat-150']];
        yield [[...$found('soil:light'), 'substrate' => 'fabric', 'service' => 'exterior-sun']];
        yield [
            [...$found('gasket:present', 'weld-due:due'), 'substrate' => 'stainless-steel', 'service' => 'heat-600'],
        ];
        yield [[...$found('blush:present'), 'substrate' => 'epoxy-surface', 'service' => 'interior']];
        yield [
            [
                ...$found('scratches:deep'),
                'substrate' => 'stainless-steel',
                'service' => 'interior',
                'finish' => 'show',
            ],
        ];
        yield [
            [...$found('scratches:deep'), 'substrate' => 'chrome-plate', 'service' => 'interior', 'finish' => 'tidy'],
        ];
        yield [
            [
                ...$found('organic-stain:present', 'scratches:medium', 'dents:shallow'),
                'substrate' => 'old-coating',
                'service' => 'interior',
                'finish' => 'tidy',
                'schools' => ['filler' => 'over-metal', 'old-paint' => 'strip', 'colour-change' => 'peelable'],
            ],
        ];
        yield [[...$found('salt:heavy', 'soil:light'), 'substrate' => 'clear-plastic']];
        yield [
            [
                ...$found('yellowing:heavy'),
                'substrate' => 'rigid-plastic',
                'service' => 'interior',
                'finish' => 'utility',
            ],
        ];
        yield [[...$found('white-corrosion:bloom'), 'substrate' => 'aluminium-wrought', 'service' => 'bare-fit']];
        yield [
            [...$found('oil:heavy'), ...$small, 'substrate' => 'copper-alloy', 'service' => 'bare-fit'],
            ['strong-acid'],
        ];
        yield [[...$found('white-corrosion:bloom'), 'substrate' => 'aluminium-anodised', 'service' => 'bare-fit']];
        yield [[...$found('rust:light'), 'substrate' => 'galvanised-steel']];
        yield [[...$found('sealed-cavity:yes', 'threads:dirty'), 'substrate' => 'cast-iron', 'service' => 'heat-600']];
        yield [[...$found('water-inside:present'), 'substrate' => 'stainless-steel', 'service' => 'immersion-salt']];
        yield [
            [...$found('tarnish:dull', 'oil:heavy'), 'substrate' => 'stainless-steel', 'service' => 'immersion-salt'],
        ];
        yield [
            [
                ...$found('adhesive:present', 'untested-paint:found'),
                'substrate' => 'galvanised-steel',
                'finish' => 'show',
            ],
        ];
        yield [[...$found('rust:pitted'), 'service' => 'underbody', 'schools' => ['underbody' => 'film-build']]];
        yield [
            [
                ...$found('sealed-cavity:yes'),
                ...$small,
                'substrate' => 'aluminium-cast',
                'service' => 'heat-300',
                'schools' => ['heat-film' => 'oven'],
            ],
        ];
        yield [[...$found('rust:scale'), 'schools' => ['removing' => 'mechanical']]];
        yield [[...$found('rust:light'), ...$small, 'place' => 'bay']];
        yield [
            [...$found('rust:scale', 'old-coating:unknown'), ...$small, 'substrate' => 'cast-iron'],
            ['strong-acid'],
        ];
        yield [[...$found('white-corrosion:pitted'), ...$small, 'substrate' => 'zinc-casting']];
        yield [[...$found('weld-due:due')], ['welding']];
        yield [[...$found('rust:pitted'), 'service' => 'tank']];
        yield [[...$found('cracks:through'), 'substrate' => 'cast-iron'], ['welding']];
        yield [
            [
                ...$found('delamination:spots'),
                'substrate' => 'laminate',
                'service' => 'tank',
                'schools' => ['laminate' => 'vinylester'],
            ],
        ];
        yield [[...$found('cracks:hair'), 'substrate' => 'gelcoat']];
        yield [[...$found('soft-core:rotten'), 'substrate' => 'wood-core', 'schools' => ['core' => 'board']]];
        yield [[...$found('soft-core:rotten'), 'substrate' => 'wood-core', 'schools' => ['core' => 'ply']]];
        yield [[...$found('torn:small'), 'substrate' => 'flexible-vinyl']];
        yield [[...$found('torn:large'), 'substrate' => 'flexible-vinyl']];
        yield [[...$found('torn:large'), 'substrate' => 'flexible-vinyl'], ['upholstery']];
        yield [
            [
                ...$found('scratches:deep', 'chalked:heavy'),
                'substrate' => 'gelcoat',
                'schools' => ['gelcoat' => 'wet-sand'],
            ],
        ];
        yield [[...$found('chalked:light'), 'substrate' => 'gelcoat'], ['polisher']];
        yield [[...$found('scratches:deep'), 'substrate' => 'clear-plastic']];
        yield [[...$found('rust:light'), 'finish' => 'utility', 'schools' => ['rust' => 'oil']]];
        yield [
            [
                ...$found('cracks:hair'),
                'substrate' => 'laminate',
                'service' => 'interior',
                'schools' => ['laminate' => 'polyester'],
            ],
        ];
        yield [
            [
                ...$found('delamination:spots'),
                ...$small,
                'substrate' => 'laminate',
                'service' => 'interior',
                'schools' => ['laminate' => 'polyester'],
            ],
        ];
        yield [['substrate' => 'cast-iron', ...$found('mould:specks'), 'service' => 'bare-fit', 'finish' => 'utility']];
        yield [
            [
                ...$found('dents:shallow'),
                ...$small,
                'substrate' => 'aluminium-cast',
                'service' => 'immersion-fresh',
                'finish' => 'show',
                'schools' => ['filler' => 'over-metal'],
            ],
        ];
        yield [
            [
                ...$found('rust:flash'),
                ...$small,
                'substrate' => 'chrome-plate',
                'service' => 'exterior-sun',
                'finish' => 'utility',
            ],
        ];
        yield [[...$found('untested-paint:found'), 'finish' => 'utility', 'schools' => ['old-paint' => 'strip']]];
        yield [
            [
                ...$found('wax:present', 'old-coating:dull'),
                'substrate' => 'old-coating',
                'service' => 'exterior-splash',
                'finish' => 'utility',
                'schools' => [
                    'old-paint' => 'strip',
                    'filler' => 'over-metal',
                    'underbody' => 'liner',
                    'colour-change' => 'liner',
                ],
            ],
            ['isocyanate'],
        ];
        yield [
            [
                ...$found('rust:pitted'),
                'finish' => 'show',
                'schools' => ['removing' => 'mechanical', 'rust' => 'convert'],
            ],
        ];
        yield [
            [
                ...$found('soft-core:rotten'),
                'substrate' => 'gelcoat',
                'schools' => ['core' => 'pour', 'laminate' => 'epoxy'],
            ],
        ];
        yield [[...$found('rust:light', 'spring-steel:yes'), ...$small, 'schools' => ['removing' => 'bath']]];
    }

    /**
     * @return iterable<string, array{string, list<int|string>, mixed}> kind, path in its first entry that has it, what
     *                                                                  is put there
     */
    public static function faults(): iterable
    {
        yield 'cleaner' => ['products', ['cleaner'], 'moon-water'];
        yield 'thinner' => ['products', ['cleaner'], 'epoxy-primer-2k'];
        yield 'caution of a product' => ['products', ['cautions', 0], 'nothing'];
        yield 'gear of a product' => ['products', ['requires', 0], 'crane'];
        yield 'source' => ['products', ['source'], 'hearsay'];
        yield 'no pot life' => ['products', ['pot_life'], '0 min'];
        yield 'empty tin' => ['products', ['packs', 0], '0 L'];
        yield 'tin by mass' => ['products', ['packs', 0], '1 kg'];
        yield 'no hours' => ['products', ['cure', 'touch'], [20 => 0]];
        yield 'hotter is slower' => ['products', ['cure', 'touch'], [10 => 2, 20 => 3]];
        yield 'one temperature twice' => ['products', ['cure', 'full'], ['20' => 24, '20.0' => 20]];
        yield 'no temperature' => ['products', ['cure', 'full'], ['warm' => 24]];
        yield 'colder than it is hot' => ['products', ['climate', 'most'], '1 C'];
        yield 'rate' => ['supplies', ['rate'], '3 splashes'];
        yield 'pack of a supply' => ['supplies', ['packs', 0], 'a lot'];
        yield 'caution of a supply' => ['supplies', ['cautions', 0], 'nothing'];
        yield 'family a supply must not touch' => ['supplies', ['never', 0], 'cheese'];
        yield 'supply of a step' => ['steps', ['uses', 0], 'elbow-grease'];
        yield 'gear of a step' => ['steps', ['requires', 0], 'crane'];
        yield 'caution of a step' => ['steps', ['cautions', 0], 'nothing'];
        yield 'test of a step' => ['steps', ['accept'], 'sniffing'];
        yield 'phase of a step' => ['steps', ['phase'], 'tea'];
        yield 'school of a step' => ['steps', ['schools'], ['rust' => ['pray']]];
        yield 'minutes of a step' => ['steps', ['takes', 'setup_min'], -5];
        yield 'product of a layer' => ['systems', ['layers', 0, 'product'], 'moon-paint'];
        yield 'product of a foundation' => ['foundations', ['layers', 0, 'product'], 'moon-paint'];
        yield 'what a top lies over' => ['tops', ['over', 0], 'cheese'];
        yield 'kind of step of a rule' => ['rules', ['step_tags', 0], 'dancing'];
        yield 'kind of film of a rule' => ['rules', ['product_tags', 0], 'cheese'];
        yield 'chemical of an interlock' => ['interlocks', ['first', 0], 'bleech'];
        yield 'step of an interlock' => ['interlocks', ['parting', 0], 'dancing'];
        yield 'protection of a caution' => ['cautions', ['protect', 0], 'hat'];
        yield 'caution of a local topic' => ['local', ['cautions', 0], 'nothing'];
        yield 'what a consumable goes with' => ['consumables', ['step_tags', 0], 'dancing'];
        yield 'method of a consumable' => ['consumables', ['methods', 0], 'bucket'];
        yield 'gear of a method' => ['methods', ['gear', 0], 'bucket'];
        yield 'what undoes a fact' => ['facts', ['lost_by', 0], 'dancing'];
        yield 'what covers a fact' => ['facts', ['lost_under', 0], 'dancing'];
        yield 'group of an effect' => ['steps', ['does', 0, 'group'], 'dancing'];
        yield 'fact of a hazard' => ['hazards', ['fact'], 'shiny'];
        yield 'how a kind is worked' => ['working', ['id'], 'dancing'];
        yield 'sign' => ['substrates', ['signs'], ['smell' => ['sweet']]];
        yield 'fact of a grade' => ['conditions', ['grades', 0, 'facts'], ['shiny' => 1]];
        yield 'service an argument is about' => [
            'schools',
            ['answers', 0, 'wins', 0, 'when'],
            ['services' => ['moon']],
        ];
        yield 'step after a failed test' => ['tests', ['on_fail', 0], 'dancing'];
    }

    /** @param list<int|string> $path */
    #[DataProvider('faults')]
    #[Group('slow')]
    public function testWhatIsNamedExistsAndWhatIsMeasuredCanBe(string $kind, array $path, mixed $fault): void
    {
        $data = Yard::data();
        foreach ($data[$kind] as $index => $entry) {
            $spoilt = self::spoilt($entry, $path, $fault);
            if (null !== $spoilt) {
                $data[$kind][$index] = $spoilt;
                break;
            }
        }
        self::assertNotEquals(Yard::data()[$kind], $data[$kind], 'nothing has that field');
        try {
            CatalogueReader::read($data);
            self::fail('taken as it is');
        } catch (InvalidInput $e) {
            self::assertStringStartsWith('/' . $kind . '/', $e->pointer);
            self::assertNotSame('', $e->accepted);
        }
    }

    /**
     * @param list<int|string> $path
     *
     * @return mixed the entry with the fault at the end of the path; null where it has nothing there
     */
    private static function spoilt(mixed $entry, array $path, mixed $fault): mixed
    {
        if ([] === $path) {
            return $fault;
        }
        if (!is_array($entry) || !isset($entry[$path[0]])) {
            return null;
        }
        $inner = self::spoilt($entry[$path[0]], array_slice($path, 1), $fault);

        return null === $inner ? null : [$path[0] => $inner] + $entry;
    }

    public function testEveryCautionIsUsed(): void
    {
        $used = [];
        foreach (Yard::catalogue()->steps as $step) {
            $used = [...$used, ...$step->cautions];
        }
        foreach (Yard::catalogue()->products as $product) {
            $used = [...$used, ...$product->cautions];
        }
        self::assertSame([], array_values(array_diff(array_keys(Yard::catalogue()->cautions), $used)));
    }

    public function testEveryFactOfAConditionCanBeTakenOffOrIsHarmless(): void
    {
        $lowered = [];
        foreach (Yard::catalogue()->steps as $step) {
            foreach ($step->does as $effect) {
                if ('set' === $effect->verb || 'lower' === $effect->verb) {
                    $lowered[] = $effect->fact;
                }
            }
        }
        foreach (Yard::catalogue()->conditions as $condition) {
            foreach ($condition->grades as $grade) {
                self::assertSame(
                    [],
                    array_values(
                        array_diff(array_keys($grade->facts), [
                            ...$lowered,
                            'salt-seen',
                            'safety-critical',
                            'spring-steel',
                            'fuel-vessel',
                            'heavy',
                            'open-bores',
                        ]),
                    ),
                    $condition->id . ' ' . $grade->id,
                );
            }
        }
    }

    public function testProductsCureFasterWhenWarmAndInTheRightOrder(): void
    {
        foreach (Yard::catalogue()->products as $product) {
            $cure = $product->cure;
            self::assertNotNull($cure, $product->id);
            foreach ([12.0, 20.0, 28.0] as $celsius) {
                $at = Temperature::celsius($celsius);
                $hours = static fn(?CureRows $rows): float => $rows?->hoursAt($at)?->h() ?? \INF;
                self::assertLessThan($hours($cure->full), $hours($cure->recoatMin), $product->id);
                self::assertLessThan($hours($cure->recoatMax), $hours($cure->recoatMin), $product->id);
                self::assertLessThan($hours($cure->full), $hours($cure->touch), $product->id);
            }
            self::assertGreaterThanOrEqual(
                $cure->touch->hoursAt(Temperature::celsius(30))?->h(),
                $cure->touch->hoursAt(Temperature::celsius(10))?->h(),
            );
            self::assertLessThan($product->most->c(), $product->least->c());
        }
    }

    #[Group('slow')]
    public function testEverySystemIsPlannedSomewhereWhenItIsPicked(): void
    {
        $coverage = new Coverage(Yard::catalogue());
        $unreached = array_filter(
            Yard::catalogue()->systems,
            static fn(FilmSystem $s): bool => null === $coverage->reached($s),
        );
        self::assertSame([], array_keys($unreached));
    }

    public function testEverySystemEndsInItsServiceAndFinish(): void
    {
        $catalogue = Yard::catalogue();
        foreach ($catalogue->systems as $system) {
            self::assertTrue([] !== $system->coats() || [] !== $system->ends, $system->id);
            self::assertGreaterThan(0.0, $system->life->from, $system->id);
            self::assertGreaterThanOrEqual($system->life->from, $system->life->to, $system->id);
        }
    }

    /**
     * @return iterable<string, array{string, array<int|string, mixed>, string}> kind, an entry to add, part of the
     *                                                                           pointer
     */
    public static function mistakes(): iterable
    {
        yield 'an id twice' => ['facts', ['id' => 'oil', 'name' => 'oil again', 'kind' => 'contaminant'], '/facts/'];
        yield 'a step with an unknown fact' => [
            'steps',
            [
                'id' => 'shine-up',
                'name' => 'Shine up',
                'phase' => 'clean',
                'does' => [['fact' => 'shine', 'set' => 1]],
                'takes' => [],
                'how' => 'x',
                'why' => 'x',
                'look' => 'x',
            ],
            '/does/0/fact',
        ];
        yield 'a step in an unknown phase' => [
            'steps',
            [
                'id' => 'shine-up',
                'name' => 'Shine up',
                'phase' => 'later',
                'takes' => [],
                'how' => 'x',
                'why' => 'x',
                'look' => 'x',
            ],
            '/phase',
        ];
        yield 'an effect without a verb' => [
            'steps',
            [
                'id' => 'shine-up',
                'name' => 'Shine up',
                'phase' => 'clean',
                'does' => [['fact' => 'oil']],
                'takes' => [],
                'how' => 'x',
                'why' => 'x',
                'look' => 'x',
            ],
            '/does/0',
        ];
        yield 'an unknown caution' => [
            'steps',
            [
                'id' => 'shine-up',
                'name' => 'Shine up',
                'phase' => 'clean',
                'cautions' => ['dragons'],
                'takes' => [],
                'how' => 'x',
                'why' => 'x',
                'look' => 'x',
            ],
            '/cautions/0',
        ];
        yield 'a rule without words' => [
            'rules',
            ['id' => 'mute', 'step_tags' => ['coat'], 'need' => ['fact' => 'oil', 'max' => 0]],
            '/need/says',
        ];
        yield 'a rule about an unknown phase of a film' => [
            'rules',
            ['id' => 'odd', 'step_tags' => ['coat'], 'need' => ['film' => ['sticky'], 'says' => 'x', 'else' => 'x']],
            '/need/film/0',
        ];
        yield 'a system with an unknown product' => [
            'systems',
            [
                'id' => 'odd',
                'name' => 'Odd',
                'substrates' => ['steel'],
                'services' => ['interior'],
                'finishes' => ['tidy'],
                'layers' => [['product' => 'tar', 'coats' => 1, 'role' => 'x']],
                'why' => 'x',
                'life' => 'x',
            ],
            '/layers/0/product',
        ];
        yield 'a grade with an unknown fact' => [
            'conditions',
            [
                'id' => 'odd',
                'name' => 'Odd',
                'hint' => 'x',
                'grades' => [['id' => 'a', 'name' => 'a', 'look' => 'x', 'facts' => ['shine' => 1]]],
            ],
            '/facts/shine',
        ];
        yield 'a school without answers' => [
            'schools',
            ['id' => 'odd', 'question' => 'Why', 'answers' => []],
            '/schools/',
        ];
    }

    /** @param array<int|string, mixed> $entry */
    #[DataProvider('mistakes')]
    #[Group('slow')]
    public function testMistakesAreNamedWithTheirPlace(string $kind, array $entry, string $pointer): void
    {
        $data = Yard::data();
        $data[$kind][] = $entry;
        try {
            CatalogueReader::read($data);
        } catch (InvalidInput $e) {
            self::assertStringContainsString($pointer, $e->pointer);

            return;
        }
        self::fail('It was read.');
    }

    public function testEverythingInTheStoresIsUsedBySomething(): void
    {
        $catalogue = Yard::catalogue();
        $used = array_merge(
            ...array_map(static fn(\Hull\Catalog\Step $s): array => $s->uses, array_values($catalogue->steps)),
            ...array_map(
                static fn(\Hull\Catalog\FilmSystem $s): array => array_map(
                    static fn(\Hull\Catalog\SystemLayer $l): string => $l->product->id,
                    $s->layers,
                ),
                array_values($catalogue->systems),
            ),
        );
        $used = [
            ...$used,
            ...array_map(
                static fn(\Hull\Surface\Product $p): string => $p->cleaner,
                array_values($catalogue->products),
            ),
        ];
        self::assertSame(
            [],
            array_values(array_diff([...array_keys($catalogue->supplies), ...array_keys($catalogue->products)], $used)),
        );
    }

    public function testWhatIsWipedOnSaysHowHotThePartMayBe(): void
    {
        $catalogue = Yard::catalogue();
        foreach ($catalogue->steps as $step) {
            foreach ($step->uses as $id) {
                $supply = $catalogue->supplies[$id] ?? null;
                if (in_array($supply?->kind, ['solvent', 'dressing', 'acid', 'converter', 'protection'], true)) {
                    $closed = $supply->air?->closed(part: 70.0, margin: 40.0, humidity: 0.4) ?? [];
                    self::assertContains(GateReason::Hot, $closed, $id . ' on a dark part in the sun');
                }
            }
        }
    }

    public function testEveryRunOfGritsIsGoneThroughBySomeStep(): void
    {
        $catalogue = Yard::catalogue();
        $gone = array_map(
            static fn(\Hull\Catalog\Step $s): string => $s->grits->run->id ?? '',
            array_values($catalogue->steps),
        );
        self::assertSame(
            [],
            array_values(
                array_diff(
                    array_map(static fn(\Hull\Catalog\AbrasiveRun $r): string => $r->id, $catalogue->abrasives),
                    $gone,
                ),
            ),
        );
    }

    public function testARunMayLeaveOutOneGritButNoMore(): void
    {
        $run = new \Hull\Catalog\AbrasiveRun('metal', 'Metal', [60, 80, 120, 180], [60 => 1.0, 180 => 2.0], '');
        self::assertTrue((new \Hull\Catalog\Grits($run, [60, 120]))->isUnbroken());
        self::assertFalse((new \Hull\Catalog\Grits($run, [60, 180]))->isUnbroken());
        self::assertFalse((new \Hull\Catalog\Grits($run, [120, 80]))->isUnbroken());
        self::assertFalse((new \Hull\Catalog\Grits($run, [100]))->isUnbroken());
        self::assertSame('P60, P180; a disc does about 1 to 2 m²', (new \Hull\Catalog\Grits($run, [60, 180]))->text());
    }
}
