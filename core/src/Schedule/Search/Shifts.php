<?php

declare(strict_types=1);

namespace Hull\Schedule\Search;

use Hull\Quantity\Interval;
use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Constraint\Times;
use Hull\Schedule\Constraint\Why;
use Hull\Schedule\Constraint\WhyKind;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\BlockFiller;
use Hull\Schedule\Placing\Placer;

/**
 * Single activities moved in a schedule in which all else stays where it is: what was waited for is waited for, what is
 * missed is made good, and no window is missed that was kept.
 */
final class Shifts
{
    /** Sooner by less is no sooner, hours. */
    public const SOONER_H = 0.1;

    /** What was moved, as far back as is wanted. */
    public readonly Undoable $undo;
    /** How often room was looked for. */
    public int $looks = 0;
    /** @var array<int|string, list<string>> activity => those whose times hang on it */
    private array $hanging = [];
    private readonly BlockFiller $filler;

    public function __construct(private readonly Yard $yard, Placer $placer)
    {
        $this->filler = $placer->filler;
        $this->undo = new Undoable($yard, $this->filler);
        foreach ($yard->activities as $id => $activity) {
            $before = $yard->before[$id] ?? null;
            $on = [...$yard->needs[$id] ?? [], ...array_column($activity->lags, 'from')];
            $on = null === $before ? $on : [$before, ...$on];
            foreach ($activity->windows as $window) {
                $on = [...$on, $window->from, ...$window->again];
            }
            foreach (array_unique($on) as $other) {
                $this->hanging[$other][] = (string) $id;
            }
        }
    }

    public function placed(string $id): Placement
    {
        return $this->filler->placed[$id];
    }

    /**
     * What any of them is at between two hours.
     *
     * @param list<string> $who
     *
     * @return list<string> activities
     */
    public function between(array $who, float $start, float $end): array
    {
        return $this->filler->slots->between($who, $start, $end);
    }

    /** @return float hour at which what waits for it is begun; INF where nothing does */
    public function waitedForAt(string $id): float
    {
        $first = \INF;
        foreach ($this->hanging[$id] ?? [] as $next) {
            $first = min($first, $this->filler->placed[$next]->start ?? \INF);
        }

        return $first;
    }

    /**
     * It has room sooner, where nothing has to give way, and stands there.
     *
     * @param bool $strictly see isKept()
     */
    public function movesUp(string $id, bool $strictly): bool
    {
        $was = $this->filler->placed[$id];
        $from = $this->ready($id);
        if (null !== $this->yard->activity($id)->fixed || $from > $was->start - self::SOONER_H) {
            return false;
        }
        $mark = $this->undo->mark();
        $this->undo->leave($id);
        $there = $this->soonest($id, $was);
        if (null !== $there && $there->start < $was->start - self::SOONER_H) {
            $this->undo->put($id, $there);
            if ($this->isKept($id, $strictly)) {
                return true;
            }
        }
        $this->undo->backTo($mark);

        return false;
    }

    /** The hour from which it may begin, where it is not known who has time. */
    public function ready(string $id): float
    {
        return Times::earliest($this->yard, $this->yard->activity($id), $this->filler->placed)[0];
    }

    /**
     * Where it has room as soon as can be, and what it waits for.
     *
     * @param Placement $was where it stood
     */
    public function soonest(string $id, Placement $was): ?Placement
    {
        [$from, $why] = Times::earliest($this->yard, $this->yard->activity($id), $this->filler->placed);

        return $this->room($id, $from, $was, why: $why);
    }

    /**
     * Where it has room from an hour on; without making good what it does not miss any more.
     *
     * @param Placement $was where it stood
     * @param Why $why it is not begun before that hour
     */
    public function room(
        string $id,
        float $from,
        Placement $was,
        ?string $by = null,
        Why $why = new Why(WhyKind::Nothing),
    ): ?Placement {
        $activity = $this->yard->activity($id);
        $placed = $this->filler->placed;
        $slots = $this->filler->slots;
        ++$this->looks;
        $there = $slots->room($activity, $from, $why, by: $by);
        if (!$was->late || null === $there || [] === Times::missed($activity, $placed, $there->start)) {
            return $there;
        }
        ++$this->looks;

        return $slots->room($activity, $from, $why, $was->rework, late: true, by: $by);
    }

    /**
     * Its windows are kept, and what hangs on it can still begin when it does.
     *
     * @param bool $strictly and keeps its windows, too
     */
    public function isKept(string $id, bool $strictly): bool
    {
        if (!$this->keepsWindow($id)) {
            return false;
        }
        foreach ($this->hanging[$id] ?? [] as $next) {
            $there = $this->filler->placed[$next] ?? null;
            if (
                null !== $there &&
                ($this->ready($next) > $there->start + Interval::SAME || ($strictly && !$this->keepsWindow($next)))
            ) {
                return false;
            }
        }

        return true;
    }

    /** What was moved and what hangs on it misses no window that is not made good. */
    public function keepsWindows(): bool
    {
        foreach (array_keys($this->undo->was()) as $id) {
            foreach ([(string) $id, ...$this->hanging[$id] ?? []] as $one) {
                if (!$this->keepsWindow($one)) {
                    return false;
                }
            }
        }

        return true;
    }

    /** What it misses is made good, and no more than that, and not before it can be. */
    private function keepsWindow(string $id): bool
    {
        $activity = $this->yard->activity($id);
        $placed = $this->filler->placed;
        $there = $placed[$id] ?? null;
        if (null === $there || ([] === $activity->windows && null === $activity->notAfter)) {
            return true;
        }
        $due = 0.0;
        $missed = Times::missed($activity, $placed, $there->start);
        foreach ($missed as $window) {
            $again = '' === $window->from ? null : $window->reopens?->after($placed[$window->from]->end);
            $due = $there->start < ($again ?? -\INF) - Interval::SAME ? \INF : max($due, $window->hours);
        }

        return $there->late === ([] !== $missed) && abs($due - $there->rework) <= Interval::SAME;
    }
}
