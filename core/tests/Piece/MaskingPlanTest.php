<?php

declare(strict_types=1);

namespace Hull\Tests\Piece;

use Hull\Bench\Replayed;
use Hull\Bench\Workpiece;
use Hull\Board\JobPlan;
use Hull\Board\Wanted;
use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\Job\Job;
use Hull\Job\RouteStep;
use Hull\JobFile\JobReader;
use Hull\JobFile\JobWriter;
use Hull\Piece\MaskingLine;
use Hull\Piece\MaskingPlan;
use Hull\Quantity\Area;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is covered, with what, from which step to which, and what that takes. */
final class MaskingPlanTest extends TestCase
{
    private const BORE = ['kind' => 'bore', 'count' => 4, 'across' => '20 mm'];
    private const SEAT = ['kind' => 'seat', 'across' => '50 mm', 'along' => '140 mm', 'count' => 4];

    public function testPlugsAreInBeforeTheDirtyWorkAndTapeAfterIt(): void
    {
        $plan = self::plan([self::BORE, self::SEAT]);
        [$bore, $seat] = $plan->lines;
        self::assertSame('Plug bores and threads, count them in', $bore->on);
        self::assertNotSame('', $bore->onBefore);
        self::assertSame('Pull the plugs and count them out', $bore->off);
        self::assertSame(['Mask', 'Unmask'], [$seat->on, $seat->off]);
        self::assertStringStartsWith('Final wipe', $seat->onBefore);
    }

    public function testWhatIsSaidToStayBareBringsThePlugsIntoTheRoute(): void
    {
        self::assertContains('plug-bores', self::steps([self::BORE]));
        self::assertNotContains('plug-bores', self::steps([self::SEAT]));
    }

    /**
     * @param list<array<string, mixed>> $covered
     * @param array<string, mixed>|null $other
     */
    #[DataProvider('taped')]
    public function testWhereNothingIsTapedNobodyMasks(bool $masks, array $covered, ?array $other = null): void
    {
        $steps = self::steps($covered, $other);
        self::assertSame($masks, in_array('mask', $steps, true));
        self::assertSame($masks, [] !== preg_grep('/^unmask/', $steps));
        self::assertNotSame([], preg_grep('/wipe/', $steps), 'wiped all the same');
    }

    /** @return iterable<string, array{0: bool, 1: list<array<string, mixed>>, 2?: array<string, mixed>}> */
    public static function taped(): iterable
    {
        yield 'nobody said' => [true, []];
        yield 'bores' => [false, [self::BORE]];
        yield 'a bore and a seat' => [true, [self::BORE, self::SEAT]];
        yield 'nothing' => [false, [['kind' => 'nothing']]];
        yield 'nothing and a seat' => [true, [['kind' => 'nothing'], self::SEAT]];
        yield 'nothing, and a zone of the piece beside it' => [true, [['kind' => 'nothing']], ['zone_of' => 'frame']];
        $beside = ['links' => [['as' => 'beside', 'to' => 'frame']]];
        yield 'nothing, and another part against it' => [true, [['kind' => 'nothing']], $beside];
        $stays = ['links' => [['as' => 'mounted-on', 'to' => 'frame', 'stays' => true]]];
        $hangs = ['links' => [['as' => 'mounted-on', 'to' => 'frame']]];
        yield 'nothing, and a part that comes off it' => [false, [['kind' => 'nothing']], $hangs];
        yield 'nothing, and a part that stays on it' => [true, [['kind' => 'nothing']], $stays];
    }

    public function testNothingIsNoLineOfThePlan(): void
    {
        self::assertSame([], self::plan([['kind' => 'nothing']])->lines);
        self::assertArrayNotHasKey('masking-film', self::wanted([['kind' => 'nothing']]));
    }

    public function testPlugsComeOutOfASetFilmAndGoIntoADryBore(): void
    {
        $steps = self::steps([self::BORE]);
        $at = static fn(string $step): int => (int) array_search($step, $steps, true);
        self::assertLessThan($at('wait-full'), $at('pull-plugs'));
        foreach (array_keys($steps, 'force-dry', true) as $dries) {
            self::assertLessThan($at('plug-bores'), $dries);
        }
    }

    public function testTapeIsTheOneThatMayStaySoLongHalfOfItInTheSun(): void
    {
        $indoors = self::plan([self::SEAT]);
        self::assertSame('masking-tape', $indoors->tape?->id);
        self::assertNotNull($indoors->hours);
        self::assertLessThan(72.0, $indoors->hours);
        $outdoors = self::plan([self::SEAT], place: ['kind' => 'outdoors', 'temperature' => 8]);
        self::assertGreaterThan(36.0, $outdoors->hours);
        self::assertSame('long-masking-tape', $outdoors->tape?->id);
        self::assertFalse($outdoors->tooLong);
    }

    public function testWideFacesGetFilmAndSprayReachesBehindALine(): void
    {
        $film = static fn(MaskingLine $l): float => $l->worked?->quantity('film', Area::class)->m2() ?? 0.0;
        $wide = self::plan([['kind' => 'seat', 'across' => '0.3 m', 'along' => '0.5 m']])->lines[0];
        self::assertSame('film', $wide->by);
        self::assertEqualsWithDelta(0.1836, $film($wide), 1e-9);
        $line = ['kind' => 'edge', 'along' => '2 m'];
        self::assertSame(0.0, $film(self::plan([$line], finish: 'utility')->lines[0]));
        self::assertEqualsWithDelta(1.1, $film(self::plan([$line], method: 'hvlp')->lines[0]), 1e-9);
        self::assertEqualsWithDelta(1.1, $film(self::plan([$line])->lines[0]), 1e-9, 'what is not brushed is sprayed');
    }

    public function testTheLineComesOffWetAndTheGlassWhenItIsSet(): void
    {
        [$line, $glass] = self::plan(
            [['kind' => 'edge', 'along' => '2 m'], ['kind' => 'glass', 'across' => '0.4 m', 'along' => '0.8 m']],
            method: 'hvlp',
        )->lines;
        self::assertSame(
            ['Tape the line to the other colour', 'Pull the tape of the line', 0.0],
            [$line->on, $line->off, $line->after],
        );
        self::assertSame(['Mask', 'Unmask'], [$glass->on, $glass->off]);
        self::assertGreaterThan(0.2, $glass->after);
        self::assertLessThan($glass->hours, $line->hours);
    }

    public function testANeighbourThatStaysIsALineOfEstimatedLength(): void
    {
        $other = ['links' => [['as' => 'mounted-on', 'to' => 'frame', 'stays' => true]]];
        $plan = self::plan([], other: $other);
        self::assertSame(
            ['Pump', 'stays on', true],
            [$plan->lines[0]->name, $plan->lines[0]->why, $plan->lines[0]->estimated],
        );
        self::assertSame('Shield what stays on or beside it', $plan->lines[0]->on);
    }

    public function testItIsWhatTheShoppingCounts(): void
    {
        $measured = self::wanted([self::BORE, self::SEAT]);
        self::assertSame(4.0, $measured['plugs']);
        self::assertEqualsWithDelta(1.232, $measured['masking-tape'], 1e-9);
        self::assertArrayNotHasKey('masking-film', $measured);
        $reckoned = self::wanted([]);
        self::assertArrayHasKey('masking-film', $reckoned);
        self::assertArrayNotHasKey('plugs', $reckoned);
    }

    /** @param array<string, mixed> $covered */
    #[DataProvider('wrong')]
    public function testWhatCannotBeIsRefusedAtItsPlace(array $covered, string $pointer): void
    {
        try {
            self::job([$covered]);
            self::fail('It was taken.');
        } catch (InvalidInput $e) {
            self::assertSame('/parts/0/covered/0' . $pointer, $e->pointer);
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'no such sort' => [['kind' => 'moustache'], '/kind'];
        yield 'a bore without its diameter' => [['kind' => 'bore'], '/across'];
        yield 'a bore with a length' => [['kind' => 'bore', 'across' => '8 mm', 'along' => '1 m'], '/along'];
        yield 'nothing' => [['kind' => 'edge', 'along' => '0 m'], '/along'];
        yield 'a mile' => [['kind' => 'edge', 'along' => '1600 m'], '/along'];
        yield 'none of them' => [[...self::BORE, 'count' => 0], '/count'];
    }

    public function testTheFileKeepsIt(): void
    {
        $job = self::job([self::BORE, [...self::SEAT, 'name' => 'Caps', 'on' => 'Cheeks']]);
        $again = (new JobReader(Yard::catalogue()))->job(Node::root(JobWriter::job($job)));
        self::assertEquals($job->parts[0]->covered, $again->parts[0]->covered);
    }

    /**
     * @param list<array<string, mixed>> $covered
     * @param array<string, mixed>|null $other
     *
     * @return list<string> ids of the steps of its route
     */
    private static function steps(array $covered, ?array $other = null): array
    {
        $route = JobPlan::of(Yard::catalogue(), self::job($covered, other: $other))->pieces['frame']->route();

        return array_map(static fn(RouteStep $s): string => $s->step, $route->steps);
    }

    /**
     * @param list<array<string, mixed>> $covered
     *
     * @return array<int|string, float> by consumable
     */
    private static function wanted(array $covered): array
    {
        $plan = JobPlan::of(Yard::catalogue(), self::job($covered));
        $done = array_map(
            static fn(Workpiece $p): Replayed => $p->replay(new \DateTimeImmutable('2026-05-04T08:00:00Z')),
            $plan->pieces,
        );

        return Wanted::of($plan->pieces, $done)->consumables;
    }

    /**
     * @param list<array<string, mixed>> $covered
     * @param array<string, mixed> $place
     * @param array<string, mixed>|null $other
     */
    private static function plan(
        array $covered,
        array $place = [],
        string $method = 'brush',
        ?array $other = null,
        string $finish = 'show',
    ): MaskingPlan {
        $job = self::job($covered, $place, $method, $other, $finish);

        return MaskingPlan::of(JobPlan::of(Yard::catalogue(), $job)->pieces['frame'], $job->parts);
    }

    /**
     * @param list<array<string, mixed>> $covered
     * @param array<string, mixed> $place
     * @param array<string, mixed>|null $other
     */
    private static function job(
        array $covered,
        array $place = [],
        string $method = 'brush',
        ?array $other = null,
        string $finish = 'show',
    ): Job {
        /** @param array<string, mixed> $change */
        $part = static fn(string $id, array $change): array => [
            ...[
                'id' => $id,
                'name' => ucfirst($id),
                'substrate' => 'carbon-steel',
                'service' => 'exterior-splash',
                'finish' => 'show',
                'conditions' => [['id' => 'rust', 'grade' => 'light']],
                'shapes' => [['kind' => 'strip', 'width' => '0.4 m', 'length' => '2 m']],
                'place' => 'bay',
            ],
            ...$change,
        ];

        return (new JobReader(Yard::catalogue()))->job(
            Node::root([
                'format' => JobReader::FORMAT,
                'version' => 1,
                'name' => 'Masking',
                'places' => [
                    ['id' => 'bay', 'kind' => 'heated-bay', 'temperature' => 20, 'humidity' => 0.5, ...$place],
                ],
                'parts' => [
                    $part('frame', ['covered' => $covered, 'method' => $method, 'finish' => $finish]),
                    ...null === $other ? [] : [$part('pump', $other)],
                ],
            ]),
        );
    }
}
