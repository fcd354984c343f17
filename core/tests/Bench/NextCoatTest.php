<?php

declare(strict_types=1);

namespace Hull\Tests\Bench;

use Hull\Bench\NextCoat;
use Hull\Bench\Workpiece;
use Hull\Cure\Readiness;
use Hull\Job\EntryKind;
use Hull\Job\LogEntry;
use Hull\Job\RouteStep;
use Hull\Route\Severity;
use Hull\Tests\Yard;
use PHPUnit\Framework\TestCase;

/** The next coat on a part, zone by zone, and the record judged in the same way. */
final class NextCoatTest extends TestCase
{
    private const DAY = '2026-03-02';

    public function testWithoutACoatThereIsNone(): void
    {
        $piece = Yard::workpiece();
        self::assertNull(NextCoat::of($piece, $piece->replay(new \DateTimeImmutable(self::DAY . 'T12:00:00Z'))));
    }

    public function testZonesOpenInTheOrderTheyWereLaidAndTheStartSuitsThemAll(): void
    {
        [$piece, $coats] = self::coated('08:00', '11:00');
        $next = NextCoat::of($piece, $piece->replay(new \DateTimeImmutable(self::DAY . 'T12:00:00Z')));
        self::assertNotNull($next);
        self::assertSame($coats[0]->key, $next->stepKey);
        [$first, $middle, $last] = $next->zones;
        self::assertEqualsWithDelta(3.0, $last->laid - $first->laid, 1e-6);
        self::assertEqualsWithDelta(
            3.0,
            (float) $last->opens - (float) $first->opens,
            1e-6,
            'in steady air each opens as long after it was laid',
        );
        self::assertGreaterThan($first->opens, $middle->opens);
        self::assertTrue($next->span->isOpen());
        self::assertLessThan(
            (float) $last->opens,
            (float) $next->span->earliest,
            'the far end is reached later, so that one may begin before it is open',
        );
        self::assertLessThanOrEqual((float) $first->closes, (float) $next->span->latest);
        self::assertSame([], $next->advice);
        self::assertSame(
            array_map(static fn(Readiness $r): string => $r->value, Readiness::cases()),
            array_keys($next->ready),
        );
        self::assertLessThan($next->ready['refit'][0], $next->ready['sand'][0]);
    }

    public function testACoatOverOneThatTookHoursIsJudgedWhereItIsBegunAndWhereItIsEnded(): void
    {
        [$piece, $coats] = self::coated('08:00', '11:00');
        $next =
            NextCoat::of($piece, $piece->replay(new \DateTimeImmutable(self::DAY . 'T12:00:00Z'))) ??
            self::fail('none');
        $begin = (float) $next->span->earliest + 0.02;
        $hours = (float) $next->zones[2]->opens - (float) $next->span->earliest;
        self::assertSame(
            [],
            self::broken($piece, $coats[1], $begin, $begin + $hours),
            'every zone is open when it is reached',
        );
        self::assertNotSame(
            [],
            self::broken($piece, $coats[1], $begin, $begin + 0.5 * $hours),
            'in half the time the end of it is reached too soon',
        );
        self::assertNotSame([], self::broken($piece, $coats[1], $begin - 1.0, $begin - 1.0 + $hours));
    }

    /** @return list<string> */
    private static function broken(Workpiece $piece, RouteStep $coat, float $start, float $end): array
    {
        $log = [
            ...$piece->part->log,
            self::entry('x1', EntryKind::Start, $coat->key, self::at($start)),
            self::entry('x2', EntryKind::Finish, $coat->key, self::at($end)),
        ];
        $replayed = Workpiece::of(Yard::catalogue(), $piece->part->with($piece->route(), $log), $piece->place)->replay(
            self::at($end + 1.0),
        );

        return array_values(
            array_map(
                static fn(\Hull\Route\Finding $f): string => (string) $f->says,
                array_filter(
                    $replayed->findings,
                    static fn(\Hull\Route\Finding $f): bool => $f->stepKey === $coat->key &&
                        Severity::Broken === $f->severity &&
                        str_contains((string) $f->says, 'recoat'),
                ),
            ),
        );
    }

    /** @return array{Workpiece, list<RouteStep>} */
    private static function coated(string $start, string $finish): array
    {
        $piece = Yard::workpiece();
        $route = $piece->plan();
        $coats = array_values(array_filter($route->steps, static fn(RouteStep $s): bool => null !== $s->product));
        $log = [];
        foreach ($route->steps as $n => $step) {
            if ($step->key === $coats[0]->key) {
                break;
            }
            $log[] = self::entry(
                'e' . $n,
                EntryKind::Finish,
                $step->key,
                new \DateTimeImmutable(self::DAY . 'T07:30:00Z'),
            );
        }
        $log[] = self::entry(
            'c1',
            EntryKind::Start,
            $coats[0]->key,
            new \DateTimeImmutable(self::DAY . 'T' . $start . ':00Z'),
        );
        $log[] = self::entry(
            'c2',
            EntryKind::Finish,
            $coats[0]->key,
            new \DateTimeImmutable(self::DAY . 'T' . $finish . ':00Z'),
        );

        return [Workpiece::of(Yard::catalogue(), $piece->part->with($route, $log), $piece->place), $coats];
    }

    private static function entry(string $id, EntryKind $kind, string $step, \DateTimeImmutable $at): LogEntry
    {
        return new LogEntry(id: $id, kind: $kind, stepKey: $step, at: $at, air: null, note: '', corrects: null);
    }

    private static function at(float $hour): \DateTimeImmutable
    {
        return new \DateTimeImmutable('@' . sprintf('%.6F', $hour * 3600.0));
    }
}
