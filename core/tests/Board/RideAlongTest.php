<?php

declare(strict_types=1);

namespace Hull\Tests\Board;

use Hull\Bench\Replayed;
use Hull\Bench\RouteLine;
use Hull\Bench\Workpiece;
use Hull\Board\Ride;
use Hull\Board\RideAlong;
use Hull\Input\Node;
use Hull\Job\EntryKind;
use Hull\Job\Job;
use Hull\Job\LogEntry;
use Hull\JobFile\JobReader;
use Hull\Route\Surroundings;
use Hull\Surface\Shade;
use Hull\Tests\Yard;
use PHPUnit\Framework\TestCase;

/** Who can have some of what is mixed, and what they still need before. */
final class RideAlongTest extends TestCase
{
    private const EPOXY = 'epoxy-primer-2k';
    private const BEGUN = '2026-05-04T06:00:00Z';

    public function testWhatThePartNeedsBeforeIsListedWithItsWorkAndWaits(): void
    {
        $piece = self::piece(0);
        $ride = self::rides(['one' => $piece])['one'];
        $lines = RouteLine::of($piece, $piece->route());
        $coat = self::coat($piece);
        self::assertSame($lines[$coat]->step->key, $ride->key);
        self::assertSame(array_column(array_slice($lines, 0, $coat), 'name'), $ride->before);
        $minutes = array_sum(array_column(array_slice($lines, 0, $coat), 'minutes'));
        self::assertEqualsWithDelta($minutes, $ride->hands, 1e-9);
        $waits = array_sum(array_column(array_slice($lines, 0, $coat), 'waitHours'));
        self::assertEqualsWithDelta($waits + $minutes / 60.0, $ride->hours, 1e-9);
    }

    public function testWhatIsDoneIsNotNeededAgainAndTheReadyOneComesFirst(): void
    {
        $raw = self::piece(0);
        $ready = self::piece(self::coat($raw));
        $rides = self::rides(['raw' => $raw, 'ready' => $ready]);
        self::assertSame(['ready', 'raw'], array_keys($rides));
        self::assertSame([[], 0.0, 0.0], [$rides['ready']->before, $rides['ready']->hands, $rides['ready']->hours]);
    }

    public function testInTimeIsThreeQuartersOfThePotLife(): void
    {
        $piece = self::piece(0);
        $product = $piece->context->catalogue()->product(self::EPOXY);
        self::assertNotNull($product->potLife);
        $ready = self::rides(['ready' => self::piece(self::coat($piece))])['ready'];
        self::assertTrue($ready->isInTime($product));
        // Pits are filled first: that takes longer than any mix waits.
        self::assertFalse(self::rides(['pitted' => self::piece(0, 'pitted')])['pitted']->isInTime($product));
        $keeps = $piece->context->catalogue()->product('alkyd-enamel');
        self::assertTrue(self::rides(['raw' => $piece])['raw']->isInTime($keeps), 'it waits in its tin');
    }

    public function testAnotherColourOrPaintIsNone(): void
    {
        $pieces = ['one' => self::piece(0)];
        self::assertSame([], RideAlong::of(new Shade(self::EPOXY, 'cream'), $pieces, self::done($pieces)));
        self::assertSame([], RideAlong::of(new Shade('cavity-wax'), $pieces, self::done($pieces)));
    }

    private static function coat(Workpiece $piece): int
    {
        foreach ($piece->route()->steps as $n => $step) {
            if (self::EPOXY === $step->product) {
                return $n;
            }
        }
        self::fail('No epoxy.');
    }

    /**
     * @param array<string, Workpiece> $pieces
     *
     * @return array<int|string, Ride>
     */
    private static function rides(array $pieces): array
    {
        return RideAlong::of(new Shade(self::EPOXY), $pieces, self::done($pieces));
    }

    /**
     * @param array<string, Workpiece> $pieces
     *
     * @return array<int|string, Replayed>
     */
    private static function done(array $pieces): array
    {
        return array_map(
            static fn(Workpiece $p): Replayed => $p->replay(new \DateTimeImmutable('2026-05-04T08:00:00Z')),
            $pieces,
        );
    }

    /** @param int $finished how many steps of its route the record has */
    private static function piece(int $finished, string $rust = 'light'): Workpiece
    {
        $part = ['conditions' => [['id' => 'rust', 'grade' => $rust]]];
        $job = (new JobReader(Yard::catalogue()))->job(Node::root(Yard::frame($part)));
        $fresh = self::read($job, []);
        $log = [];
        foreach (array_slice($fresh->route()->steps, 0, $finished) as $n => $step) {
            $at = (new \DateTimeImmutable(self::BEGUN))->modify(sprintf('+%d minutes', 5 * $n));
            $log[] = new LogEntry(
                id: 'e' . $n,
                kind: EntryKind::Finish,
                stepKey: $step->key,
                at: $at,
                air: null,
                note: '',
                corrects: null,
            );
        }

        return self::read($job, $log);
    }

    /** @param list<LogEntry> $log */
    private static function read(Job $job, array $log): Workpiece
    {
        $part = $job->parts[0]->with($job->parts[0]->route, $log);

        return Workpiece::of(Yard::catalogue(), $part, $job->place('bay'), Surroundings::none());
    }
}
