<?php

declare(strict_types=1);

namespace Hull\Schedule\Placing;

use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Blocks;
use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Constraint\Times;
use Hull\Schedule\Constraint\Why;
use Hull\Schedule\Constraint\WhyKind;
use Hull\Schedule\Constraint\Window;
use Hull\Schedule\Constraint\Yard;

/** Which windows of a block are missed and made good, and which need not be. */
final class Payments
{
    private const MOST_WITHDRAWN = 3;
    /** How far what opens a missed window is put towards its end, tried in turn. */
    private const LATER = [0.95, 0.7, 0.4];

    /** Something was made good only so that the whole ends sooner. */
    public bool $paidForTime = false;

    public function __construct(
        private readonly Yard $yard,
        private readonly BlockFiller $filler,
        private readonly Decisions $decided,
        private readonly ?Aim $aim,
        private readonly bool $draft,
    ) {}

    /**
     * Of a block that has its places.
     *
     * @param list<Activity> $block
     */
    public function settle(array $block): void
    {
        $this->payForTime($block);
        $this->withdrawPayments($block);
        if (!$this->draft) {
            $this->openLate($block);
        }
    }

    /**
     * What would end the whole later, since it waits for hours in which every window is kept, misses some if that is
     * worth more.
     *
     * @param list<Activity> $block
     */
    private function payForTime(array $block): void
    {
        $windows = array_filter($block, static fn(Activity $a): bool => [] !== $a->windows);
        if (null === $this->aim || [] === $windows || $this->aim->late($block, $this->filler->placed) <= 0.0) {
            return;
        }
        $was = array_intersect_key($this->filler->placed, array_flip(Blocks::ids($block)));
        $worth = $this->worth($block);
        $this->filler->leave($block, 0, count($block));
        if (null === $this->filler->fill($block, array_fill_keys(Blocks::ids(array_values($windows)), true), [])) {
            if ($this->worth($block) < $worth - 1e-6) {
                $this->paidForTime = true;

                return;
            }
            $this->filler->leave($block, 0, count($block));
        }
        foreach ($block as $member) {
            $this->filler->put($member, $was[$member->id]);
        }
    }

    /**
     * What is missed all the same is opened as late as can be: metal is not bare for a night that it need not be.
     *
     * @param list<Activity> $block
     */
    private function openLate(array $block): void
    {
        $at = array_flip(Blocks::ids($block));
        foreach ($block as $activity) {
            $placed = $this->filler->placed[$activity->id];
            $missed = $placed->rework > 0.0 ? Times::missed($activity, $this->filler->placed, $placed->start) : [];
            foreach ($missed as $window) {
                $source = $at[$window->from] ?? null;
                if (null !== $source && null === $block[$source]->fixed) {
                    $this->openLater($block, $block[$source], $activity, $window);
                }
            }
        }
    }

    /**
     * What opened a window that is missed all the same is put towards its end, where that makes nothing later.
     *
     * @param list<Activity> $block
     */
    private function openLater(array $block, Activity $source, Activity $activity, Window $window): void
    {
        $was = array_intersect_key($this->filler->placed, array_flip(Blocks::ids($block)));
        $placed = $was[$activity->id];
        $opened = $was[$source->id]->start;
        $worth = $this->worth($block);
        $pays = array_map(
            static fn(): bool => true,
            array_filter($was, static fn(Placement $p): bool => $p->rework > 0.0),
        );
        foreach (self::LATER as $share) {
            $this->filler->leave($block, 0, count($block));
            $late = new Why(WhyKind::Missed, $window->what, $activity->id);
            $from = [$source->id => [$opened + $share * ($placed->start - $opened), $late]];
            $fits = null === $this->filler->fill($block, $pays, [], $from);
            $here = $this->filler->placed[$activity->id] ?? null;
            if (
                $fits &&
                null !== $here &&
                $here->start <= $placed->start + Placer::SAME_H &&
                $this->worth($block) <= $worth + 1e-6
            ) {
                return;
            }
        }
        $this->filler->leave($block, 0, count($block));
        foreach ($block as $member) {
            $this->filler->put($member, $was[$member->id]);
        }
    }

    /**
     * What is paid for is tried without, and stays so where that is worth more.
     *
     * @param list<Activity> $block
     */
    private function withdrawPayments(array $block): void
    {
        $late = array_filter(
            $block,
            fn(Activity $a): bool => null === $a->fixed &&
                ($this->filler->placed[$a->id]->rework ?? 0.0) > 0.0 &&
                !isset($this->decided->late[$a->id]),
        );
        usort(
            $late,
            fn(Activity $a, Activity $b): int => ($this->filler->placed[$b->id]->rework ?? 0.0) <=>
                ($this->filler->placed[$a->id]->rework ?? 0.0),
        );
        foreach (array_slice($late, 0, self::MOST_WITHDRAWN) as $activity) {
            $was = array_intersect_key($this->filler->placed, array_flip(Blocks::ids($block)));
            $worth = $this->worth($block);
            $pays = array_filter($was, static fn(Placement $p): bool => $p->rework > 0.0 && $p->id !== $activity->id);
            $this->filler->leave($block, 0, count($block));
            $lost = $this->filler->fill(
                block: $block,
                pays: array_map(static fn(): bool => true, $pays),
                never: [$activity->id => true],
                isTooLate: fn(Placement $p): bool => $this->costs(0.0, $this->lateOf($p)) >= $worth - 1e-6,
            );
            if (null === $lost) {
                if ($this->worth($block) < $worth - 1e-6) {
                    continue;
                }
                $this->filler->leave($block, 0, count($block));
            }
            foreach ($block as $member) {
                $this->filler->put($member, $was[$member->id]);
            }
        }
    }

    /**
     * What a block costs as it stands, see Objective.
     *
     * @param list<Activity> $block
     */
    private function worth(array $block): float
    {
        $rework = 0.0;
        $end = $this->yard->now;
        foreach ($block as $activity) {
            $rework += $this->filler->placed[$activity->id]->rework ?? 0.0;
            $end = max($end, $this->filler->placed[$activity->id]->end ?? $end);
        }

        $late = null === $this->aim ? $end - $this->yard->now : $this->aim->late($block, $this->filler->placed);

        return $this->costs($rework, $late);
    }

    private function lateOf(Placement $placed): float
    {
        return null === $this->aim ? $placed->end - $this->yard->now : $this->aim->lateOf($placed);
    }

    private function costs(float $rework, float $late): float
    {
        return $this->yard->objective->good * $rework + ($this->yard->objective->day * $late) / 24.0;
    }
}
