<?php

declare(strict_types=1);

namespace Hull\Tests\Catalog;

use Hull\Bench\CoatSheets;
use Hull\Bench\Tools;
use Hull\Bench\Workpiece;
use Hull\Catalog\Catalogue;
use Hull\Catalog\CatalogueReader;
use Hull\Catalog\WorkingConditions;
use Hull\Input\Node;
use Hull\Job\RouteStep;
use Hull\JobFile\JobReader;
use Hull\Quantity\Percentage;
use Hull\Route\NoRoute;
use Hull\Route\StepRunner;
use Hull\Route\Surroundings;
use Hull\Tests\Yard;
use PHPUnit\Framework\TestCase;

/** A new contaminant, method, place, closing step or hazard is an entry of the catalogue; no code knows it. */
final class KnowledgeIsDataTest extends TestCase
{
    private const TAR = [
        'facts' => [['id' => 'tar', 'name' => 'tar', 'kind' => 'contaminant', 'groups' => ['dirt', 'oily']]],
        'conditions' => [
            [
                'id' => 'tar',
                'name' => 'Tar',
                'group' => 'dirt',
                'hint' => 'Thumb it.',
                'grades' => [['id' => 'spots', 'name' => 'Spots', 'look' => 'Black spots.', 'facts' => ['tar' => 1]]],
            ],
        ],
    ];

    public function testAContaminantOfAGroupIsAskedForAndTakenOffWithIt(): void
    {
        $piece = self::piece(self::TAR, ['conditions' => [['id' => 'tar', 'grade' => 'spots']]]);
        self::assertSame(1.0, $piece->surveyed->fact('tar'));
        $steps = self::steps($piece);
        self::assertContains('solvent-degrease', $steps);
        self::assertNotContains(
            'solvent-degrease',
            self::steps(self::piece([], ['conditions' => []])),
            'nothing else asks for it',
        );
        $runner = new StepRunner($piece->context);
        $state = $piece->surveyed;
        foreach ($piece->plan()->steps as $step) {
            if ($piece->context->catalogue()->coat === $step->step) {
                self::assertSame(0.0, $state->fact('tar'));
            }
            $state = $runner->apply($step, $state)->state;
        }
        self::assertSame([], $piece->check()->findings($piece->surveyed, $piece->plan()));
    }

    public function testOneThatNothingTakesOffIsSaid(): void
    {
        $tar = self::TAR;
        $tar['facts'][0]['groups'] = ['dirt'];
        $this->expectException(NoRoute::class);
        $this->expectExceptionMessage('adhesive and other dirt');
        self::piece($tar, ['conditions' => [['id' => 'tar', 'grade' => 'spots']]])->plan();
    }

    public function testAMethodIsCountedWith(): void
    {
        $methods = [
            'methods' => [
                [
                    'id' => 'mitt',
                    'name' => 'Mitt',
                    'hint' => 'rails',
                    'loss' => 8,
                    'pace' => ['least' => 4, 'most' => 7, 'setup' => 5],
                ],
            ],
        ];
        $piece = self::piece($methods, ['method' => 'mitt']);
        $sheet = (new CoatSheets($piece, $piece->context->air()))->of($piece->plan(), Tools::usual())[0];
        self::assertEqualsWithDelta(8.0, $sheet->loss->quantity('loss', Percentage::class)->ratioValue() * 100, 1e-9);
        self::assertNull($sheet->fan, 'nothing is sprayed');
        $hours = $piece->context
            ->catalogue()
            ->formulas()
            ->find('hours.coat')
            ?->fromNode(Node::root(['area' => '2 m2', 'method' => 'mitt']));
        self::assertSame(19.0, round(60 * (float) $hours?->quantity('most', \Hull\Quantity\Duration::class)->h(), 6));
    }

    public function testAPlaceFollowsTheWeatherAsItSays(): void
    {
        $place = [
            'places' => [
                ['id' => 'container', 'name' => 'Container', 'hint' => 'steel', 'sheltered' => true, 'lag_h' => 1.5],
            ],
        ];
        $job = (new JobReader(self::catalogue($place)))->job(
            Node::root([...Yard::frame(), 'places' => [[...Yard::frame()['places'][0], 'kind' => 'container']]]),
        );
        self::assertSame('container', $job->place('bay')->kind);
        self::assertSame(1.5, self::catalogue($place)->places['container']->lagHours);
    }

    public function testAClosingStepClosesEveryRoute(): void
    {
        $weigh = [
            'steps' => [
                [
                    'id' => 'weigh-out',
                    'name' => 'Weigh it',
                    'phase' => 'hand-over',
                    'tags' => ['closing'],
                    'takes' => ['setup_min' => 2],
                    'how' => 'On the floor scale.',
                    'why' => 'Film has mass; a rotor is balanced for it.',
                    'look' => 'A figure in the record.',
                ],
            ],
        ];
        self::assertSame(['inspect', 'weigh-out', 'hand-over'], array_slice(self::steps(self::piece($weigh, [])), -3));
    }

    public function testAKindOfWorkSaysWhatItIsToEverythingElse(): void
    {
        $step = static fn(string $tag): array => [
            'id' => 'own-' . $tag,
            'name' => ucfirst($tag),
            'phase' => 'clean',
            'tags' => [$tag],
            'takes' => [],
            'how' => 'By the book.',
            'why' => 'To try it.',
            'look' => 'Clean.',
        ];
        $more = [
            'steps' => [$step('soda-jet'), $step('cradle'), $step('quiet')],
            'working' => [
                ['id' => 'soda-jet', 'dirty' => true, 'fills' => true, 'alone' => true, 'noisy' => true],
                ['id' => 'cradle', 'dirty' => true, 'apart' => true, 'lifts' => 2, 'closes' => true],
            ],
        ];
        $catalogue = self::catalogue($more);
        $jet = $catalogue->step('own-soda-jet')->worked;
        self::assertSame(
            [true, true, true, false, 0],
            [$jet->reaches(), $jet->fills, $jet->alone, $jet->closes, $jet->lifts],
        );
        $cradle = $catalogue->step('own-cradle')->worked;
        self::assertSame([false, true, 2], [$cradle->reaches(), $cradle->closes, $cradle->lifts], 'apart from others');
        self::assertEquals(new WorkingConditions(), $catalogue->step('own-quiet')->worked);
        self::assertTrue($catalogue->manner($catalogue->step('own-soda-jet'))->noisy);
    }

    public function testAHazardOfAPlaceIsAFactOfWhatStandsThere(): void
    {
        $gas = [
            'facts' => [['id' => 'place-gas', 'name' => 'gas about', 'kind' => 'setting']],
            'hazards' => [['id' => 'gas', 'name' => 'Gas', 'hint' => 'cylinders', 'fact' => 'place-gas']],
        ];
        $frame = Yard::frame();
        $frame['places'][0]['hazards'] = ['gas'];
        $catalogue = self::catalogue($gas);
        $job = (new JobReader($catalogue))->job(Node::root($frame));
        self::assertSame(['place-gas' => 1.0], Surroundings::of($catalogue, $job, $job->parts[0])->facts);
    }

    /** A wipe is minutes old: whatever is done after it, but mixing, makes it due again. */
    public function testAWipeIsLostByWhateverFollowsIt(): void
    {
        foreach (Yard::catalogue()->steps as $step) {
            $lost =
                [] !==
                array_filter(
                    $step->does,
                    static fn(\Hull\Surface\Effect $e): bool => 'wiped' === $e->fact && $e->takesDown(),
                );
            $keeps = [] !== array_intersect(['last-wipe', 'mixing'], $step->tags);
            self::assertSame(!$keeps, $lost, $step->id);
        }
    }

    /** What washes or bathes takes the oil off again, and it is due again: said once, at the fact. */
    public function testWhatUndoesAFactIsSaidAtTheFact(): void
    {
        $catalogue = Yard::catalogue();
        foreach (['bath-citric', 'detergent-wash', 'solvent-degrease', 'blast'] as $id) {
            $lost = array_filter(
                $catalogue->step($id)->does,
                static fn(\Hull\Surface\Effect $e): bool => 'oiled' === $e->fact && $e->takesDown(),
            );
            self::assertCount(1, $lost, $id);
        }
        $kept = self::catalogue([
            'steps' => [
                [
                    'id' => 'rub-dry',
                    'name' => 'Rub',
                    'phase' => 'clean',
                    'tags' => ['washing'],
                    'keeps' => ['oiled'],
                    'does' => [['fact' => 'wiped', 'set' => 1]],
                    'takes' => [],
                    'how' => 'Rub.',
                    'why' => 'To try it.',
                    'look' => 'Dry.',
                ],
            ],
        ])->step('rub-dry');
        $does = array_map(static fn(\Hull\Surface\Effect $e): string => $e->fact . ' ' . $e->level, $kept->does);
        self::assertContains('wiped 1', $does, 'what a step says itself counts');
        self::assertNotContains('wiped 0', $does);
        self::assertNotContains('oiled 0', $does, 'what it keeps stays');
    }

    /** @param array<string, list<array<string, mixed>>> $more */
    private static function catalogue(array $more): Catalogue
    {
        $data = Yard::data();
        foreach ($more as $kind => $entries) {
            $data[$kind] = [...$data[$kind], ...$entries];
        }

        return CatalogueReader::read($data);
    }

    /**
     * @param array<string, list<array<string, mixed>>> $more
     * @param array<int|string, mixed> $change
     */
    private static function piece(array $more, array $change): Workpiece
    {
        $catalogue = self::catalogue($more);
        $job = (new JobReader($catalogue))->job(Node::root(Yard::frame($change)));

        return Workpiece::of($catalogue, $job->parts[0], $job->place('bay'), Surroundings::none());
    }

    /** @return list<string> */
    private static function steps(Workpiece $piece): array
    {
        return array_map(static fn(RouteStep $s): string => $s->step, $piece->plan()->steps);
    }
}
