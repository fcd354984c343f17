<?php

declare(strict_types=1);

namespace Hull\Schedule\Replanning;

use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\PreviousPlacement;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\Aim;
use Hull\Schedule\Placing\Placer;
use Hull\Schedule\Placing\Schedule;
use Hull\Schedule\Search\Scheduler;
use Hull\Schedule\Search\Tails;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A yard planned again after something happened: what is done or under way stays, and as little as can be moves.
 *
 * Everything is put where it was before, or as soon after as it now can, one by one and with what hangs together; and
 * what may stay stays first, hour by hour and part after part, and the others go into the room that is left; and all is
 * planned anew. The one with fewest things lost is taken, then with least abrading, lateness, days that the whole ends
 * later than it was to, and moves together; of that, whatever can goes back to where it was.
 */
final readonly class Replan
{
    /** What it is worth not to move one thing, in hours of abrading: turning to it, telling the others. */
    private const MOVE_H = 0.05;
    /** To come to it a little sooner or later, as a share of that. */
    private const SLIP = 0.2;
    /** What a day past a due date is worth, in hours of abrading. */
    private const DAY_LATE_H = 4.0;
    /** Earlier by less than this is not worth upsetting a plan for, hours. */
    public const WORTH_H = 4.0;
    /** Activities placed in all tries of keeping part after part together. */
    private const WORK = 8000;
    private const MOST_TRIES = 40;
    private const SEED = 1;

    /**
     * @param list<Move> $moves
     * @param Schedule|null $better planned from scratch, where that would end so much earlier that it is worth a
     *                              thought
     */
    private function __construct(public Schedule $schedule, public array $moves, public ?Schedule $better) {}

    /** @param array<int|string, PreviousPlacement> $before by activity */
    public static function of(Yard $yard, array $before, Scheduler $scheduler): self
    {
        $promised = self::promised($yard, $before);
        $aim = new Aim($promised, Tails::of($yard));
        $rank = static fn(Schedule $s): array => self::rank($s, $before, $promised);
        $staying = new StablePlans($yard, $before, $aim);
        $candidates = [self::placed($yard, $staying->singly(), $before, $aim), $staying->hourByHour()];
        if ([] !== Move::moved($candidates[0], $before)) {
            $tries = max(4, min(self::MOST_TRIES, intdiv(self::WORK, 1 + count($yard->activities))));
            $candidates[] = self::placed($yard, $staying->blocks(), $before, $aim);
            $candidates[] = $staying->partByPart($rank, $tries, new Randomizer(new Mt19937(self::SEED)));
        }
        $fresh = $scheduler->plan($yard, [array_map(static fn(array $b): string => $b[0]->part, $staying->blocks())]);
        $best = $candidates[0];
        foreach ([...$candidates, $fresh] as $candidate) {
            $best = $rank($candidate) < $rank($best) ? $candidate : $best;
        }
        $back = StabilityPass::in($best, $before);
        $isWorth =
            $fresh !== $best &&
            $fresh->score->rework <= $back->score->rework &&
            $fresh->finish() < $back->finish() - self::WORTH_H;

        return new self($back, Move::all($back, $before), $isWorth ? $fresh : null);
    }

    /**
     * The same, told by what it does otherwise than the plan that people have before them.
     *
     * @param array<int|string, PreviousPlacement> $shown
     */
    public function against(array $shown): self
    {
        return new self($this->schedule, Move::all($this->schedule, $shown), null);
    }

    /**
     * When all was to be done, of what is left.
     *
     * @param array<int|string, PreviousPlacement> $before
     */
    private static function promised(Yard $yard, array $before): float
    {
        $end = $yard->now;
        foreach (array_intersect_key($before, $yard->activities) as $id => $placed) {
            $hours = $placed->rework + $yard->activity($id)->hours;
            $end = max($end, $placed->end ?? $placed->start + $hours);
        }

        return $end;
    }

    /**
     * @param array<int|string, PreviousPlacement> $before
     * @param float $promised hour at which all was to be done
     *
     * @return list<float|int> the lesser the better
     */
    private static function rank(Schedule $schedule, array $before, float $promised): array
    {
        $worth = $schedule->yard->objective;
        $longer = ($worth->day * max(0.0, $schedule->finish() - $promised)) / 24.0;
        $real = $slips = 0;
        $hours = 0.0;
        foreach (Move::moved($schedule, $before) as $id) {
            $away = abs($schedule->placed[$id]->start - ($before[$id]->start ?? $schedule->placed[$id]->start));
            $hours += $away;
            $away < Move::SLIP_H ? ++$slips : ++$real;
        }

        return [
            $schedule->score->unplaced + count($schedule->spoilt()),
            round(
                $schedule->score->rework +
                    (self::DAY_LATE_H * $schedule->score->late) / 24.0 +
                    $longer / max($worth->good, 1.0) +
                    self::MOVE_H * ($real + self::SLIP * $slips),
                6,
            ),
            round($hours, 3),
        ];
    }

    /**
     * @param list<list<Activity>> $blocks
     * @param array<int|string, PreviousPlacement> $kept
     */
    private static function placed(Yard $yard, array $blocks, array $kept, Aim $aim): Schedule
    {
        $placer = new Placer($yard, $kept, aim: $aim);
        foreach ($blocks as $block) {
            $placer->add($block);
        }

        return $placer->schedule();
    }
}
