<?php

declare(strict_types=1);

namespace Hull\Tests\Job;

use Hull\Bench\Workpiece;
use Hull\Board\Day;
use Hull\Board\JobBoard;
use Hull\Board\SharedAction;
use Hull\Catalog\Protection;
use Hull\Input\Node;
use Hull\JobFile\JobReader;
use Hull\Route\ChemicalConflict;
use Hull\Route\Surroundings;
use Hull\Tests\Yard;
use PHPUnit\Framework\TestCase;

/** What is left of a job, and what its next day brings together. */
final class JobBoardTest extends TestCase
{
    public function testBleachOnOnePartIsKeptFromAcidOnTheNextByOrder(): void
    {
        $board = self::board([['mould-kill', 'rinse'], ['bath-citric']]);
        $steps = array_map(static fn(SharedAction $a): string => $a->step, $board->actions);
        self::assertLessThan(
            array_search('bath-citric', $steps, true),
            array_search('rinse', $steps, true),
            implode(', ', $steps),
        );
        self::assertSame([], self::locks($board->day()));
    }

    public function testWhereNoOrderHelpsTheDaySaysWhatWouldMeetAndWhatPartsThem(): void
    {
        $day = self::board([['mould-kill'], ['bath-citric']])->day();
        self::assertSame(['bleach-acid'], self::locks($day));
        self::assertContains('rinse', $day->encounters[0]->lock->parting);
        self::assertNotSame($day->encounters[0]->firstZones, $day->encounters[0]->zones);
    }

    public function testWhatWasDoneOfLateCountsUntilItsHoursAreOver(): void
    {
        $log = [['id' => 'e1', 'kind' => 'finish', 'step' => 'mould-kill', 'at' => '2026-03-01T08:00:00Z']];
        $board = self::board([['mould-kill', 'photograph'], ['bath-citric']], $log, '2026-03-01T10:00:00Z');
        $hour = (new \DateTimeImmutable('2026-03-01T08:00:00Z'))->getTimestamp() / 3600;
        self::assertSame(['bleach-acid'], self::locks($board->day(8.0, $hour + 2)));
        self::assertSame([], self::locks($board->day(8.0, $hour + 30)));
    }

    public function testTwoPlacesAreApart(): void
    {
        self::assertSame(
            [],
            self::locks(self::board([['mould-kill'], ['bath-citric']], [], 'now', ['bay', 'shed'])->day()),
        );
    }

    public function testTheDayEndsWithItsHours(): void
    {
        $board = self::board([['photograph', 'detergent-wash', 'rinse', 'air-dry', 'white-wipe']]);
        self::assertCount(1, $board->day(0.01)->actions);
        self::assertSame([], $board->day(0.0)->actions);
        self::assertCount(5, $board->day(99.0)->actions);
        self::assertEqualsWithDelta(
            array_sum(array_map(static fn(SharedAction $a): float => $a->minutes, $board->actions)),
            $board->day(99.0)->minutes,
            1e-9,
        );
    }

    public function testTheDayListsTheWorstGearTheWasteAndTheSolvent(): void
    {
        $piece = Yard::workpiece();
        $board = JobBoard::of(
            Yard::catalogue(),
            ['a' => $piece],
            ['a' => $piece->replay(new \DateTimeImmutable('2026-03-01'))],
        );
        $day = $board->day(99.0);
        self::assertContains(
            'Supplied-air hood',
            array_map(static fn(Protection $p): string => $p->name, $day->protection),
        );
        self::assertGreaterThan(10.0, $day->voc);
        self::assertNotSame([], $day->disposal);
        $hazards = array_map(static fn(\Hull\Catalog\Caution $c): int => $c->hazard, $day->cautions);
        $sorted = $hazards;
        rsort($sorted);
        self::assertSame($sorted, $hazards, 'the worst first');
        self::assertSame(0.0, self::board([['photograph']])->day()->voc);
    }

    /** @return list<string> */
    private static function locks(Day $day): array
    {
        return array_map(static fn(ChemicalConflict $e): string => $e->lock->id, $day->encounters);
    }

    /**
     * @param list<list<string>> $routes
     * @param list<array<int|string, mixed>> $log of the first part
     * @param list<string> $places
     */
    private static function board(
        array $routes,
        array $log = [],
        string $now = 'now',
        array $places = ['bay', 'bay'],
    ): JobBoard {
        $frame = Yard::frame();
        $parts = [];
        foreach ($routes as $index => $steps) {
            $parts[] = [
                ...$frame['parts'][0],
                'id' => 'part-' . $index,
                'place' => $places[$index],
                'route' => array_map(static fn(string $s): array => ['step' => $s, 'key' => $s], $steps),
                ...0 === $index && [] !== $log ? ['log' => $log] : [],
            ];
        }
        $job = (new JobReader(Yard::catalogue()))->job(Node::root([...$frame, 'parts' => $parts]));
        $pieces = [];
        $done = [];
        foreach ($job->parts as $part) {
            $pieces[$part->id] = Workpiece::of(
                Yard::catalogue(),
                $part,
                $job->place($part->place),
                Surroundings::none(),
            );
            $done[$part->id] = $pieces[$part->id]->replay(new \DateTimeImmutable($now));
        }

        return JobBoard::of(Yard::catalogue(), $pieces, $done);
    }
}
