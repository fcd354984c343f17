<?php

declare(strict_types=1);

namespace Hull\Schedule\Placing;

use Hull\Climate\GateReason;
use Hull\Quantity\Interval;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Finished;
use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Constraint\Why;
use Hull\Schedule\Constraint\WhyKind;
use Hull\Schedule\Constraint\Yard;

/** People, places and gear as far as they are taken; finds where the next activity has room. */
final class Slots
{
    private const MOST_TRIES = 400;

    /** @var array<int|string, Floor> */
    private array $floors = [];

    /** @var array<int|string, ChemicalsAbout> by place */
    private array $about = [];

    /** @var array<int|string, KeptClear> by place */
    private array $clear = [];

    /** @var array<int|string, array<int|string, Interval>> kind of work => id => from start to end */
    private array $alike = [];

    private readonly PeopleTime $people;
    private readonly GearUse $gear;

    /**
     * @param bool $draft what an activity waits for is looked at in the order that is quickest, so that which of it is
     *     told is chance; when it has room is the same
     */
    public function __construct(
        private readonly Yard $yard,
        private readonly Decisions $decided = new Decisions(),
        private readonly bool $draft = false,
    ) {
        $this->people = new PeopleTime($yard, $decided);
        $this->gear = new GearUse($yard->gear);
        foreach ($yard->finished as $done) {
            $this->mind($done);
        }
    }

    /** Nobody and no gear is taken by what is over; what is beside it minds it still. */
    private function mind(Finished $done): void
    {
        $work = $done->work;
        $this->floor($work->place)->take($work, $done->start, $done->end, min($done->dry, $this->yard->end));
        $this->clear($work->place)->take($work, [], $done->start, $done->end);
        if (null !== $work->brought) {
            $this->about($work->place)->take($work, $done->start, $done->end);
        }
    }

    public function take(Activity $activity, Placement $placed): void
    {
        $this->people->take($placed->who, $placed->start, $placed->end, $activity->id);
        $this->floor($activity->place)->take($activity, $placed->start, $placed->end, $placed->dry, $placed->rework);
        $this->gear->take($activity, $placed->start, $placed->end);
        $this->clear($activity->place)->take($activity, $placed->who, $placed->start, $placed->end);
        if (null !== $activity->brought) {
            $this->about($activity->place)->take($activity, $placed->start, $placed->end);
        }
        if ('' !== $activity->share) {
            $this->alike[$activity->share][$activity->id] = new Interval($placed->start, $placed->end);
        }
    }

    public function leave(Activity $activity): void
    {
        $this->people->leave($activity->id);
        $this->floor($activity->place)->leave($activity->id);
        $this->gear->leave($activity);
        $this->clear($activity->place)->leave($activity);
        if (null !== $activity->brought) {
            $this->about($activity->place)->leave($activity);
        }
        unset($this->alike[$activity->share][$activity->id]);
    }

    /**
     * What any of them is taken for between two hours.
     *
     * @param list<string> $who
     *
     * @return list<string> activities
     */
    public function between(array $who, float $start, float $end): array
    {
        return $this->people->between($who, $start, $end);
    }

    /**
     * The earliest room for an activity from an hour on; null when there is none before the end.
     *
     * @param float $extra hours of abrading before it
     * @param list<string> $prefer who is taken where others could begin at the same time
     * @param string|null $by who has to be among them
     * @param bool $anew it is set up for itself, whatever comes before it
     */
    public function room(
        Activity $activity,
        float $from,
        Why $why,
        float $extra = 0.0,
        array $prefer = [],
        bool $late = false,
        ?string $by = null,
        bool $anew = false,
    ): ?Placement {
        $hours = $activity->hours + $extra;
        $known = $knownLess = [];
        $met = [[$why, $from, $from]];
        for ($tries = 0; $tries < self::MOST_TRIES && $from < $this->yard->end; ++$tries) {
            // Set up already by alike work before it, it asks for less.
            $less = $hours - ($anew ? 0.0 : min($activity->setupHours, $hours));
            $next = $this->draft ? $this->shut($activity, $from, $from + $less, $extra) : null;
            if (null !== $next) {
                [$from, $why] = [max($next[0], $from + Interval::GRACE), $next[1]];
                continue;
            }
            $alike = isset($this->decided->setUp[$activity->id]) || $this->mayBeSetUp($activity, $from);
            $fit =
                $less < $hours && $alike
                    ? $this->people->earliest($activity, $less, $from, $prefer, $by, $knownLess)
                    : null;
            $setUp = null !== $fit && $this->isSetUp($activity, $fit[0]);
            if (!$setUp) {
                $fit = $this->people->earliest($activity, $hours, $from, $prefer, $by, $known);
                $soon =
                    $less < $hours && $alike
                        ? $this->afterAlike($activity, $less, $from, $fit[0] ?? \INF, $prefer, $by)
                        : null;
                if (null !== $soon) {
                    // What keeps it from being begun where it would set up for itself.
                    $soon[3] ??= $fit[3] ?? null;
                    [$fit, $setUp] = [$soon, true];
                }
            }
            if (null === $fit) {
                return null;
            }
            if (!$setUp && $less < $hours && $this->isSetUp($activity, $fit[0])) {
                [$setUp, $cause] = [true, $fit[3]];
                $fit = $this->people->earliest($activity, $less, $fit[0], $fit[2], $by, $knownLess) ?? $fit;
                $fit[3] = $cause;
            }
            [$start, $end, $who, $cause] = $fit;
            $cause = $this->people->isStayedAway($who, $from, $start) ? new Why(WhyKind::Visit) : $cause;
            if ($start > $from + Interval::SAME && null !== $cause) {
                $met[] = [$cause, $from, $start];
                $why = self::says($why, $cause) ? $why : $cause;
            }
            $dry = $this->dry($activity, $end);
            $isLookedAt = $this->draft && $start === $from && $end === $from + $less;
            $next = $this->against(
                activity: $activity,
                who: $who,
                start: $start,
                end: $end,
                dry: $dry,
                rework: $extra,
                isLookedAt: $isLookedAt,
            );
            if (null === $next) {
                return new Placement(
                    id: $activity->id,
                    start: $start,
                    end: $end,
                    who: $who,
                    why: $why,
                    dry: $dry ?? $this->yard->end,
                    rework: $extra,
                    setUp: $setUp,
                    late: $late,
                    met: $met,
                );
            }
            [$from, $why] = [max($next[0], $start + Interval::GRACE), $next[1]];
            $met[] = [$why, $start, $from];
        }

        return null;
    }

    /**
     * Right after alike work, which leaves it set up, where it takes too long to be begun before that otherwise.
     *
     * @param float $hours without setting up
     * @param float $before it has room for all of it then
     * @param list<string> $prefer
     *
     * @return array{float, float, list<string>, Why|null}|null start, end, who, what it waited for
     */
    private function afterAlike(
        Activity $activity,
        float $hours,
        float $from,
        float $before,
        array $prefer,
        ?string $by,
    ): ?array {
        $ends = [];
        foreach ($this->alike[$activity->share] ?? [] as $alike) {
            if ($alike->to > $from && $alike->to < $before - Interval::SAME) {
                $ends[] = $alike->to;
            }
        }
        sort($ends);
        $known = [];
        foreach ($ends as $end) {
            $fit = $this->people->earliest($activity, $hours, $end, $prefer, $by, $known);
            if (null !== $fit && $fit[0] < $before - Interval::SAME && $this->isSetUp($activity, $fit[0])) {
                return $fit;
            }
        }

        return null;
    }

    /** What it waits for says more than that the hours it is over at are not worked. */
    private static function says(Why $why, Why $cause): bool
    {
        return in_array($cause->kind, [WhyKind::Hours, WhyKind::Quiet, WhyKind::Dark], true) &&
            in_array(
                $why->kind,
                [WhyKind::Waits, WhyKind::Delivery, WhyKind::Air, WhyKind::Window, WhyKind::Place, WhyKind::Gear],
                true,
            );
    }

    private function dry(Activity $activity, float $end): ?float
    {
        return null === $activity->wet ? $end : $activity->wet->dry->after($end);
    }

    /**
     * @param list<string> $who
     * @param bool $isLookedAt it is known not to be shut then
     *
     * @return array{float, Why}|null
     */
    private function against(
        Activity $activity,
        array $who,
        float $start,
        float $end,
        ?float $dry,
        float $rework,
        bool $isLookedAt,
    ): ?array {
        $floor =
            $isLookedAt && $dry === $end
                ? null
                : $this->floorAgainst($activity, $start, $end, $dry ?? $this->yard->end, $rework);
        if (null !== $floor) {
            return $floor;
        }
        $meets = $this->clear($activity->place)->against($activity, $who, $start, $end);
        if (null === $meets && true === $activity->brought?->brings()) {
            $meets = $this->about($activity->place)->against($activity, $start, $end);
        }
        if (null !== $meets) {
            return [$meets[0], new Why(WhyKind::Place, $meets[2], $meets[1])];
        }
        $gear = $this->gear->against($activity, $start, $end);
        if (null !== $gear) {
            return $gear;
        }
        $attended = $this->yard->unattended($activity, $start, $end);
        if (null !== $attended) {
            return [$attended, new Why(WhyKind::Attended)];
        }

        return $isLookedAt && !$activity->mayBeLeft()
            ? null
            : self::air($this->yard->airAgainst($activity, $who, $start, $end));
    }

    /**
     * What is in the way of an activity whoever does it, and however much longer than that it takes.
     *
     * @return array{float, Why}|null
     */
    private function shut(Activity $activity, float $start, float $end, float $rework): ?array
    {
        return self::air($activity->mayBeLeft() ? null : $activity->airAgainst($start, $end)) ??
            $this->floorAgainst($activity, $start, $end, $end, $rework);
    }

    /**
     * @param array{GateReason, float}|null $closed
     *
     * @return array{float, Why}|null
     */
    private static function air(?array $closed): ?array
    {
        return null === $closed ? null : [$closed[1], new Why(WhyKind::Air, $closed[0]->words())];
    }

    /** @return array{float, Why}|null */
    private function floorAgainst(Activity $activity, float $start, float $end, float $dry, float $rework): ?array
    {
        $floor = $this->floor($activity->place)->against($activity, $start, $end, $dry, $rework);

        return null === $floor ? null : [$floor[0], new Why(WhyKind::Place, $floor[2], $floor[1])];
    }

    /** Whether alike work leaves it set up at some hour from one on. */
    private function mayBeSetUp(Activity $activity, float $from): bool
    {
        foreach ('' === $activity->share ? [] : $this->alike[$activity->share] ?? [] as $alike) {
            if (max($alike->to, $from) - $alike->from <= $activity->shareFor + Interval::SAME) {
                return true;
            }
        }

        return false;
    }

    /** Whether alike work before it leaves it set up, or is going to. */
    public function isSetUp(Activity $activity, float $start): bool
    {
        return isset($this->decided->setUp[$activity->id]) || $this->isSetUpBy($activity, $start);
    }

    /** Whether alike work before it leaves it set up. */
    public function isSetUpBy(Activity $activity, float $start): bool
    {
        foreach ('' === $activity->share ? [] : $this->alike[$activity->share] ?? [] as $alike) {
            if (
                $alike->to <= $start + Interval::SAME &&
                $start - $alike->from <= $activity->shareFor + Interval::SAME
            ) {
                return true;
            }
        }

        return false;
    }

    private function clear(string $place): KeptClear
    {
        return $this->clear[$place] ??= new KeptClear();
    }

    private function about(string $place): ChemicalsAbout
    {
        return $this->about[$place] ??= new ChemicalsAbout();
    }

    private function floor(string $place): Floor
    {
        return $this->floors[$place] ??= new Floor($this->yard->floors[$place] ?? null);
    }
}
