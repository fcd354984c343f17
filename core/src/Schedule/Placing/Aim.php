<?php

declare(strict_types=1);

namespace Hull\Schedule\Placing;

use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Placement;

/** When all could be done, so that a block knows whether it holds up the end. */
final readonly class Aim
{
    /**
     * @param float $finish hour; what is over in time for it gains nothing by being over sooner
     * @param array<int|string, float> $tails activity => hours from its beginning to the end of its part, alone
     */
    public function __construct(private float $finish, public array $tails) {}

    /**
     * By how many hours a block makes the whole later.
     *
     * @param list<Activity> $block
     * @param array<int|string, Placement> $placed
     */
    public function late(array $block, array $placed): float
    {
        $late = 0.0;
        foreach ($block as $activity) {
            $there = $placed[$activity->id] ?? null;
            $late = null === $there ? $late : max($late, $this->lateOf($there));
        }

        return $late;
    }

    /** By how many hours one activity there makes the whole later, 0 where it does not. */
    public function lateOf(Placement $there): float
    {
        return max(0.0, $there->start + ($this->tails[$there->id] ?? 0.0) - $this->finish);
    }
}
