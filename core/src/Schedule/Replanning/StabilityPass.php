<?php

declare(strict_types=1);

namespace Hull\Schedule\Replanning;

use Hull\Input\Keys;
use Hull\Quantity\Interval;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Constraint\PreviousPlacement;
use Hull\Schedule\Constraint\Times;
use Hull\Schedule\Constraint\Why;
use Hull\Schedule\Constraint\WhyKind;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\Placer;
use Hull\Schedule\Placing\Schedule;
use Hull\Schedule\Placing\Slots;

/**
 * Lets what a new plan moved go back to where it was, or nearer to it, as long as everything else stays where it is.
 *
 * What is still moved at the end had to be: neither alone nor with what follows it on its part can it go back.
 */
final class StabilityPass
{
    private const MOST_ROUNDS = 12;

    /** @var array<int|string, Placement> */
    private array $placed;

    private readonly Slots $slots;

    private readonly Yard $yard;

    /** @param array<int|string, PreviousPlacement> $before */
    private function __construct(private readonly Schedule $schedule, private readonly array $before)
    {
        $this->yard = $schedule->yard;
        $this->placed = $schedule->placed;
        $this->slots = new Slots($this->yard);
        foreach ($this->placed as $id => $placed) {
            $this->slots->take($this->yard->activity($id), $placed);
        }
    }

    /** @param array<int|string, PreviousPlacement> $before by activity */
    public static function in(Schedule $schedule, array $before): Schedule
    {
        $self = new self($schedule, $before);
        for ($round = 0, $nearer = true; $nearer && $round < self::MOST_ROUNDS; ++$round) {
            $nearer = false;
            foreach (Keys::of($self->yard->chains) as $part) {
                $nearer = $self->part($part) || $nearer;
            }
        }

        return $self->schedule();
    }

    private function part(string $part): bool
    {
        $nearer = false;
        $count = count($moved = $this->moved($part));
        for ($first = 0; $first < $count; ++$first) {
            for ($length = $count - $first; $length > 0; ) {
                $ids = array_slice($moved, $first, $length);
                $fits = [] === $ids ? 0 : $this->run($ids);
                $nearer = $nearer || null === $fits;
                $length = null === $fits ? 0 : min($fits, $length - 1);
            }
        }

        return $nearer;
    }

    /** @return list<string> what is elsewhere than it was, in the order it is done */
    private function moved(string $part): array
    {
        return array_values(
            array_filter(
                $this->yard->chains[$part],
                fn(string $id): bool => isset($this->placed[$id], $this->before[$id]) &&
                    null === $this->yard->activity($id)->fixed &&
                    ($this->placed[$id]->rework > $this->before[$id]->rework ||
                        $this->away($id, $this->placed[$id]) > Placer::SAME_H),
            ),
        );
    }

    private function away(string $id, Placement $placed): float
    {
        return abs($placed->start - $this->before[$id]->start);
    }

    /**
     * Takes some of a part's work out and puts it in again, each as near to where it was as it goes.
     *
     * @param non-empty-list<string> $ids
     *
     * @return int|null how many of them found a place; null when all did and something is nearer for it
     */
    private function run(array $ids): ?int
    {
        $was = [];
        $part = $this->yard->activity($ids[0])->part;
        $overdue = $this->overdue($part);
        foreach ($ids as $id) {
            $was[$id] = $this->placed[$id];
            $this->lift($id);
        }
        $gain = 0.0;
        $fits = 0;
        foreach ($ids as $id) {
            $new = $this->near($id, $was[$id]) ?? $this->same($id, $was[$id]);
            if (null === $new) {
                break;
            }
            $this->put($new);
            $gain += $this->away($id, $was[$id]) - $this->away($id, $new) + $was[$id]->rework - $new->rework;
            ++$fits;
        }
        // What is late already is not wiped for days before.
        $isGood = $fits === count($ids) && $gain > Placer::SAME_H && $this->overdue($part) <= $overdue + Placer::SAME_H;
        if ($isGood && $this->holds($ids)) {
            return null;
        }
        foreach ($ids as $id) {
            $this->lift($id);
        }
        array_map($this->put(...), $was);

        return $fits;
    }

    /** By how many hours windows are missed on a part, all together. */
    private function overdue(string $part): float
    {
        $hours = 0.0;
        foreach ($this->yard->chains[$part] as $id) {
            $placed = $this->placed[$id] ?? null;
            if (null === $placed) {
                continue;
            }
            $activity = $this->yard->activity($id);
            foreach (Times::missed($activity, $this->placed, $placed->start) as $window) {
                $opened = $this->placed[$window->from] ?? null;
                $hours += null === $opened ? 0.0 : $placed->start - Times::closes($window, $activity, $opened);
            }
        }

        return $hours;
    }

    private function lift(string $id): void
    {
        $this->slots->leave($this->yard->activity($id));
        unset($this->placed[$id]);
    }

    private function put(Placement $placed): void
    {
        $this->placed[$placed->id] = $placed;
        $this->slots->take($this->yard->activity($placed->id), $placed);
    }

    private function near(string $id, Placement $was): ?Placement
    {
        $activity = $this->yard->activity($id);
        $kept = $this->before[$id];
        [$from, $why] = Times::earliest($this->yard, $activity, $this->placed);
        $why = $kept->start > $from - Placer::SAME_H ? new Why(WhyKind::Kept) : $why;
        $new = is_finite($from) ? $this->slots->room($activity, max($from, $kept->start), $why, 0.0, $kept->who) : null;
        $latest = Times::latest($activity, $this->placed);
        // Work that is not all placed does not end by its due day, so that nothing of it need go early for that.
        $due = $this->isCut($activity->part) ? \INF : $this->yard->dues[$activity->part] ?? \INF;
        $suits =
            null !== $new &&
            (null === $latest || $new->start <= $latest[0] + Interval::GRACE) &&
            $new->start > min($was->start, $kept->start) - Interval::GRACE &&
            $new->start < max($was->start, $kept->start) + Interval::GRACE &&
            ($new->end <= $due || $new->end <= $was->end);

        return $suits ? $new : null;
    }

    private function isCut(string $part): bool
    {
        return [] !==
            array_filter($this->yard->chains[$part], fn(string $id): bool => isset($this->schedule->unplaced[$id]));
    }

    private function same(string $id, Placement $was): ?Placement
    {
        $activity = $this->yard->activity($id);
        $new = $this->mayStand($activity, $was)
            ? $this->slots->room($activity, $was->start, $was->why, $was->rework, $was->who, $was->late)
            : null;

        return null !== $new && $new->start < $was->start + Interval::GRACE ? $new : null;
    }

    private function mayStand(Activity $activity, Placement $placed): bool
    {
        $latest = $placed->late ? null : Times::latest($activity, $this->placed);

        return Times::earliest($this->yard, $activity, $this->placed)[0] <= $placed->start + Interval::GRACE &&
            (null === $latest || $placed->start <= $latest[0] + Interval::GRACE);
    }

    /**
     * Whether what was left alone may still stand: what follows on the part, and what somebody else's work had set up.
     *
     * @param non-empty-list<string> $ids
     */
    private function holds(array $ids): bool
    {
        $chain = $this->yard->chains[$this->yard->activity($ids[0])->part];
        $shares = array_filter(
            array_unique(array_map(fn(string $id): string => $this->yard->activity($id)->share, $ids)),
            static fn(string $share): bool => '' !== $share,
        );
        $on = array_slice($chain, (int) array_search($ids[0], $chain, true));
        foreach ($this->placed as $id => $placed) {
            $activity = $this->yard->activity($id);
            $follows =
                null === $activity->fixed &&
                (in_array($id, $on, true) || [] !== array_intersect($this->yard->needs[$id] ?? [], $ids));
            $wasSetUp = $placed->setUp && in_array($activity->share, $shares, true);
            if (
                ($follows && !$this->mayStand($activity, $placed)) ||
                ($wasSetUp && !$this->slots->isSetUp($activity, $placed->start))
            ) {
                return false;
            }
        }

        return true;
    }

    private function schedule(): Schedule
    {
        $placed = $this->placed;
        uasort(
            $placed,
            static fn(Placement $a, Placement $b): int => [$a->start, $a->end, $a->id] <=> [$b->start, $b->end, $b->id],
        );

        return new Schedule($this->yard, $placed, $this->schedule->unplaced, $this->schedule->causes);
    }
}
