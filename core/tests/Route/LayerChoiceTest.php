<?php

declare(strict_types=1);

namespace Hull\Tests\Route;

use Hull\Bench\CoatSheets;
use Hull\Bench\Workpiece;
use Hull\Board\JobPlan;
use Hull\Board\SharedAction;
use Hull\Board\Shopping;
use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\Job\RouteStep;
use Hull\JobFile\JobReader;
use Hull\JobFile\JobWriter;
use Hull\Quantity\Volume;
use Hull\Route\LayerChoice;
use Hull\Route\NoRoute;
use Hull\Surface\Product;
use Hull\Tests\Yard;
use PHPUnit\Framework\TestCase;

/** Layers decided by hand: another product, a colour, a texture. */
final class LayerChoiceTest extends TestCase
{
    private const RED = ['layer' => 'urethane-colour-2k', 'colour' => 'Signal red'];

    public function testAnotherProductOfItsSortIsPlannedInItsPlace(): void
    {
        $piece = Yard::workpiece(['layers' => [['layer' => 'epoxy-primer-2k', 'instead' => 'epoxy-primer-fast']]]);
        $laid = array_values(
            array_filter(
                array_map(static fn(RouteStep $s): ?string => $s->product, $piece->plan()->steps),
                static fn(?string $p): bool => null !== $p,
            ),
        );
        self::assertSame('epoxy+urethane', $piece->context->system->id);
        self::assertContains('epoxy-primer-fast', $laid);
        self::assertNotContains('epoxy-primer-2k', $laid);
    }

    public function testWhatIsOfAnotherSortIsRefusedWithItsReason(): void
    {
        $refusals = [
            ['epoxy-primer-2k', 'zinc-rich', 'full of zinc'],
            ['urethane-colour-2k', 'alkyd-enamel', 'binder is not'],
            ['urethane-colour-2k', 'clear-2k', 'clear and the other is not'],
        ];
        foreach ($refusals as [$layer, $instead, $says]) {
            try {
                Yard::workpiece(['layers' => [['layer' => $layer, 'instead' => $instead]]]);
                self::fail('laid in its place');
            } catch (NoRoute $e) {
                self::assertStringContainsString($says, $e->getMessage());
            }
        }
        $this->expectException(NoRoute::class);
        $this->expectExceptionMessage('does without');
        Yard::workpiece(
            [
                'substrate' => 'laminate',
                'conditions' => [],
                'layers' => [['layer' => 'marine-pu', 'instead' => 'urethane-colour-2k']],
            ],
            ['spray-gun'],
        );
    }

    public function testEveryProductOfferedForALayerCanBePlanned(): void
    {
        foreach (
            array_filter(Yard::catalogue()->products, static fn(Product $p): bool => 'film' === $p->role)
            as $layer
        ) {
            $choice = new LayerChoice(Yard::workpiece()->context->traits);
            foreach ($choice->others($layer) as $other) {
                self::assertContains($layer, $choice->others($other), 'one stands for the other both ways');
            }
        }
        $piece = Yard::workpiece();
        foreach ($piece->context->system->layers as $layer) {
            $others = (new LayerChoice($piece->context->traits))->others($layer->product);
            self::assertNotSame([], $others);
            foreach ($others as $other) {
                $wish = ['layer' => $layer->product->id, 'instead' => $other->id];
                self::assertNotSame([], Yard::workpiece(['layers' => [$wish]])->plan()->steps);
            }
        }
    }

    public function testATextureTakesMoreOrLessPaint(): void
    {
        $litres = ['fine' => 0.0, 'usual' => 0.0, 'coarse' => 0.0];
        foreach (array_keys($litres) as $texture) {
            $piece = Yard::workpiece([
                'film' => 'epoxy+liner',
                'service' => 'underbody',
                'schools' => ['underbody' => 'liner'],
                'layers' => [['layer' => 'textured-liner', 'texture' => $texture]],
            ]);
            foreach (CoatSheets::under($piece, $piece->plan()) as [, $product, $under]) {
                if ('textured-liner' === $product->id) {
                    $paint = CoatSheets::paint($piece, $product, $under);
                    $litres[$texture] = $paint->quantity('needed', Volume::class)->litresValue();
                }
            }
        }
        self::assertEqualsWithDelta(0.8, $litres['fine'] / $litres['usual'], 1e-9);
        self::assertEqualsWithDelta(1.3, $litres['coarse'] / $litres['usual'], 1e-9);
    }

    public function testTwoColoursAreTwoTinsTwoMixesAndOnePrimer(): void
    {
        $colours = static fn(JobPlan $p): array => array_values(
            array_map(
                static fn(SharedAction $a): array => [$a->colour, count($a->zones)],
                array_filter($p->actions, static fn(SharedAction $a): bool => 'urethane-colour-2k' === $a->product),
            ),
        );
        $cream = ['layer' => 'urethane-colour-2k', 'colour' => 'cream'];
        $two = self::plan([self::RED], [$cream]);
        foreach ($two->actions as $action) {
            self::assertContains(
                count($action->zones),
                'apply-coat' === $action->step && '' === $action->colour ? [2] : [1, 2],
            );
        }
        self::assertSame([1, 1, 1, 1], array_column($colours($two), 1));
        $names = array_column(Shopping::of(Yard::catalogue(), $two->pieces, self::done($two))->paint(), 'name');
        self::assertContains('Two-pack urethane colour, Signal red', $names);
        self::assertContains('Two-pack urethane colour, cream', $names);

        $same = self::plan([self::RED], [['layer' => 'urethane-colour-2k', 'colour' => ' signal  RED ']]);
        self::assertSame([2, 2], array_column($colours($same), 1));
        self::assertCount(2, Shopping::of(Yard::catalogue(), $same->pieces, self::done($same))->paint());
    }

    public function testWishesAreWrittenAndReadAgainAndWhatIsForAnotherFilmRests(): void
    {
        $job = Yard::job(['layers' => [self::RED, ['layer' => 'spar-varnish', 'colour' => 'oak']]]);
        $again = (new JobReader(Yard::catalogue()))->job(Node::root(JobWriter::job($job)));
        self::assertEquals($job->parts[0]->layers, $again->parts[0]->layers);
        $piece = Yard::workpiece(['layers' => [self::RED, ['layer' => 'spar-varnish', 'colour' => 'oak']]]);
        $idle = LayerChoice::idle($piece->context->system, $piece->part->layers);
        self::assertSame(['spar-varnish'], array_column($idle, 'layer'));
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage('"coarse" is not known here');
        Yard::job(['layers' => [['layer' => 'urethane-colour-2k', 'texture' => 'coarse']]]);
    }

    /**
     * @param list<array<string, string>> $one layers of a part
     * @param list<array<string, string>> $other layers of a zone of it
     */
    private static function plan(array $one, array $other): JobPlan
    {
        $frame = Yard::frame(['layers' => $one]);
        $frame['parts'][] = [
            ...$frame['parts'][0],
            'id' => 'band',
            'name' => 'Band',
            'zone_of' => 'engine-frame',
            'layers' => $other,
        ];

        return JobPlan::of(Yard::catalogue(), (new JobReader(Yard::catalogue()))->job(Node::root($frame)));
    }

    /** @return array<int|string, \Hull\Bench\Replayed> */
    private static function done(JobPlan $plan): array
    {
        return array_map(
            static fn(Workpiece $p): \Hull\Bench\Replayed => $p->replay(new \DateTimeImmutable('2026-05-13T08:00:00Z')),
            $plan->pieces,
        );
    }
}
