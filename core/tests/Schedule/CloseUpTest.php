<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Lag;
use Hull\Schedule\Constraint\LagTime;
use Hull\Schedule\Constraint\PreviousPlacement;
use Hull\Schedule\Constraint\Window;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\Placer;
use Hull\Tests\Spans;
use PHPUnit\Framework\TestCase;

/** What counts for an hour is done right before what it is done for, where somebody has time then. */
final class CloseUpTest extends TestCase
{
    private const FLASH_H = 0.25;

    public function testAWipeStandsRightBeforeACoatThatIsHeldBack(): void
    {
        $placed = self::placer()->schedule()->placed;
        self::assertEqualsWithDelta(10.5, $placed['coat']->end, 0.06, 'no later than the next coat asks for');
        self::assertEqualsWithDelta($placed['coat']->start - self::FLASH_H, $placed['wipe']->end, 0.02);
        self::assertSame(8.0, $placed['mask']->start, 'tape lasts for days');
    }

    public function testADraftLeavesItWhereItCountsAtAll(): void
    {
        $placed = self::placer(draft: true)->schedule()->placed;
        self::assertGreaterThan(0.7, $placed['coat']->start - $placed['wipe']->end);
    }

    public function testWhatWasPlannedBeforeStays(): void
    {
        $kept = ['wipe' => new PreviousPlacement(9.4, ['one'])];
        self::assertEqualsWithDelta(9.4, self::placer($kept)->schedule()->placed['wipe']->start, 0.15);
    }

    public function testMetalIsPolishedWhenItIsWaxedAndSoonerWhereNobodyHasTimeThen(): void
    {
        $polished = static function (string ...$taken): float {
            $work = [
                new Activity('rub', 'p', 'rub', 0.5, 'bay'),
                new Activity('polish', 'p', 'polish', 0.5, 'bay', forNext: true),
                new Activity('wax', 'p', 'wax', 0.5, 'bay', notBefore: 56.0),
                new Activity('other', 'q', 'other', 1.0, 'hall', notBefore: 55.0),
            ];
            $placer = new Placer(new Yard(8.0, 90.0, $work, [Person::of('one', Spans::of([8.0, 12.0], [32.0, 60.0]))]));
            foreach ([...array_values($taken), 'rub', 'polish', 'wax'] as $id) {
                $placer->add([array_column($work, null, 'id')[$id]]);
            }

            return $placer->schedule()->placed['polish']->end;
        };
        self::assertEqualsWithDelta(56.0, $polished(), 0.02, 'not two days before');
        self::assertEqualsWithDelta(55.0, $polished('other'), 0.6, 'what stands there stays');
    }

    /** @param array<string, PreviousPlacement> $kept */
    private static function placer(array $kept = [], bool $draft = false): Placer
    {
        $counts = static fn(string $from, float $hours): Window => new Window(
            $from,
            LagTime::hours($hours),
            'what it counts',
            false,
            0.1,
        );
        $waits = static fn(string $for, float $hours): Lag => new Lag($for, LagTime::hours($hours), 'it');
        $block = [
            new Activity('mask', 'p', 'mask', 0.5, 'bay'),
            new Activity('wipe', 'p', 'wipe', 0.1, 'bay', opens: true),
            new Activity(
                id: 'coat',
                part: 'p',
                name: 'coat',
                hours: 0.3,
                place: 'bay',
                lags: [$waits('wipe', self::FLASH_H)],
                windows: [$counts('mask', 72.0), $counts('wipe', 1.0)],
            ),
            new Activity(
                id: 'next',
                part: 'p',
                name: 'next coat',
                hours: 0.3,
                place: 'bay',
                lags: [$waits('coat', 8.0)],
                windows: [$counts('coat', 10.0)],
                notBefore: 20.5,
            ),
        ];
        $person = Person::of('one', Spans::of([8.0, 12.0], [20.0, 24.0]));
        $placer = new Placer(new Yard(8.0, 60.0, $block, [$person]), $kept, draft: $draft);
        $placer->add($block);

        return $placer;
    }
}
