<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\KeptClear;
use Hull\Schedule\Search\Scheduler;
use Hull\Tests\Spans;
use PHPUnit\Framework\TestCase;

/** Where isocyanate is sprayed nobody is but those who spray it, as long as it flashes off. */
final class KeptClearTest extends TestCase
{
    private const OUT = 'everybody else is out while it is sprayed and flashes off';
    private const IN = 'nobody else is in while it is sprayed and flashes off';

    public function testNobodyElseComesInUntilItHasFlashedOff(): void
    {
        $place = new KeptClear();
        $spray = self::of('p', 0.25);
        $place->take($spray, ['Ines'], 10.0, 11.0);
        $mask = self::of('q', 0.0);
        self::assertSame([11.25, 'p', self::IN], $place->against($mask, ['Pell'], 10.5, 12.0));
        self::assertSame([11.25, 'p', self::IN], $place->against($mask, ['Pell'], 11.1, 12.0));
        self::assertSame([11.25, 'p', self::IN], $place->against($mask, ['Ines', 'Pell'], 11.0, 12.0));
        self::assertSame([11.25, 'p', self::IN], $place->against($mask, [], 11.0, 12.0), 'nor a firm');
        self::assertNull($place->against($mask, ['Pell'], 11.25, 12.0));
        self::assertNull($place->against($mask, ['Pell'], 9.0, 10.0));
        self::assertNull($place->against($mask, ['Ines'], 11.0, 12.0), 'who sprayed it goes on');
        $place->leave($spray);
        self::assertNull($place->against($mask, ['Pell'], 10.5, 12.0));
    }

    public function testItIsNotBegunWhereSomebodyElseIsAtWork(): void
    {
        $place = new KeptClear();
        $place->take(self::of('q', 0.0), ['Pell'], 10.0, 11.0);
        $spray = self::of('p', 0.25);
        self::assertSame([11.0, 'q', self::OUT], $place->against($spray, ['Ines'], 10.5, 12.0));
        self::assertSame(
            [11.0, 'q', self::OUT],
            $place->against($spray, ['Ines'], 9.0, 9.8),
            'it would still flash off',
        );
        self::assertNull($place->against($spray, ['Ines'], 9.0, 9.75));
        self::assertNull($place->against($spray, ['Ines'], 11.0, 12.0));
        self::assertNull($place->against($spray, ['Pell'], 10.5, 12.0), 'nobody else is there');
        $place->take(self::of('r', 0.5), ['Pell'], 13.0, 14.0);
        self::assertSame([14.0, 'r', self::OUT], $place->against($spray, ['Ines'], 13.5, 13.75));
    }

    public function testOnePersonMasksWhereTheOtherSpraysOnlyBeforeOrAfter(): void
    {
        $people = [Person::of('Ines', Spans::of([8.0, 16.0])), Person::of('Pell', Spans::of([8.0, 16.0]))];
        $apart = static function (string $place) use ($people): float {
            $yard = new Yard(8.0, 40.0, [self::of('p', 0.25), self::of('q', 0.0, $place)], $people);
            $placed = (new Scheduler(4))->plan($yard)->placed;

            return abs($placed['p']->start - $placed['q']->start);
        };
        self::assertSame(0.0, $apart('shed'));
        self::assertGreaterThanOrEqual(1.0, $apart('bay'));
    }

    private static function of(string $part, float $clearsFor, string $place = 'bay'): Activity
    {
        return new Activity($part, $part, $part, 1.0, $place, clearsFor: $clearsFor);
    }
}
