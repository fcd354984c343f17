<?php

declare(strict_types=1);

namespace Hull\Tests\Job;

use Hull\Bench\CoatSheets;
use Hull\Bench\Tools;
use Hull\Bench\Workpiece;
use Hull\Board\JobPlan;
use Hull\Board\Shopping;
use Hull\Board\ShoppingLine;
use Hull\Input\Node;
use Hull\Job\EntryKind;
use Hull\Job\LogEntry;
use Hull\JobFile\JobReader;
use Hull\Quantity\Volume;
use Hull\Tests\Yard;
use PHPUnit\Framework\TestCase;

/** The shopping list holds what the mix cards hold. */
final class ShoppingTest extends TestCase
{
    public function testThirtyPartsNeedWhatTheirMixCardsSayToTheMillilitre(): void
    {
        $pieces = self::pieces(30);
        $shopping = Shopping::of(Yard::catalogue(), $pieces, self::done($pieces));
        $cards = [];
        foreach ($pieces as $piece) {
            foreach ((new CoatSheets($piece, $piece->context->air()))->of($piece->route(), Tools::usual()) as $sheet) {
                $cards[$sheet->product->id] =
                    ($cards[$sheet->product->id] ?? 0.0) +
                    $sheet->quantity->quantity('needed', Volume::class)->litresValue();
            }
        }
        ksort($cards);
        self::assertSame(array_keys($cards), array_keys($shopping->paint()));
        foreach ($shopping->paint() as $id => $need) {
            $id = (string) $id;
            self::assertEqualsWithDelta($cards[$id], $need->amount->value(), 0.0005, $id);
            self::assertGreaterThanOrEqual($need->amount->value() - 1e-9, $need->purchase->bought->value());
            self::assertEqualsWithDelta(
                $need->purchase->bought->value() - $need->amount->value(),
                $need->purchase->leftover->value(),
                1e-6,
            );
        }
        self::assertSame(
            array_sum(array_map(static fn(ShoppingLine $n): int => $n->purchase->price->minor, $shopping->needs)),
            $shopping->price()->minor,
        );
    }

    public function testDiscsGoByAreaAndGritOverTheWholeJob(): void
    {
        $one = Shopping::of(Yard::catalogue(), $few = self::pieces(3), self::done($few))->discs;
        $many = Shopping::of(Yard::catalogue(), $all = self::pieces(30), self::done($all))->discs;
        self::assertSame(array_keys($one), array_keys($many));
        self::assertArrayHasKey(80, $one, 'steel is sanded to P80');
        self::assertArrayHasKey(120, $one, 'aluminium to P120');
        foreach ($one as $grit => $discs) {
            self::assertGreaterThanOrEqual(1, $discs);
            self::assertGreaterThan($discs, $many[$grit]);
        }
        $steel = array_filter($all, static fn(Workpiece $p): bool => 'carbon-steel' === $p->part->substrate);
        $area = array_sum(array_map(static fn(Workpiece $p): float => $p->context->area()->m2(), $steel));
        self::assertSame(
            (int) ceil($area / 1.2 - 1e-9),
            Shopping::of(Yard::catalogue(), $steel, self::done($steel))->discs[80],
            'a P80 disc does 1.2 m2',
        );
    }

    public function testACoatThatIsOnIsNotBoughtAgain(): void
    {
        $pieces = self::pieces(1);
        $piece = $pieces['part-0'];
        $first = array_values(
            array_filter($piece->route()->steps, static fn(\Hull\Job\RouteStep $s): bool => null !== $s->product),
        )[0];
        $all = Shopping::of(Yard::catalogue(), $pieces, self::done($pieces))->needs[(string) $first->product];
        $laid = new LogEntry(
            id: 'e1',
            kind: EntryKind::Finish,
            stepKey: $first->key,
            at: new \DateTimeImmutable('2026-03-01T08:00:00Z'),
            air: null,
            note: '',
            corrects: null,
            withdrawn: false,
        );
        $again = [
            'part-0' => Workpiece::of(Yard::catalogue(), $piece->part->with($piece->route(), [$laid]), $piece->place),
        ];
        $left = Shopping::of(Yard::catalogue(), $again, self::done($again))->needs[(string) $first->product];
        self::assertCount(count($all->coats) - 1, $left->coats);
        self::assertLessThan($all->amount->value(), $left->amount->value());
    }

    /** @return array<int|string, Workpiece> */
    private static function pieces(int $count): array
    {
        $parts = [];
        for ($i = 0; $i < $count; ++$i) {
            $parts[] = [
                ...Yard::frame()['parts'][0],
                'id' => 'part-' . $i,
                'name' => 'Part ' . $i,
                'substrate' => ['carbon-steel', 'aluminium-wrought', 'gelcoat'][$i % 3],
                'conditions' => [],
                'shapes' => [['kind' => 'strip', 'width' => '1 m', 'length' => 0.3 + $i / 10 . ' m']],
            ];
        }
        $plan = JobPlan::of(
            Yard::catalogue(),
            (new JobReader(Yard::catalogue()))->job(Node::root([...Yard::frame(), 'parts' => $parts])),
        );
        self::assertSame([], $plan->unrouted);
        $pieces = [];
        foreach ($plan->routes as $id => $route) {
            $pieces[$id] = $plan->pieces[$id]->routed($route);
        }

        return $pieces;
    }

    /**
     * @param array<int|string, Workpiece> $pieces
     *
     * @return array<int|string, \Hull\Bench\Replayed>
     */
    private static function done(array $pieces): array
    {
        return array_map(
            static fn(Workpiece $p): \Hull\Bench\Replayed => $p->replay(new \DateTimeImmutable('2026-03-02')),
            $pieces,
        );
    }
}
