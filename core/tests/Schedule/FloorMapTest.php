<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\Job\Part;
use Hull\JobFile\JobReader;
use Hull\JobFile\JobWriter;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Explaining\FloorMap;
use Hull\Schedule\Explaining\FloorStay;
use Hull\Schedule\Explaining\Lifts;
use Hull\Schedule\Placing\Floor;
use Hull\Schedule\Reading\FloorSpace;
use Hull\Tests\Yard;
use PHPUnit\Framework\TestCase;

/** What stands where over the days: nothing on anything else, nothing moved for another thing. */
final class FloorMapTest extends TestCase
{
    public function testWhatCuresKeepsItsFloor(): void
    {
        $floor = new Floor(5.0);
        $floor->take(self::activity('a', 'frame', 3.0), 8.0, 9.0, 20.0);
        $other = self::activity('b', 'tank', 3.0);
        $against = $floor->against($other, 10.0, 11.0, 11.0);
        self::assertSame([20.0, 'a', 'no floor left'], $against);
        self::assertNull($floor->against($other, 20.0, 21.0, 21.0));
        self::assertNull(
            $floor->against(self::activity('c', 'frame', 3.0), 10.0, 11.0, 11.0),
            'it stands there itself',
        );
        self::assertNull($floor->against(self::activity('d', 'clip', 1.0), 10.0, 11.0, 11.0));
    }

    public function testNothingStandsOnAnythingElseAndNothingIsMoved(): void
    {
        mt_srand(7);
        for ($round = 0; $round < 40; ++$round) {
            [$work, $parts] = self::drawn();
            $map = FloorMap::of($work, $parts, ['bay' => 14.0, 'shed' => 30.0], self::day(...));
            foreach ($map->stays as $n => $one) {
                $sides = $map->sides[$one->place];
                if (!$one->fits) {
                    continue;
                }
                self::assertLessThanOrEqual($sides->long + 1e-6, $one->x + $one->long);
                self::assertLessThanOrEqual($sides->wide + 1e-6, $one->y + $one->wide);
                foreach (array_slice($map->stays, $n + 1) as $other) {
                    self::assertFalse($other->fits && $one->isInTheWayOf($other));
                }
            }
            self::assertSame(
                self::daysOf($work, $parts),
                array_sum(array_map(static fn(FloorStay $s): int => count($s->worked), $map->stays)),
            );
        }
    }

    public function testAFloorThatNobodySaidIsAsLargeAsItHasToBe(): void
    {
        $parts = ['a' => self::part('a', ['long' => '3 m', 'wide' => '2 m']), 'b' => self::part('b')];
        $work = [['a', 'yard', 8.0, 9.0, 9.0], ['b', 'yard', 8.0, 9.0, 9.0]];
        $map = FloorMap::of($work, $parts, [], self::day(...));
        self::assertSame([true, true], array_map(static fn(FloorStay $s): bool => $s->fits, $map->stays));
        self::assertFalse($map->sides['yard']->said);
        self::assertSame([false, true], array_map(static fn(FloorStay $s): bool => $s->reckoned, $map->stays));
    }

    public function testHowAPartIsKeptDecidesItsFloor(): void
    {
        $m2 = static fn(string $way): float => round(
            FloorSpace::of(self::part('a', ['long' => '1 m', 'wide' => '0.5 m', 'way' => $way]))->m2(),
            3,
        );
        self::assertSame([3.0, 2.6, 4.5, 0.0], array_map($m2, ['stands', 'hangs', 'laid-out', 'bench']));
        self::assertSame(
            0.0,
            FloorSpace::of(self::part('a', null, 'hull'))->m2(),
            'a zone stands where its piece does',
        );
    }

    public function testAWeightOrAWayToKeepItMayBeAllThatIsKnown(): void
    {
        $weighed = self::part('a', ['weight' => '38 kg']);
        self::assertTrue($weighed->room?->isHeavy());
        self::assertSame(FloorSpace::of(self::part('a'))->m2(), FloorSpace::of($weighed)->m2(), 'reckoned as before');
        self::assertSame(0.0, FloorSpace::of(self::part('a', ['way' => 'bench']))->m2());
        try {
            self::part('a', ['long' => '1 m', 'weight' => '38 kg']);
            self::fail('One side alone is no floor.');
        } catch (InvalidInput $e) {
            self::assertSame('/room/wide', $e->pointer);
        }
    }

    public function testHeavyThingsAreCountedByLiftAndByTwo(): void
    {
        $room = static fn(string $kg): array => ['long' => '1 m', 'wide' => '1 m', 'weight' => $kg];
        $parts = [
            'shaft' => self::part('shaft', $room('32 kg')),
            'drum' => self::part('drum', $room('95 kg')),
            'clip' => self::part('clip', $room('2 kg')),
        ];
        $lifts = Lifts::of(
            Yard::catalogue(),
            [
                ['shaft', 'bay', 'dismantle'],
                ['shaft', 'bay', 'bath-citric'],
                ['shaft', 'shed', 'blow-off'],
                ['shaft', 'shed', 'reassemble'],
                ['drum', 'bay', 'dismantle'],
                ['clip', 'bay', 'dismantle'],
            ],
            $parts,
        );
        self::assertSame(
            [['drum', 1, true], ['shaft', 5, false]],
            array_map(static fn(Lifts $l): array => [$l->part, $l->times, $l->hoist], $lifts),
        );
    }

    public function testTheFileKeepsItAndRefusesWhatCannotBe(): void
    {
        $part = self::part('a', ['long' => '40 in', 'wide' => '0.5 m', 'way' => 'hangs', 'weight' => '70 lb']);
        $again = (new JobReader(Yard::catalogue()))->part(Node::root(JobWriter::part($part)), ['bay']);
        self::assertEquals($part->room, $again->room);
        self::assertEqualsWithDelta(31.75, $again->room?->weight?->kg() ?? 0.0, 0.01);
        foreach (
            [
                '/room/wide' => ['long' => '1 m'],
                '/room/long' => ['long' => '0 m', 'wide' => '1 m'],
                '/room/weight' => ['long' => '1 m', 'wide' => '1 m', 'weight' => '0 kg'],
                '/room/way' => ['long' => '1 m', 'wide' => '1 m', 'way' => 'floats'],
            ]
            as $pointer => $room
        ) {
            try {
                self::part('a', $room);
                self::fail($pointer . ' was taken.');
            } catch (InvalidInput $e) {
                self::assertSame($pointer, $e->pointer);
            }
        }
    }

    private static function activity(string $id, string $part, float $m2): Activity
    {
        return new Activity(id: $id, part: $part, name: $id, hours: 1.0, place: 'bay', floorM2: $m2);
    }

    /** @param array<string, string>|null $room */
    private static function part(string $id, ?array $room = null, ?string $zoneOf = null): Part
    {
        return (new JobReader(Yard::catalogue()))->part(
            Node::root([
                'id' => $id,
                'name' => ucfirst($id),
                'substrate' => 'carbon-steel',
                'service' => 'interior',
                'finish' => 'tidy',
                'conditions' => [],
                'shapes' => [['kind' => 'strip', 'width' => '0.5 m', 'length' => '2 m']],
                'place' => 'bay',
                'room' => $room,
                'zone_of' => $zoneOf,
            ]),
            ['bay'],
        );
    }

    private static function day(float $hour): int
    {
        return (int) floor($hour / 24.0);
    }

    /** @return array{list<array{string, string, float, float, float}>, array<int|string, Part>} */
    private static function drawn(): array
    {
        $work = $parts = [];
        for ($p = 0; $p < 8; ++$p) {
            $parts["p$p"] = self::part("p$p", [
                'long' => mt_rand(2, 25) / 10 . ' m',
                'wide' => mt_rand(2, 15) / 10 . ' m',
            ]);
            $hour = 8.0 + mt_rand(0, 60);
            for ($k = 0; $k < 4; ++$k) {
                $end = $hour + mt_rand(1, 6) / 2.0;
                $dry = $end + mt_rand(0, 30);
                $work[] = ["p$p", 0 === mt_rand(0, 2) ? 'shed' : 'bay', $hour, $end, $dry];
                $hour = $dry + mt_rand(0, 90);
            }
        }

        return [$work, $parts];
    }

    /**
     * @param list<array{string, string, float, float, float}> $work
     * @param array<int|string, Part> $parts
     */
    private static function daysOf(array $work, array $parts): int
    {
        $days = [];
        foreach ($work as [$part, $place, $start, $end]) {
            for ($d = self::day($start); $d <= self::day($end); ++$d) {
                $days["$part/$place/$d"] = isset($parts[$part]);
            }
        }

        return count($days);
    }
}
