<?php

declare(strict_types=1);

namespace Hull\Schedule\Placing;

use Hull\Quantity\Interval;
use Hull\Quantity\Message;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Blocks;
use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Constraint\PreviousPlacement;
use Hull\Schedule\Constraint\Times;
use Hull\Schedule\Constraint\Why;
use Hull\Schedule\Constraint\WhyKind;
use Hull\Schedule\Constraint\Window;
use Hull\Schedule\Constraint\Yard;

/**
 * Puts blocks of work into a yard one after the other, with what of other parts they wait for before them; says what
 * found no room.
 */
final class Placer
{
    /** Moved by less is not moved. */
    public const SAME_H = 0.05;

    /** @var list<array{Activity, string|Message, bool}> what found no room, why, and if another part is to blame */
    private array $causes = [];

    /** @var array<int|string, true> blocks that are being placed because another one needs them */
    private array $adding = [];

    /** What stands where. */
    public readonly BlockFiller $filler;
    private readonly Payments $payments;

    /**
     * @param array<int|string, PreviousPlacement> $kept places in an earlier schedule: nothing begins before it did
     *     there
     * @param Decisions $decided of single activities, by a search
     * @param Aim|null $aim given one, windows are missed where that ends the whole sooner and is worth it
     * @param bool $draft what is missed all the same is not opened as late as can be, which costs time and gains none,
     *     and reasons are not told
     * @param Schedule|null $without what found no room in it is left out
     */
    public function __construct(
        private readonly Yard $yard,
        private readonly array $kept = [],
        private readonly Decisions $decided = new Decisions(),
        ?Aim $aim = null,
        private readonly bool $draft = false,
        ?Schedule $without = null,
    ) {
        $this->filler = new BlockFiller($yard, $kept, $decided, $draft);
        $this->payments = new Payments($yard, $this->filler, $decided, $aim, $draft);
        $this->filler->unplaced = $without->unplaced ?? [];
        $this->causes = $without->causes ?? [];
        foreach ($yard->activities as $activity) {
            if (null !== $activity->fixed) {
                [$start, $end, $who] = [$activity->fixed->start, $activity->fixed->end, $activity->fixed->who];
                $this->filler->put(
                    $activity,
                    new Placement(
                        $activity->id,
                        $start,
                        $end,
                        $who,
                        new Why(WhyKind::Running),
                        null === $activity->wet ? $end : $activity->wet->dry->after($end) ?? $yard->end,
                    ),
                );
            }
        }
    }

    /** Leaves an activity where another schedule of the same yard has it. */
    public function seat(Activity $activity, Placement $placed): void
    {
        $this->filler->put($activity, $placed);
    }

    /** @param array<int|string, Placement> $placed */
    public function seatAll(array $placed): void
    {
        foreach ($placed as $id => $there) {
            if (null === $this->yard->activity($id)->fixed) {
                $this->seat($this->yard->activity($id), $there);
            }
        }
    }

    /**
     * Puts an activity where the earlier schedule had it, if it may still stand there; else leaves it for later. What
     * was made good there is made good again.
     */
    public function stay(Activity $activity): bool
    {
        if (isset($this->filler->placed[$activity->id])) {
            return true;
        }
        $kept = $this->kept[$activity->id] ?? null;
        $missed = null === $kept ? [] : Times::missed($activity, $this->filler->placed, $kept->start + self::SAME_H);
        $due = [] === $missed ? null : Times::due($activity, $this->filler->placed, $kept->start + self::SAME_H);
        $isLate = [] !== array_filter($missed, static fn(Window $w): bool => $w->isHard());
        if (
            null === $kept ||
            isset($this->filler->unplaced[$activity->id]) ||
            $isLate ||
            ($due->hours ?? 0.0) > $kept->rework + Interval::SAME
        ) {
            return false;
        }
        $placed = $this->filler->room($activity, -\INF, $due, null);
        if (null === $placed || $this->lacks($activity, []) || $placed->start > $kept->start + self::SAME_H) {
            return false;
        }
        $this->filler->put($activity, $placed);

        return true;
    }

    /** @return array<int|string, Placement> by activity, as far as it is filled */
    public function placed(): array
    {
        return $this->filler->placed;
    }

    /**
     * Takes some out again; what found no room is forgotten.
     *
     * @param list<string> $ids
     */
    public function takeOut(array $ids): void
    {
        [$this->filler->unplaced, $this->causes] = [[], []];
        $this->filler->leave(array_map($this->yard->activity(...), $ids), 0, count($ids));
    }

    /** @return list<string> what was set up by something that was taken out */
    public function noLongerSetUp(): array
    {
        $ids = [];
        foreach ($this->filler->placed as $id => $placed) {
            if ($placed->setUp && !$this->filler->slots->isSetUpBy($this->yard->activity($id), $placed->start)) {
                $ids[] = (string) $id;
            }
        }

        return $ids;
    }

    /** @param list<Activity> $block */
    public function add(array $block): void
    {
        $this->addNeeded($this->open($block));
        // What it needs may have needed some of it.
        $block = $this->open($block);
        $lost = $this->filler->fill(
            $block,
            array_intersect_key($this->decided->late, array_flip(Blocks::ids($block))),
            [],
        );
        if (null !== $lost) {
            $this->giveUp($block, $lost);

            return;
        }
        $this->payments->settle($block);
    }

    /**
     * @param list<Activity> $block
     *
     * @return list<Activity> what of it has no place and was not given up
     */
    private function open(array $block): array
    {
        return array_values(
            array_filter(
                $block,
                fn(Activity $a): bool => !isset($this->filler->placed[$a->id]) &&
                    !isset($this->filler->unplaced[$a->id]),
            ),
        );
    }

    /**
     * What of other parts the block waits for is placed first, with all that comes before it there.
     *
     * @param list<Activity> $block
     */
    private function addNeeded(array $block): void
    {
        if ([] === $this->yard->needs) {
            return;
        }
        $own = array_flip(array_map(static fn(Activity $a): string => $a->id, $block));
        foreach ($block as $activity) {
            foreach ($this->missing($activity, $own) as $id) {
                $needed = $this->yard->blockOf[$id] ?? [];
                $first = $needed[0]->id ?? $id;
                if (!isset($this->adding[$first])) {
                    $this->adding[$first] = true;
                    $this->add($needed);
                    unset($this->adding[$first]);
                }
            }
        }
    }

    /**
     * @param array<int|string, int> $own what is placed together with it
     *
     * @return list<string> what it comes after that has no place yet and was not given up
     */
    private function missing(Activity $activity, array $own): array
    {
        $before = $this->yard->before[$activity->id] ?? null;

        return array_values(
            array_filter(
                [...null === $before ? [] : [$before], ...$this->yard->needs[$activity->id] ?? []],
                fn(string $id): bool => !isset($own[$id]) &&
                    !isset($this->filler->placed[$id]) &&
                    !isset($this->filler->unplaced[$id]),
            ),
        );
    }

    /** @param array<int|string, int> $own */
    private function lacks(Activity $activity, array $own): bool
    {
        return [] !== $this->yard->needs &&
            ([] !== $this->missing($activity, $own) || $this->filler->isLost($activity));
    }

    /** Something was made good only so that the whole ends sooner. */
    public function hasPaidForTime(): bool
    {
        return $this->payments->paidForTime;
    }

    /** Whether all is set up that was taken to be. */
    public function isAsTaken(): bool
    {
        foreach (array_keys($this->decided->setUp) as $id) {
            $placed = $this->filler->placed[$id] ?? null;
            if (
                null !== $placed &&
                $placed->setUp &&
                !$this->filler->slots->isSetUpBy($this->yard->activity($id), $placed->start)
            ) {
                return false;
            }
        }

        return true;
    }

    public function schedule(): Schedule
    {
        $this->withdraw();
        if (!$this->draft) {
            (new CloseUp($this->yard, $this->filler, $this->kept))->settle();
        }
        $placed = $this->filler->placed;
        uasort(
            $placed,
            static fn(Placement $a, Placement $b): int => [$a->start, $a->end, $a->id] <=> [$b->start, $b->end, $b->id],
        );

        return new Schedule($this->yard, $placed, $this->filler->unplaced, $this->causes);
    }

    /**
     * What was put in one by one stands in whole blocks all the same: nothing stays opened that is not closed, and
     * nothing waits for what was taken out.
     */
    private function withdraw(): void
    {
        $blocks = [] === $this->filler->unplaced ? [] : Blocks::of($this->yard);
        for ($again = [] !== $blocks; $again; ) {
            $again = $this->withdrawReadying();
            foreach (array_merge([], ...array_values($blocks)) as $block) {
                $lost = false;
                $there = [];
                foreach ($block as $activity) {
                    $lost = $lost || isset($this->filler->unplaced[$activity->id]) || $this->filler->isLost($activity);
                    $before = $this->yard->before[$activity->id] ?? null;
                    $lost = $lost || (null !== $before && isset($this->filler->unplaced[$before]));
                    $there = isset($this->filler->placed[$activity->id]) ? [...$there, $activity] : $there;
                }
                foreach ($lost ? $there : [] as $activity) {
                    $again = true;
                    $this->putOut($activity, 'what belongs with it has no room');
                }
            }
        }
    }

    /** Nothing is masked, keyed or dusted for a coat that has no hour, no joint isolated that is not closed. */
    private function withdrawReadying(): bool
    {
        $some = false;
        foreach ($this->yard->chains as $ids) {
            $lost = $nextLost = false;
            foreach (array_reverse($ids) as $id) {
                $activity = $this->yard->activity($id);
                $lost = $activity->covers ? isset($this->filler->unplaced[$id]) : $lost;
                $idle = ($lost && $activity->forCoat) || ($nextLost && $activity->forNext);
                if ($idle && null === $activity->fixed && isset($this->filler->placed[$id])) {
                    $some = true;
                    $this->putOut($activity, 'what it is done for has no room');
                }
                $nextLost = isset($this->filler->unplaced[$id]);
            }
        }

        return $some;
    }

    private function putOut(Activity $activity, string|Message $because): void
    {
        $this->filler->leave([$activity], 0, 1);
        $this->filler->unplaced[$activity->id] = $because;
    }

    /**
     * A block has no room as a whole, and so nothing after it on its parts has.
     *
     * @param list<Activity> $block
     * @param Activity $cause the one that found none
     */
    private function giveUp(array $block, Activity $cause): void
    {
        $parts = [];
        $because = (new NoRoom($this->yard, $this->filler))->why($cause);
        $this->causes[] = [$cause, $because, $this->filler->isLost($cause)];
        foreach ($block as $first) {
            if (isset($parts[$first->part])) {
                continue;
            }
            $parts[$first->part] = true;
            $chain = $this->yard->chains[$first->part];
            $at = (int) array_search($first->id, $chain, true);
            $turn = (int) array_search($cause->id, $chain, true);
            foreach (array_slice($chain, $at) as $i => $id) {
                $this->filler->unplaced[$id] = match (true) {
                    $id === $cause->id => $because,
                    $first->part === $cause->part && $at + $i > $turn => 'what comes before it has no room',
                    default => Message::of(
                        '{step} has no room, and it is not begun without',
                        step: lcfirst($cause->name),
                    ),
                };
            }
        }
    }
}
