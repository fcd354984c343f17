<?php

declare(strict_types=1);

namespace Hull\Tests\Bench;

use Hull\Bench\Pot;
use Hull\Job\EntryKind;
use Hull\Job\LogEntry;
use Hull\Tests\Yard;
use PHPUnit\Framework\TestCase;

/** The pot on the bench is the last batch mixed for its own coat, and none other. */
final class PotTest extends TestCase
{
    private const COAT = 'a coat';

    public function testOnlyWhatWasMixedForThisCoatRuns(): void
    {
        $log = [
            self::entry('a', EntryKind::Mixed, 'another coat', 8),
            self::entry('b', EntryKind::Note, self::COAT, 9),
        ];
        self::assertNull($this->pot($log));
        $pot = $this->pot([...$log, self::entry('c', EntryKind::Mixed, self::COAT, 10)]);
        self::assertNotNull($pot);
        self::assertSame(1, $pot->batch);
        self::assertEqualsWithDelta(10.0, $pot->mixedAt - self::hour(0), 1e-9);
    }

    public function testTheLastBatchCountsAndStandsBeforeItIsUsed(): void
    {
        $pot = $this->pot([
            self::entry('a', EntryKind::Mixed, self::COAT, 8),
            self::entry('b', EntryKind::Mixed, self::COAT, 11),
        ]);
        self::assertNotNull($pot);
        self::assertSame(2, $pot->batch);
        self::assertEqualsWithDelta(11.0 + 20.0 / 60.0, $pot->readyAt - self::hour(0), 1e-9);
        self::assertGreaterThan($pot->readyAt, $pot->usableUntil);
    }

    /** @param list<LogEntry> $log */
    private function pot(array $log): ?Pot
    {
        $piece = Yard::workpiece();

        return Pot::of(
            self::COAT,
            Yard::catalogue()->product('epoxy-primer-2k'),
            $piece->replay(new \DateTimeImmutable('2026-05-04T12:00:00Z')),
            $log,
        );
    }

    private static function entry(string $id, EntryKind $kind, string $step, int $hour): LogEntry
    {
        return new LogEntry(
            id: $id,
            kind: $kind,
            stepKey: $step,
            at: new \DateTimeImmutable(sprintf('2026-05-04T%02d:00:00Z', $hour)),
            air: null,
            note: '',
            corrects: null,
        );
    }

    private static function hour(int $hour): float
    {
        return self::entry('x', EntryKind::Note, '', $hour)->hour();
    }
}
