<?php

declare(strict_types=1);

namespace Hull\Tests\Bench;

use Hull\Bench\CoatSheets;
use Hull\Bench\Tools;
use Hull\Bench\WhatIf;
use Hull\Bench\Workpiece;
use Hull\Board\Wanted;
use Hull\Compute\Result;
use Hull\Compute\Source;
use Hull\Job\EntryKind;
use Hull\Job\LogEntry;
use Hull\Quantity\Percentage;
use Hull\Quantity\Volume;
use Hull\Store\CoatAhead;
use Hull\Tests\Yard;
use PHPUnit\Framework\TestCase;

/** What the first coat really took says what the next will take: on the card, on the shopping list, in the sum. */
final class PaintUseTest extends TestCase
{
    private const NOON = '2026-03-02T12:00:00Z';

    public function testTheNextCoatOfTheFilmIsReckonedByWhatTheFirstTook(): void
    {
        $planned = self::litres(Yard::workpiece(), 1);
        $piece = self::used(2.0 * $planned['needed']);
        $loss = $piece[0]->loss;
        self::assertSame(Source::Measured, $loss->source);
        self::assertEqualsWithDelta(
            1.0 - $planned['onPart'] / (2.0 * $planned['needed']),
            $loss->quantity('loss', Percentage::class)->ratioValue(),
            1e-9,
        );
        self::assertEqualsWithDelta(2.0 * $planned['needed'], self::needed($piece[1]->quantity), 1e-9);
        $other = (new CoatSheets(Yard::workpiece(), Yard::workpiece()->context->air()))->of(
            Yard::workpiece()->plan(),
            Tools::usual(),
        );
        self::assertEqualsWithDelta(
            self::needed($other[2]->quantity),
            self::needed($piece[2]->quantity),
            1e-9,
            'another film loses what it is said to lose',
        );
    }

    public function testTheShoppingListAsksForIt(): void
    {
        $planned = self::litres(Yard::workpiece(), 1)['needed'];
        $piece = self::piece(1.5 * $planned);
        $ahead = static fn(?WhatIf $if): CoatAhead => Wanted::of(
            ['p' => $piece],
            ['p' => $piece->replay(new \DateTimeImmutable(self::NOON))],
            $if,
        )->coats[0];
        self::assertEqualsWithDelta(1.5 * $planned, $ahead(null)->paint->litresValue(), 1e-9);
        $windy = new WhatIf(0, Percentage::percent(0), true, null);
        self::assertNotEqualsWithDelta(
            1.5 * $planned,
            $ahead($windy)->paint->litresValue(),
            1e-6,
            'what if it were otherwise is not measured yet',
        );
    }

    public function testLessThanTheFilmHoldsIsSaid(): void
    {
        $cards = self::used(0.5 * self::litres(Yard::workpiece(), 1)['onPart']);
        self::assertSame(0.0, $cards[0]->loss->quantity('loss', Percentage::class)->ratioValue());
        self::assertStringContainsString(
            'thinner than planned',
            (string) ($cards[0]->loss->outcome->warnings[0] ?? ''),
        );
    }

    /** @return list<\Hull\Bench\CoatSheet> */
    private static function used(float $litres): array
    {
        $piece = self::piece($litres);

        return (new CoatSheets($piece, $piece->context->air()))->of($piece->route(), Tools::usual());
    }

    private static function piece(float $litres): Workpiece
    {
        $piece = Yard::workpiece();
        $route = $piece->plan();
        $log = [];
        foreach ($route->steps as $n => $step) {
            $log[] = new LogEntry(
                id: 'e' . $n,
                kind: EntryKind::Finish,
                stepKey: $step->key,
                at: new \DateTimeImmutable(self::NOON),
                air: null,
                note: '',
                corrects: null,
                used: null === $step->product ? null : Volume::litres($litres),
            );
            if (null !== $step->product) {
                break;
            }
        }

        return Workpiece::of(Yard::catalogue(), $piece->part->with($route, $log), $piece->place);
    }

    /** @return array{needed: float, onPart: float} of a coat as planned */
    private static function litres(Workpiece $piece, int $coat): array
    {
        $sheet = (new CoatSheets($piece, $piece->context->air()))->of($piece->plan(), Tools::usual())[$coat];

        return [
            'needed' => self::needed($sheet->quantity),
            'onPart' => $sheet->quantity->quantity('theoretical', Volume::class)->litresValue(),
        ];
    }

    private static function needed(Result $paint): float
    {
        return $paint->quantity('needed', Volume::class)->litresValue();
    }
}
