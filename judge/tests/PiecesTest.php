<?php

declare(strict_types=1);

namespace Judge\Tests;

use Hull\Board\JobPlan;
use Hull\Board\Merger;
use Hull\Catalog\Catalogue;
use Hull\Job\Job;
use Hull\Piece\Precedence;
use Hull\Tests\Sweep;
use Hull\Tests\Yard;
use Judge\Breach;
use Judge\Judge;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Made-up pieces of two to twelve parts, planned and merged, and some of them scheduled, held against laws 15 to 21.
 * Thinned; HULL_FULL=1 judges two thousand.
 */
final class PiecesTest extends TestCase
{
    private const PIECES = 30;
    private const FULL = 2000;
    private const TIMED = 6;
    private const FULL_TIMED = 120;
    /** Pieces tried until a law is seen broken. */
    private const UNTIL = 400;

    public function testNoMergedPieceBreaksALaw(): void
    {
        $pieces = new MadePieces(Yard::catalogue());
        $said = [];
        for ($n = 0; $n < Sweep::of(self::PIECES, self::FULL); ++$n) {
            $job = $pieces->job($n);
            $plan = JobPlan::of(Yard::catalogue(), $job);
            $said = [...$said, ...self::judged($job, $plan, "piece $n")];
            foreach ($plan->broken as $one) {
                $said[] = sprintf('cannot be kept: %s, %s (piece %d)', $one->id(), $one->because, $n);
            }
        }
        self::assertSame([], $said);
    }

    public function testNoTimetableOfAPieceBreaksALaw(): void
    {
        $pieces = new MadePieces(Yard::catalogue());
        $said = [];
        $timed = 0;
        for ($n = 0; $n < Sweep::of(self::TIMED, self::FULL_TIMED); ++$n) {
            $job = $pieces->job(5000 + $n);
            $plan = JobPlan::of(Yard::catalogue(), $job);
            $piece = TimedPieces::of($job, $plan);
            $timed += null === $piece ? 0 : 1;
            foreach (null === $piece ? [] : (new Judge())->together($piece) as $breach) {
                // Paint of one pot is one go though each part is an entry of its own.
                if (19 !== $breach->law) {
                    $said[] = self::words($breach, "piece $n in time");
                }
            }
        }
        self::assertGreaterThan(0.7 * Sweep::of(self::TIMED, self::FULL_TIMED), $timed, 'most have room');
        self::assertSame([], $said);
    }

    /**
     * @return iterable<string, array{0: int, 1: \Closure(Spoilt): Spoilt, 2: bool, 3?: int}> law, catalogue, whether
     *     without what keeps the law between the parts, first piece
     */
    public static function mutations(): iterable
    {
        $as = static fn(Spoilt $s): Spoilt => $s;
        yield 'nothing between the parts keeps off before on' => [15, $as, true];
        yield 'what is mounted may stay on' => [
            15,
            static fn(Spoilt $s): Spoilt => $s->withoutRules('off-for-host', 'off-first'),
            false,
        ];
        yield 'neighbours mind nothing' => [16, $as, true];
        yield 'no order in space' => [17, $as, true];
        yield 'each is handed over by itself' => [18, $as, true];
        yield 'each zone its own mix' => [19, $as, true, 754];
        yield 'nobody looks inside' => [20, static fn(Spoilt $s): Spoilt => $s->withoutRules('looked-inside'), false];
        yield 'isolated whenever' => [15, static fn(Spoilt $s): Spoilt => $s->withLasting('isolated'), false];
        yield 'nobody signs' => [
            21,
            static fn(Spoilt $s): Spoilt => $s->withoutRules('safety-film-only', 'no-filler-on-structure'),
            false,
        ];
    }

    /**
     * @param \Closure(Spoilt): Spoilt $spoil
     * @param int $from first piece; where what breaks it is rare, the search begins close to one
     */
    #[DataProvider('mutations')]
    public function testWithoutItsMechanismALawIsBroken(int $law, \Closure $spoil, bool $blind, int $from = 0): void
    {
        $catalogue = $spoil(Spoilt::yard())->catalogue();
        $pieces = new MadePieces($catalogue);
        for ($n = $from; $n < $from + self::UNTIL; ++$n) {
            $job = $pieces->job($n);
            $plan = JobPlan::of($catalogue, $job);
            foreach (
                self::breaches($job, $plan, $blind ? self::withoutLaw($catalogue, $plan, $law) : null)
                as $breach
            ) {
                if ($law === $breach->law) {
                    self::assertNotSame('', $breach->says);

                    return;
                }
            }
        }
        self::fail('no breach seen');
    }

    /** @return list<\Hull\Board\SharedAction> */
    private static function withoutLaw(Catalogue $catalogue, JobPlan $plan, int $law): array
    {
        $kept = array_filter($plan->precedences, static fn(Precedence $p): bool => $p->law !== $law);

        return (new Merger($catalogue, $plan->pieces, array_values($kept)))->merged($plan->routes);
    }

    /** @return list<string> */
    private static function judged(Job $job, JobPlan $plan, string $what): array
    {
        return array_map(static fn(Breach $b): string => self::words($b, $what), self::breaches($job, $plan));
    }

    /**
     * Of the parts together, and of each by itself as it is planned among the others.
     *
     * @param list<\Hull\Board\SharedAction>|null $actions in place of the plan's
     *
     * @return list<Breach>
     */
    private static function breaches(Job $job, JobPlan $plan, ?array $actions = null): array
    {
        $judge = new Judge();
        $breaches = $judge->together(MadePieces::piece($job, $plan, $actions));
        foreach (array_intersect_key($plan->pieces, $plan->routes) as $id => $piece) {
            $isEdged = MadePieces::isEdged($job, $piece->part);
            $breaches = [...$breaches, ...$judge->breaches(Parts::work($piece, $plan->routes[$id]->steps, $isEdged))];
        }

        return $breaches;
    }

    private static function words(Breach $breach, string $what): string
    {
        return sprintf('%d: %s (%s)', $breach->law, $breach->says, $what);
    }
}
