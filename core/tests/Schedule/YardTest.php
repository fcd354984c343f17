<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Lag;
use Hull\Schedule\Constraint\LagTime;
use Hull\Schedule\Constraint\Yard;
use Hull\Tests\Spans;
use PHPUnit\Framework\TestCase;

/** What comes before and after what, within a part and from one to another. */
final class YardTest extends TestCase
{
    public function testPartsAreChainsAndWaitForEachOtherOnlyWhereTheyAreOfTwo(): void
    {
        $yard = $this->yard();
        self::assertSame(['p' => ['p/1', 'p/2', 'p/3'], 'q' => ['q/1', 'q/2']], $yard->chains);
        self::assertSame(['p/2' => 'p/1', 'p/3' => 'p/2', 'q/2' => 'q/1'], $yard->before);
        self::assertSame(['q/2' => ['p/2']], $yard->needs, 'not its own, and nothing that is not there');
        self::assertSame(['p/2' => ['q/2']], $yard->neededBy);
        self::assertSame(['p/2', 'p/3'], $yard->followers('p/1'));
        self::assertSame(['p/3', 'q/2'], $yard->followers('p/2'));
        self::assertSame([], $yard->followers('q/2'));
        $this->expectException(\LogicException::class);
        $yard->activity('r/1');
    }

    public function testSomebodyIsThereFromTheBeginningOfAShiftToItsEnd(): void
    {
        $yard = $this->yard();
        foreach ([[7.9, false], [8.0, true], [11.99, true], [12.0, false], [13.0, true]] as [$hour, $is]) {
            self::assertSame($is, $yard->isThere('Rowan', $hour), (string) $hour);
        }
        self::assertFalse($yard->isThere('Wren', 9.0));
    }

    private function yard(): Yard
    {
        $waits = static fn(string ...$for): array => array_map(
            static fn(string $id): Lag => new Lag($id, LagTime::hours(1.0), 'dry'),
            array_values($for),
        );

        return new Yard(
            0.0,
            48.0,
            [
                new Activity('p/1', 'p', 'wash', 1.0, 'bay'),
                new Activity('q/1', 'q', 'wash', 1.0, 'bay'),
                new Activity('p/2', 'p', 'coat', 1.0, 'bay', lags: $waits('p/1')),
                new Activity('p/3', 'p', 'inspect', 1.0, 'bay'),
                new Activity('q/2', 'q', 'fit', 1.0, 'bay', lags: $waits('q/1', 'p/2', 'r/1')),
            ],
            [Person::of('Rowan', Spans::of([8.0, 12.0], [13.0, 17.0]))],
        );
    }
}
