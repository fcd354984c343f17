<?php

declare(strict_types=1);

namespace Hull\Schedule;

/**
 * A yard planned again after something happened: what is done or under way stays, and as little as can be moves.
 *
 * First what may stay stays, and parts of which something may not go into the room that is left. Then everything is put
 * where it was before, or as soon after as it now can, one by one and with what hangs together; then the parts that had to move are planned
 * anew around the rest; then all of it. The one with fewest things lost is taken, then with least abrading, lateness and
 * moves together.
 */
final readonly class Replan
{
    /** What it is worth not to move one thing, in hours of abrading: turning to it, telling the others. */
    private const MOVE_H = 0.05;
    /** What a day past a due date is worth, in hours of abrading. */
    private const DAY_LATE_H = 4.0;
    /** Earlier by less than this is not worth upsetting a plan for, hours. */
    private const WORTH_H = 4.0;

    /**
     * @param list<Move>    $moves
     * @param Schedule|null $better planned from scratch, where that would end so much earlier that it is worth a thought
     */
    private function __construct(public Schedule $schedule, public array $moves, public ?Schedule $better)
    {
    }

    /** @param array<string, Kept> $before by activity */
    public static function of(Yard $yard, array $before, Scheduler $scheduler): self
    {
        $blocks = array_merge([], ...array_values(Blocks::of($yard)));
        $singly = array_map(static fn (Activity $a): array => [$a], array_merge([], ...$blocks));
        $kept = self::placed($yard, self::sorted($singly, $before), $before);
        $moved = [];
        foreach (self::moves($kept, $before) as $move) {
            $moved[$yard->activity($move->id)->part] = true;
        }
        $candidates = [self::around($yard, $blocks, $before)];
        if ([] !== $moved) {
            $still = array_filter($blocks, static fn (array $b): bool => !isset($moved[$b[0]->part]));
            $others = array_filter($blocks, static fn (array $b): bool => isset($moved[$b[0]->part]));
            $stays = array_filter($before, static fn (string $id): bool => isset($yard->activities[$id]) && !isset($moved[$yard->activity($id)->part]), \ARRAY_FILTER_USE_KEY);
            $candidates[] = self::placed($yard, self::sorted($blocks, $before), $before);
            $candidates[] = self::placed($yard, [...self::sorted(array_values($still), $before), ...self::sorted(array_values($others), $before)], $stays);
            $candidates[] = self::placed($yard, [...self::sorted(array_values($others), $before), ...self::sorted(array_values($still), $before)], $stays);
        }
        $fresh = $scheduler->plan($yard, [array_map(static fn (array $b): string => $b[0]->part, self::sorted($blocks, $before))]);
        $best = $kept;
        foreach ([...$candidates, $fresh] as $candidate) {
            $best = self::rank($candidate, $before) < self::rank($best, $before) ? $candidate : $best;
        }

        return new self($best, self::moves($best, $before), $fresh !== $best && $fresh->score->paid <= $best->score->paid && $fresh->finish() < $best->finish() - self::WORTH_H ? $fresh : null);
    }

    /**
     * @param array<string, Kept> $before
     *
     * @return list<float|int>
     */
    private static function rank(Schedule $schedule, array $before): array
    {
        $moves = self::moves($schedule, $before);

        $real = count(array_filter($moves, static fn (Move $m): bool => !$m->isSlip()));

        return [$schedule->score->without, round($schedule->score->paid + self::DAY_LATE_H * $schedule->score->late / 24.0 + self::MOVE_H * $real, 6), count($moves)];
    }

    /**
     * Whatever may stay where it was stays; parts of which something may not are put into what room is left.
     *
     * @param list<non-empty-list<Activity>> $blocks
     * @param array<string, Kept>            $before
     */
    private static function around(Yard $yard, array $blocks, array $before): Schedule
    {
        $placer = new Placer($yard, $before);
        $left = [];
        foreach (self::sorted(array_map(static fn (Activity $a): array => [$a], array_merge([], ...$blocks)), $before) as [$activity]) {
            $left += isset($left[$activity->part]) || $placer->stay($activity) ? [] : [$activity->part => $activity->id];
        }
        foreach ($blocks as $block) {
            $chain = $yard->chains[$block[0]->part];
            $first = isset($left[$block[0]->part]) ? (int) array_search($left[$block[0]->part], $chain, true) : count($chain);
            $rest = array_values(array_filter($block, static fn (Activity $a): bool => (int) array_search($a->id, $chain, true) >= $first));
            if ([] !== $rest) {
                $placer->add($rest);
            }
        }

        return $placer->schedule();
    }

    /**
     * @param list<non-empty-list<Activity>> $blocks
     * @param array<string, Kept>            $kept
     */
    private static function placed(Yard $yard, array $blocks, array $kept): Schedule
    {
        $placer = new Placer($yard, $kept);
        foreach ($blocks as $block) {
            $placer->add($block);
        }

        return $placer->schedule();
    }

    /**
     * @param list<non-empty-list<Activity>> $blocks each part's in its own order
     * @param array<string, Kept>            $before
     *
     * @return list<non-empty-list<Activity>> in the order they were worked
     */
    private static function sorted(array $blocks, array $before): array
    {
        $last = [];
        $keys = [];
        foreach ($blocks as $n => $block) {
            $part = $block[0]->part;
            $last[$part] = $keys[$n] = max($last[$part] ?? -\INF, $before[$block[0]->id]->start ?? $last[$part] ?? \INF);
        }
        $order = array_keys($blocks);
        usort($order, static fn (int $a, int $b): int => [$keys[$a], $a] <=> [$keys[$b], $b]);

        return array_map(static fn (int $n): array => $blocks[$n], $order);
    }

    /** What the weather, a wait or a window moved comes first; what only made way for it after. */
    private static function follows(Move $move): bool
    {
        return !in_array($move->why->kind, [WhyKind::Air, WhyKind::Waits, WhyKind::Window, WhyKind::Delivery], true);
    }

    /**
     * @param array<string, Kept> $before
     *
     * @return list<Move> causes first
     */
    private static function moves(Schedule $schedule, array $before): array
    {
        $moves = [];
        foreach ($schedule->placed as $id => $placed) {
            $was = $before[$id]->start ?? null;
            if (null === $schedule->yard->activity($id)->fixed && (null === $was || abs($was - $placed->start) > Placer::SAME_H || $placed->paid > 0.0)) {
                $moves[] = new Move($id, $was, $placed->start, $placed->why, $placed->paid);
            }
        }
        foreach ($schedule->without as $id => $why) {
            $moves[] = new Move($id, $before[$id]->start ?? null, null, new Why(WhyKind::Waits, $why), 0.0);
        }
        usort($moves, static fn (Move $a, Move $b): int => [self::follows($a), $a->to ?? \INF] <=> [self::follows($b), $b->to ?? \INF]);

        return $moves;
    }
}
