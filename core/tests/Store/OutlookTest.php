<?php

declare(strict_types=1);

namespace Hull\Tests\Store;

use Hull\Pack\Lot;
use Hull\Quantity\Volume;
use Hull\Store\CoatAhead;
use Hull\Store\Cover;
use Hull\Store\Outlook;
use Hull\Surface\Shade;
use PHPUnit\Framework\TestCase;

/** Whether the store lasts, told before a coat is begun. */
final class OutlookTest extends TestCase
{
    public function testTheFirstCoatThatIsNotCoveredIsNamed(): void
    {
        $outlook = Outlook::of(
            [self::coat('a', 1, 0.6), self::coat('a', 2, 0.6), self::coat('b', 1, 0.3), self::coat('b', 2, 0.1)],
            [
                'epoxy' => [
                    self::lot('new', 1.0, '2027-09-01'),
                    self::lot('old', 0.5, '2027-01-01'),
                    self::lot('gone', 5.0, '2026-01-01'),
                ],
            ],
            new \DateTimeImmutable('2026-11-23'),
        );
        self::assertSame(
            [['old', 0.5], ['new', 0.1]],
            array_map(static fn(array $f): array => [$f[0]->id, round($f[1]->value(), 9)], $outlook->covers[0]->from),
        );
        self::assertSame(
            [true, true, true, false],
            array_map(static fn(Cover $c): bool => $c->isEnough(), $outlook->covers),
        );
        $short = $outlook->firstShort(new Shade('epoxy'));
        self::assertSame(['b', 'step-2'], [$short?->coat->partId, $short?->coat->stepKey]);
        self::assertEqualsWithDelta(0.1, $short?->short->value(), 1e-9);
        self::assertNull($outlook->firstShort(new Shade('enamel')));
        self::assertTrue($outlook->for('a', 'step-2')?->isEnough());
        self::assertNull($outlook->for('c', 'step-1'));
    }

    public function testNothingIsDrawnTwice(): void
    {
        mt_srand(11);
        for ($i = 0; $i < 100; ++$i) {
            $lots = array_map(
                static fn(int $k): Lot => self::lot('l' . $k, mt_rand(0, 300) / 100, '2027-0' . mt_rand(1, 9) . '-01'),
                range(1, mt_rand(1, 4)),
            );
            $coats = array_map(
                static fn(int $k): CoatAhead => self::coat('p' . $k, 1, mt_rand(1, 200) / 100),
                range(1, mt_rand(1, 6)),
            );
            $outlook = Outlook::of($coats, ['epoxy' => $lots], new \DateTimeImmutable('2026-11-23'));
            $taken = [];
            foreach ($outlook->covers as $cover) {
                foreach ($cover->from as [$lot, $amount]) {
                    $taken[$lot->id] = ($taken[$lot->id] ?? 0.0) + $amount->value();
                }
                self::assertEqualsWithDelta(
                    $cover->coat->paint->value(),
                    $cover->short->value() +
                        array_sum(array_map(static fn(array $f): float => $f[1]->value(), $cover->from)),
                    1e-9,
                );
            }
            foreach ($lots as $lot) {
                self::assertLessThanOrEqual($lot->left->value() + 1e-9, $taken[$lot->id] ?? 0.0);
            }
        }
    }

    private static function coat(string $part, int $number, float $litres): CoatAhead
    {
        return new CoatAhead(
            partId: $part,
            part: 'Part ' . $part,
            stepKey: 'step-' . $number,
            shade: new Shade('epoxy'),
            paint: Volume::litres($litres),
            onPart: Volume::litres($litres),
            swallowed: Volume::litres(0.0),
        );
    }

    private static function lot(string $id, float $litres, string $expires): Lot
    {
        return new Lot($id, Volume::litres($litres), new \DateTimeImmutable($expires), false);
    }
}
