<?php

declare(strict_types=1);

namespace Hull\Tests\Bench;

use Hull\Bench\Record;
use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\Job\EntryKind;
use Hull\Job\LogEntry;
use Hull\JobFile\JobWriter;
use Hull\JobFile\LogReader;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The record: what counts after corrections, and what may be written at all. */
final class RecordTest extends TestCase
{
    public function testLinesCountInOrderOfTimeNotOfWriting(): void
    {
        $effective = Record::effective([
            $this->line(['id' => 'b', 'kind' => 'note', 'at' => '2026-05-04T12:00:00Z']),
            $this->line(['id' => 'a', 'kind' => 'note', 'at' => '2026-05-04T09:00:00+02:00']),
        ]);
        self::assertSame(['a', 'b'], array_map(static fn(LogEntry $e): string => $e->id, $effective));
        self::assertSame('07:00', $effective[0]->at->format('H:i'));
    }

    public function testACorrectionKeepsWhatItDoesNotSayAnew(): void
    {
        $effective = Record::effective([
            $this->line([
                'id' => 'a',
                'kind' => 'finish',
                'step' => 's1',
                'at' => '2026-05-04T12:00:00Z',
                'temperature' => '18 C',
                'humidity' => '50 %',
                'note' => 'as it was',
            ]),
            $this->line(['id' => 'b', 'kind' => 'correction', 'corrects' => 'a', 'at' => '2026-05-04T11:00:00Z']),
        ]);
        self::assertCount(1, $effective);
        self::assertSame(
            [EntryKind::Finish, 's1', 'as it was', '11:00'],
            [$effective[0]->kind, $effective[0]->stepKey, $effective[0]->note, $effective[0]->at->format('H:i')],
        );
        self::assertSame(18.0, $effective[0]->air?->temperature->c());
    }

    public function testTheLastCorrectionWins(): void
    {
        $lines = [$this->line(['id' => 'a', 'kind' => 'note', 'at' => '2026-05-04T12:00:00Z', 'note' => 'first'])];
        foreach (['second', 'third'] as $index => $note) {
            $lines[] = $this->line([
                'id' => 'c' . $index,
                'kind' => 'correction',
                'corrects' => 'a',
                'at' => '2026-05-04T12:00:00Z',
                'note' => $note,
            ]);
        }
        self::assertSame('third', Record::effective($lines)[0]->note);
        self::assertSame('first', $lines[0]->note);
    }

    public function testALineTakenBackIsGoneAndACorrectionOfItChangesNothing(): void
    {
        self::assertSame(
            [],
            Record::effective([
                $this->line(['id' => 'a', 'kind' => 'finish', 'step' => 's1', 'at' => '2026-05-04T12:00:00Z']),
                $this->line([
                    'id' => 'b',
                    'kind' => 'correction',
                    'corrects' => 'a',
                    'at' => '2026-05-04T12:00:00Z',
                    'withdrawn' => true,
                ]),
                $this->line([
                    'id' => 'c',
                    'kind' => 'correction',
                    'corrects' => 'a',
                    'at' => '2026-05-04T12:00:00Z',
                    'note' => 'too late',
                ]),
            ]),
        );
    }

    public function testALineReadsBackAsItWasWritten(): void
    {
        foreach (
            [
                ['id' => 'a', 'kind' => 'start', 'step' => 's1', 'at' => '2026-05-04T12:00:00.250+00:00'],
                [
                    'id' => 'b',
                    'kind' => 'reading',
                    'at' => '2026-05-04T12:00:00.000+00:00',
                    'temperature' => 18.5,
                    'humidity' => 0.6,
                ],
                [
                    'id' => 'c',
                    'kind' => 'correction',
                    'at' => '2026-05-04T12:00:00.000+00:00',
                    'note' => 'never happened',
                    'corrects' => 'a',
                    'withdrawn' => true,
                ],
            ]
            as $written
        ) {
            self::assertSame($written, JobWriter::entry($this->line($written)));
        }
    }

    /** @return iterable<string, array{array<int|string, mixed>, string}> */
    public static function impossible(): iterable
    {
        yield 'a finish of nothing' => [['kind' => 'finish', 'at' => '2026-05-04T12:00:00Z'], '/step'];
        yield 'a correction of nothing' => [['kind' => 'correction', 'at' => '2026-05-04T12:00:00Z'], '/corrects'];
        yield 'a note that corrects' => [
            ['kind' => 'note', 'at' => '2026-05-04T12:00:00Z', 'corrects' => 'a'],
            '/corrects',
        ];
        yield 'a time without an offset' => [['kind' => 'note', 'at' => '2026-05-04T12:00:00'], '/at'];
        yield 'a time long ago' => [['kind' => 'note', 'at' => '1066-10-14T09:00:00Z'], '/at'];
        yield 'half a reading' => [
            ['kind' => 'reading', 'at' => '2026-05-04T12:00:00Z', 'temperature' => '18 C'],
            '/humidity',
        ];
        yield 'an unknown kind' => [['kind' => 'wish', 'at' => '2026-05-04T12:00:00Z'], '/kind'];
    }

    /** @param array<int|string, mixed> $line */
    #[DataProvider('impossible')]
    public function testImpossibleLinesAreRefused(array $line, string $pointer): void
    {
        try {
            $this->line($line);
        } catch (InvalidInput $e) {
            self::assertSame($pointer, $e->pointer);

            return;
        }
        self::fail('It was written.');
    }

    /** @param array<int|string, mixed> $line */
    private function line(array $line): LogEntry
    {
        return (new LogReader(Yard::catalogue()))->entry(Node::root($line), 'x');
    }
}
