<?php

declare(strict_types=1);

namespace Hull\Schedule\Search;

use Hull\Input\Keys;
use Hull\Quantity\Interval;
use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Blocks;
use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\Aim;
use Hull\Schedule\Placing\Placer;
use Hull\Schedule\Placing\Schedule;
use Random\Randomizer;

/**
 * Packs a large schedule more densely: what two or three parts have to do from some hour on is taken out and put in
 * again in another order, beside all the rest.
 *
 * When all is over says nothing of most such changes, since work ends with somebody's day. So it goes by the hands that
 * are at work late: an hour of work counts for more the later it is, and twice after the day that is to be the last.
 * What makes that worse is accepted at first, and less and less of it (simulated annealing).
 */
final class Repacking
{
    /** How much more work counts the later it is: the power of its share of all the time there is. */
    private const STEEP = 10.0;
    /** A day is worth no less than that here, hours of hands. */
    private const LEAST_DAY = 1.0;
    /** What is accepted at first, as a share of what everybody works in a day; and in the end. */
    private const WARM = 0.003;
    private const COLD = 0.001;
    /** With so many others that hang together with them it is no small change any more. */
    private const MOST_ACTIVITIES = 90;
    private const DAY_H = 24.0;
    private const LEAST_CREW_H = 1.0;
    /** Drawn by chance is nothing smaller. */
    private const LEAST_SHARE = 1e-6;
    /** The last day is over so long before the end, hours. */
    private const LAST_H = 12.0;

    /** So many changes pull something forward that stands in others' hours; the others put much in again. */
    private const CHAINS = 0.99;

    private Placer $placer;
    private EjectionChain $chain;
    /** The end of the day that is to be the last. */
    private float $last;
    /** From now until then, hours. */
    private float $length;
    /** What everybody works in a day, hours. */
    private readonly float $crew;
    /** What an hour of making good counts for, hours of hands: what it is worth in days. */
    private readonly float $good;
    private readonly Yard $yard;
    /** @var array<int|string, list<non-empty-list<Activity>>> by part */
    private readonly array $blocks;
    /** @var array<int|string, float> activity => hours from its beginning to the end of its part, alone */
    private readonly array $tails;

    private readonly RepackingMoves $moves;
    private readonly Heads $heads;
    /** @var array<int|string, float> activity => what it counts for at the least, wherever it is put */
    private array $least;

    /** @param Schedule $best from which it goes on: in it everything has room, and reasons need not be told */
    public function __construct(
        private readonly Trials $trials,
        private readonly Randomizer $random,
        private Schedule $best,
    ) {
        [$this->yard, $this->blocks] = [$trials->yard, $trials->blocks];
        $this->tails = $trials->aim->tails ?? Tails::of($this->yard);
        $this->moves = new RepackingMoves($this->yard, $this->blocks, $this->tails, $random);
        $this->heads = $trials->heads ?? Heads::of($this->yard);
        $week = array_map(
            fn(Person $p): float => $p->work->hours($this->yard->now, $this->yard->now + 7.0 * self::DAY_H),
            $this->yard->people,
        );
        // Who is away for the first week works all the same.
        $this->crew = max(self::LEAST_CREW_H, array_sum($week) / 7.0);
        $this->good = ($this->crew * $this->yard->objective->good) / max(self::LEAST_DAY, $this->yard->objective->day);
        $this->aimFrom($this->best->placed, $this->best->finish());
    }

    /** @param array<int|string, Placement> $placed */
    private function aimFrom(array $placed, float $finish): void
    {
        $this->last = $this->dayBefore($finish);
        $this->length = max(1.0, $this->last - $this->yard->now);
        $this->least = [];
        foreach ($this->yard->activities as $id => $activity) {
            $soonest = ($this->heads->from[$id] ?? $this->yard->now) + Heads::least($activity);
            $this->least[$id] = $this->weight($activity, $soonest, 0.0);
        }
        $this->placer = new Placer($this->yard, aim: new Aim($this->last, $this->tails), draft: true);
        $this->placer->seatAll($placed);
        $this->chain = new EjectionChain($this->yard, $this->placer, $this->last, $this->random);
    }

    /** The last hour of work that is not of the same day. */
    private function dayBefore(float $hour): float
    {
        $last = $this->yard->now;
        foreach ($this->yard->people as $person) {
            foreach ($person->work->spans as $span) {
                $last = $span->to < $hour - self::LAST_H ? max($last, $span->to) : $last;
            }
        }

        return $last;
    }

    /** So much is put in again as it takes to place everything so often; the best of it is kept. */
    public function over(int $times): void
    {
        // What is over in a day has no evening before.
        $most = $this->last > $this->yard->now ? $times * count($this->yard->activities) : 0;
        for ($done = 0; $done < $most && !$this->trials->isOver(); $done += $count) {
            $heat = $this->crew * (self::COLD + (self::WARM - self::COLD) * (1.0 - $done / $most));
            $count = $this->moves->share() < self::CHAINS ? $this->pulled($heat) : $this->changed($heat);
            $this->trials->spend($count);
        }
        if ($this->trials->isBest($this->best)) {
            $settled = (new Settling($this->yard, $this->blocks, $this->tails))->of($this->best);
            $this->trials->kept($settled, PriorityList::in($settled, $this->blocks));
        }
    }

    /** @return int how many activities could have been put in again meanwhile */
    private function pulled(float $heat): int
    {
        $isSooner = $this->chain->pull($this->moves->pulled($this->placer->placed(), $this->last));
        if ($isSooner) {
            $was = $this->chain->was();
            $now = array_intersect_key($this->placer->placed(), $was);
            $burden = $this->burden($now) - $this->burden($was);
            if (
                $burden > -$heat * log(max(self::LEAST_SHARE, $this->moves->share())) ||
                $this->late($now) > $this->late($was) + Interval::SAME ||
                [] !== $this->placer->noLongerSetUp()
            ) {
                $this->chain->undo();
            } elseif ($burden < 0.0) {
                $this->keepBest();
            }
        }

        return $this->chain->spent();
    }

    /** @return int how many activities were put in again */
    private function changed(float $heat): int
    {
        $chosen = $this->moves->chosen($this->placer->placed(), $this->last);
        $out = $this->moves->hangingOn($chosen);
        if ([] === $out || count($out) > self::MOST_ACTIVITIES) {
            return 1;
        }
        $was = array_intersect_key($this->placer->placed(), $out);
        $this->placer->takeOut(Keys::of($out));
        while ([] !== ($more = array_diff_key($this->moves->hangingOn($this->placer->noLongerSetUp()), $out))) {
            $was += array_intersect_key($this->placer->placed(), $more);
            $this->placer->takeOut(Keys::of($more));
            $out += $more;
        }
        $before = $this->burden($was);
        $most = $before - $heat * log(max(self::LEAST_SHARE, $this->moves->share()));
        $now = $this->putIn($this->moves->order($out, $chosen), $most);
        if (null === $now || $this->late($now) > $this->late($was) + Interval::SAME) {
            $this->placer->takeOut(Keys::of(array_intersect_key($this->placer->placed(), $out)));
            $this->placer->seatAll($was);
        } elseif ($this->burden($now) < $before) {
            $this->keepBest();
        }

        return count($out);
    }

    /**
     * One block after the other, as long as they are no more of a burden than that; what is still to come counts for
     * what it does at the least.
     *
     * @param list<non-empty-list<Activity>> $blocks
     *
     * @return array<int|string, Placement>|null null where one has no room, or they are too much
     */
    private function putIn(array $blocks, float $most): ?array
    {
        $ids = array_merge([], ...array_map(Blocks::ids(...), $blocks));
        $burden = array_sum(array_intersect_key($this->least, array_flip($ids)));
        foreach ($blocks as $block) {
            $this->placer->add($block);
            foreach ($block as $activity) {
                $there = $this->placer->placed()[$activity->id] ?? null;
                $burden +=
                    null === $there
                        ? \INF
                        : $this->weight($activity, $there->end, $there->rework) - $this->least[$activity->id];
            }
            if ($burden > $most) {
                return null;
            }
        }

        return array_intersect_key($this->placer->placed(), array_flip($ids));
    }

    private function keepBest(): void
    {
        $finish = $this->yard->now;
        foreach ($this->placer->placed() as $placed) {
            $finish = max($finish, $placed->end);
        }
        if ($finish < $this->best->finish() - Interval::SAME) {
            $draft = new Schedule($this->yard, $this->placer->placed(), []);
            if ($draft->score->isBetterThan($this->best->score)) {
                $this->best = $draft;
                if ($finish <= $this->last + Interval::SAME) {
                    $this->aimFrom($draft->placed, $finish);
                }
            }
        }
    }

    /**
     * What hands have to do late, and what is made good.
     *
     * @param array<int|string, Placement> $placed
     */
    private function burden(array $placed): float
    {
        $burden = 0.0;
        foreach ($placed as $id => $there) {
            $burden += $this->weight($this->yard->activity($id), $there->end, $there->rework);
        }

        return $burden;
    }

    /** What one activity counts for that is over at an hour, so many hours made good before. */
    private function weight(Activity $activity, float $end, float $rework): float
    {
        $hours = self::handsBy($activity, $end - $this->yard->now, $rework);
        $after = $activity->people * min($activity->hours, max(0.0, $end - $this->last));

        return $hours / $this->length ** self::STEEP + $after + $this->good * $rework;
    }

    /** What a schedule is to be packed from, as a number to be held against that of others of the same yard. */
    public static function burdenOf(Schedule $schedule): float
    {
        $burden = 0.0;
        foreach ($schedule->placed as $id => $there) {
            $activity = $schedule->yard->activity($id);
            $burden += self::handsBy($activity, $there->end - $schedule->yard->now, $there->rework);
        }

        return $burden;
    }

    /** Hours of hands that count for more the later they are over. */
    private static function handsBy(Activity $activity, float $after, float $rework): float
    {
        return $activity->people * ($activity->hours + $rework) * max(0.0, $after) ** self::STEEP;
    }

    /**
     * @param array<int|string, Placement> $placed
     *
     * @return float hours past due dates, of all parts together
     */
    private function late(array $placed): float
    {
        $ends = [];
        foreach ([] === $this->yard->dues ? [] : $placed as $id => $there) {
            $part = $this->yard->activity($id)->part;
            $ends[$part] = max($ends[$part] ?? 0.0, $there->end);
        }
        $late = 0.0;
        foreach ($ends as $part => $end) {
            $late += max(0.0, $end - ($this->yard->dues[$part] ?? \INF));
        }

        return $late;
    }
}
