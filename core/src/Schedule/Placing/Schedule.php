<?php

declare(strict_types=1);

namespace Hull\Schedule\Placing;

use Hull\Quantity\Message;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Constraint\Times;
use Hull\Schedule\Constraint\WhyKind;
use Hull\Schedule\Constraint\Yard;

/** When everything is done, by whom, and why then. */
final readonly class Schedule
{
    public Score $score;

    /**
     * @param array<int|string, Placement> $placed by activity, in order of time
     * @param array<int|string, string|Message> $unplaced activities that found no room => why
     * @param list<array{Activity, string|Message, bool}> $causes by block what found no room, why, and whether that
     *                                                            lies on another part
     */
    public function __construct(
        public Yard $yard,
        public array $placed,
        public array $unplaced,
        public array $causes = [],
    ) {
        $this->score = Score::of($this);
    }

    /** @return list<Lost> by block what it waits for */
    public function lost(): array
    {
        return array_map(function (array $cause): Lost {
            [$activity, $says, $elsewhere] = $cause;
            $closed = $elsewhere ? null : Closed::of($this->yard, $activity);

            return new Lost(
                part: $activity->part,
                cause: $activity->id,
                at: $activity->place,
                says: match (true) {
                    null === $closed => $says,
                    null === $closed->opens => $closed->words(),
                    in_array($says, [NoRoom::NO_HOUR, NoRoom::AT_ALL], true) => Message::of(
                        '{what}; {air}',
                        what: Message::sentence($says),
                        air: $closed->words(),
                    ),
                    default => $says,
                },
                closed: $closed,
                elsewhere: $elsewhere,
                bares: $this->bares($activity),
                on: $elsewhere ? $this->roots($activity) : [],
            );
        }, $this->firsts());
    }

    /**
     * Of what a part stops at that which comes first on it.
     *
     * @return list<array{Activity, string|Message, bool}>
     */
    private function firsts(): array
    {
        $turn = fn(Activity $a): int => (int) array_search($a->id, $this->yard->chains[$a->part], true);
        $first = [];
        foreach ($this->causes as $cause) {
            $part = $cause[0]->part;
            $first[$part] =
                isset($first[$part]) && $turn($first[$part][0]) <= $turn($cause[0]) ? $first[$part] : $cause;
        }

        return array_values($first);
    }

    /**
     * The parts whose own block without an hour an activity waits for in the end.
     *
     * @return list<string>
     */
    private function roots(Activity $waiting): array
    {
        $own = [];
        foreach ($this->firsts() as [$cause, , $elsewhere]) {
            $own += $elsewhere ? [] : [$cause->id => $cause->part];
        }
        $roots = $seen = [];
        for ($ids = [$waiting->id]; [] !== $ids; ) {
            $id = array_pop($ids);
            if (!isset($this->unplaced[$id]) || isset($seen[$id])) {
                continue;
            }
            $seen[$id] = true;
            if (isset($own[$id])) {
                $roots[$own[$id]] = true;
                continue;
            }
            $before = $this->yard->before[$id] ?? null;
            $ids = [...$ids, ...null === $before ? [] : [$before], ...$this->yard->needs[$id] ?? []];
        }

        return array_map(strval(...), array_keys($roots));
    }

    /** Something that is laid bare waits with it. */
    private function bares(Activity $cause): bool
    {
        foreach ($this->yard->chains[$cause->part] as $id) {
            if ($id === $cause->id) {
                return false;
            }
            if (isset($this->unplaced[$id]) && $this->yard->activity($id)->bares) {
                return true;
            }
        }

        return false;
    }

    /**
     * Parts that are not done when they are due. One that is not planned to its end is none where it is due after the
     * end of the plan: there is time yet.
     *
     * @return array<int|string, array{float, float|null}> part => hour at which it is due, and is done; null for never
     */
    public function missed(): array
    {
        $missed = [];
        foreach ($this->yard->dues as $part => $due) {
            $ends = array_map(
                fn(string $id): float => $this->placed[$id]->end ?? \INF,
                $this->yard->chains[$part] ?? [],
            );
            $end = max([$this->yard->now, ...$ends]);
            if ($end > $due && (is_finite($end) || $due <= $this->yard->end)) {
                $missed[$part] = [$due, is_finite($end) ? $end : null];
            }
        }

        return $missed;
    }

    /**
     * Windows that are missed though nothing makes that good, of work that is still to come. Blocks that are placed
     * whole have none.
     *
     * @return list<string> activities
     */
    public function spoilt(): array
    {
        $own = [];
        foreach ($this->placed as $id => $_) {
            $own += null === $this->yard->activity($id)->fixed ? [$id => 0] : [];
        }

        return array_values(
            array_filter(
                array_map(strval(...), array_keys($own)),
                fn(string $id): bool => null !==
                    Times::hard($this->yard->activity($id), $this->placed, $own, $this->placed[$id]->start),
            ),
        );
    }

    public function finish(): float
    {
        return $this->score->finish;
    }

    /** @return list<Placement> the work that ends last, and what each began after, back to now */
    public function criticalChain(): array
    {
        $last = null;
        foreach ($this->placed as $placed) {
            $last = null === $last || $placed->end > $last->end ? $placed : $last;
        }
        $chain = [];
        $seen = [];
        while (null !== $last && !isset($seen[$last->id])) {
            $chain[] = $last;
            $seen[$last->id] = true;
            $other = $last->why->other ?? ($this->yard->before[$last->id] ?? null);
            $last = null === $other || WhyKind::Running === $last->why->kind ? null : $this->placed[$other] ?? null;
        }

        return array_reverse($chain);
    }
}
