<?php

declare(strict_types=1);

namespace Hull\Tests\Bench;

use Hull\Bench\Record;
use Hull\Bench\Replayed;
use Hull\Bench\Workpiece;
use Hull\Input\Node;
use Hull\Job\LogEntry;
use Hull\Job\Route;
use Hull\Job\RouteStep;
use Hull\JobFile\JobReader;
use Hull\Route\Finding;
use Hull\Route\RoutePlanner;
use Hull\Surface\FilmPhase;
use Hull\Tests\Yard;
use PHPUnit\Framework\TestCase;

final class ReplayTest extends TestCase
{
    public function testTheWindowOfALoggedCoatFollowsTheLoggedAir(): void
    {
        $piece = $this->upToCoats(1, '2026-05-04T10:00:00Z');
        $coat = $this->at($piece, '2026-05-04T15:00:00Z')->coats[0];
        self::assertEqualsWithDelta(3.63, (float) $coat->opensAt - $coat->laidAt, 0.01);
        self::assertEqualsWithDelta(84.9, (float) $coat->closesAt - $coat->laidAt, 0.1);

        $cooled = $this->with($piece, [
            [
                'id' => 'r1',
                'kind' => 'reading',
                'at' => '2026-05-04T11:00:00Z',
                'temperature' => '10 C',
                'humidity' => '60 %',
            ],
        ]);
        self::assertGreaterThan(
            (float) $coat->opensAt + 3,
            $this->at($cooled, '2026-05-04T15:00:00Z')->coats[0]->opensAt,
        );
        self::assertSame(FilmPhase::Wet, $this->at($piece, '2026-05-04T10:30:00Z')->state->phase());
        self::assertSame(FilmPhase::Tacky, $this->at($piece, '2026-05-04T13:00:00Z')->state->phase());
        self::assertSame(FilmPhase::Open, $this->at($piece, '2026-05-04T14:00:00Z')->state->phase());
        self::assertSame(FilmPhase::Lapsed, $this->at($piece, '2026-05-08T14:00:00Z')->state->phase());
    }

    public function testWhenTheWindowHasClosedTheRouteGainsAbradingAndWiping(): void
    {
        $piece = $this->upToCoats(1, '2026-05-04T10:00:00Z');
        $late = $this->at($piece, '2026-05-09T10:00:00Z');
        $remaining = Workpiece::remaining($piece->route(), $late);
        $mended = (new RoutePlanner($piece->context))->mend($late->state, $remaining, 'the window closed');
        $steps = array_map(static fn(RouteStep $s): string => $s->step, $mended->steps);
        $coat = (int) array_search('apply-coat', $steps, true);
        self::assertSame(['scuff', 'blow-off', 'final-wipe'], array_slice($steps, $coat - 3, 3));
        self::assertSame('the window closed', $mended->steps[$coat - 3]->because);
    }

    public function testACoatLaidTooLateIsFoundAndSandedBackAndLaidAgain(): void
    {
        $piece = $this->upToCoats(1, '2026-05-04T10:00:00Z');
        $second = $this->coats($piece->route())[1];
        $piece = $this->with($piece, [
            ['id' => 'late', 'kind' => 'finish', 'step' => $second->key, 'at' => '2026-05-09T10:00:00Z'],
        ]);
        $replayed = $this->at($piece, '2026-05-09T11:00:00Z');
        self::assertSame(
            ['window-or-abraded'],
            array_values(
                array_filter(
                    array_map(static fn(Finding $f): string => $f->needId, $replayed->findings),
                    static fn(string $id): bool => 'window-or-abraded' === $id,
                ),
            ),
        );
        self::assertSame(1.0, $replayed->state->fact('doubtful-bond'));
        $mended = (new RoutePlanner($piece->context))->mend(
            $replayed->state,
            Workpiece::remaining($piece->route(), $replayed),
            'laid too late',
        );
        $steps = array_map(static fn(RouteStep $s): string => $s->step . ':' . $s->product, $mended->steps);
        self::assertContains('sand-back:', $steps);
        self::assertCount(3, array_filter($steps, static fn(string $s): bool => str_starts_with($s, 'apply-coat')));
        self::assertSame('apply-coat:epoxy-primer-2k', $steps[(int) array_search('sand-back:', $steps, true) + 3]);
    }

    public function testACoatLaidTooSoonTrapsSolvent(): void
    {
        $piece = $this->upToCoats(1, '2026-05-04T10:00:00Z');
        $piece = $this->with($piece, [
            [
                'id' => 'soon',
                'kind' => 'finish',
                'step' => $this->coats($piece->route())[1]->key,
                'at' => '2026-05-04T11:00:00Z',
            ],
        ]);
        self::assertSame(1.0, $this->at($piece, '2026-05-04T11:30:00Z')->state->fact('trapped-solvent'));
    }

    public function testCorrectionsReplaceAndWithdrawWithoutLosingWhatWasWritten(): void
    {
        $log = $this->log([
            ['id' => 'a', 'kind' => 'note', 'at' => '2026-05-04T10:00:00Z', 'note' => 'first'],
            [
                'id' => 'b',
                'kind' => 'correction',
                'corrects' => 'a',
                'at' => '2026-05-04T09:00:00Z',
                'note' => 'second',
            ],
            ['id' => 'c', 'kind' => 'correction', 'corrects' => 'b', 'at' => '2026-05-04T08:00:00Z'],
            ['id' => 'd', 'kind' => 'note', 'at' => '2026-05-04T10:00:00Z', 'note' => 'gone'],
            [
                'id' => 'e',
                'kind' => 'correction',
                'corrects' => 'd',
                'at' => '2026-05-04T10:00:00Z',
                'withdrawn' => true,
            ],
        ]);
        $effective = Record::effective($log);
        self::assertCount(5, $log);
        self::assertSame(
            ['a', 'second', '08:00'],
            [$effective[0]->id, $effective[0]->note, $effective[0]->at->format('H:i')],
        );
        self::assertCount(1, $effective);
    }

    public function testBareSteelLeftTooLongIsSandedAgain(): void
    {
        $piece = $this->upTo('final-wipe', '2026-05-04T10:00:00Z');
        $nextDay = $this->at($piece, '2026-05-05T10:00:00Z');
        $mended = (new RoutePlanner($piece->context))->mend(
            $nextDay->state,
            Workpiece::remaining($piece->route(), $nextDay),
            'left bare overnight',
        );
        self::assertSame(
            'sand-p80',
            array_values(
                array_filter(
                    $mended->steps,
                    static fn(RouteStep $s): bool => '' !== $s->because && 'unmask' !== $s->step,
                ),
            )[0]->step,
        );
    }

    /** @param list<array<int|string, mixed>> $entries */
    private function with(Workpiece $piece, array $entries): Workpiece
    {
        $part = $piece->part->with($piece->route(), [...$piece->part->log, ...$this->log($entries)]);

        return Workpiece::of(Yard::catalogue(), $part, $piece->place);
    }

    /**
     * @param list<array<int|string, mixed>> $entries
     *
     * @return list<LogEntry>
     */
    private function log(array $entries): array
    {
        $reader = new JobReader(Yard::catalogue());

        return array_map(static fn(array $e): LogEntry => $reader->log->entry(Node::root($e), 'x'), $entries);
    }

    /** Everything up to and with the given number of coats, all finished at one moment. */
    private function upToCoats(int $coats, string $at): Workpiece
    {
        $piece = Yard::workpiece();
        $piece = Workpiece::of(Yard::catalogue(), $piece->part->with($piece->plan(), []), $piece->place);

        return $this->finish($piece, $this->coats($piece->route())[$coats - 1]->key, $at);
    }

    private function upTo(string $step, string $at): Workpiece
    {
        $piece = Yard::workpiece();
        $piece = Workpiece::of(Yard::catalogue(), $piece->part->with($piece->plan(), []), $piece->place);
        foreach ($piece->route()->steps as $routeStep) {
            if ($routeStep->step === $step) {
                return $this->finish($piece, $routeStep->key, $at);
            }
        }
        self::fail('No step ' . $step);
    }

    private function finish(Workpiece $piece, string $lastKey, string $at): Workpiece
    {
        $entries = [];
        foreach ($piece->route()->steps as $index => $step) {
            $entries[] = ['id' => 'f' . $index, 'kind' => 'finish', 'step' => $step->key, 'at' => $at];
            if ($step->key === $lastKey) {
                break;
            }
        }

        return $this->with($piece, $entries);
    }

    /** @return list<RouteStep> */
    private function coats(Route $route): array
    {
        return array_values(array_filter($route->steps, static fn(RouteStep $s): bool => 'apply-coat' === $s->step));
    }

    private function at(Workpiece $piece, string $at): Replayed
    {
        return $piece->replay(new \DateTimeImmutable($at));
    }
}
