<?php

declare(strict_types=1);

namespace Hull\Schedule\Placing;

use Hull\Quantity\Interval;
use Hull\Schedule\Constraint\Activity;

/**
 * One place: while something is sprayed that nobody may breathe, and as long as it flashes off, only those are there
 * who spray it.
 */
final class KeptClear
{
    /** @var array<int|string, array{list<string>, float, float}> id => who, start, end */
    private array $there = [];

    /** @var array<int|string, array{list<string>, float, float}> id => who, start, until when nobody else comes in */
    private array $clear = [];

    /** @param list<string> $who */
    public function take(Activity $activity, array $who, float $start, float $end): void
    {
        $this->there[$activity->id] = [$who, $start, $end];
        if ($activity->clearsFor > 0.0) {
            $this->clear[$activity->id] = [$who, $start, $end + $activity->clearsFor];
        }
    }

    public function leave(Activity $activity): void
    {
        unset($this->there[$activity->id], $this->clear[$activity->id]);
    }

    /**
     * @param list<string> $who
     *
     * @return array{float, string, string}|null hour after which to try again, whose fault, why
     */
    public function against(Activity $activity, array $who, float $start, float $end): ?array
    {
        $until = $end + $activity->clearsFor;
        foreach ($activity->clearsFor > 0.0 ? $this->there : [] as $id => [$others, $from, $to]) {
            if ($others !== $who && $start < $to - Interval::SAME && $until > $from + Interval::SAME) {
                return [$to, (string) $id, 'everybody else is out while it is sprayed and flashes off'];
            }
        }
        foreach ($this->clear as $id => [$others, $from, $to]) {
            if ($others !== $who && $start < $to - Interval::SAME && $end > $from + Interval::SAME) {
                return [$to, (string) $id, 'nobody else is in while it is sprayed and flashes off'];
            }
        }

        return null;
    }
}
