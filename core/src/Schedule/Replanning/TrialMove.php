<?php

declare(strict_types=1);

namespace Hull\Schedule\Replanning;

use Hull\Quantity\Interval;
use Hull\Quantity\Message;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Constraint\Times;
use Hull\Schedule\Constraint\Why;
use Hull\Schedule\Constraint\WhyKind;
use Hull\Schedule\Constraint\Window;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\Schedule;
use Hull\Schedule\Placing\Slots;

/** What breaks when an activity is put elsewhere and everything else stays where it is. */
final readonly class TrialMove
{
    public const SOON = 'soon';
    public const LATE = 'late';
    public const ROOM = 'room';
    /** Nearer than this is the same hour. */
    private const SAME_H = 0.02;

    /**
     * @param string $id of the activity that is harmed, the one that was moved or one that follows it
     * @param string $kind soon: what it waits for has not come; late: a window is missed; room: somebody or something
     *                     is in the way
     * @param float $until hour from which on (soon, room) or up to which (late) it would do
     */
    private function __construct(public string $id, public string $kind, public Why $why, public float $until) {}

    /**
     * @param list<string> $who was to do it there; those who do it now where nobody is named
     *
     * @return list<self> empty when it may stand there
     */
    public static function of(Schedule $schedule, string $id, float $start, array $who = []): array
    {
        $yard = $schedule->yard;
        $activity = $yard->activity($id);
        $room = self::room($schedule, $activity, $start, $who);
        $breaks = self::times($yard, $activity, $start, $schedule->placed);
        if (!self::fits($room, $start)) {
            $gone = array_values(array_filter($who, static fn(string $name): bool => !$yard->isThere($name, $start)));
            $breaks[] = new self(
                $id,
                self::ROOM,
                [] === $gone ? self::inTheWay($room) : new Why(WhyKind::Absent, implode(' and ', $gone)),
                $room->start ?? $yard->end,
            );
        }
        $placed = self::there($schedule, $id, $start, $room);
        foreach ($yard->followers($id) as $next) {
            if (isset($placed[$next])) {
                $breaks = [...$breaks, ...self::times($yard, $yard->activity($next), $placed[$next]->start, $placed)];
            }
        }

        return $breaks;
    }

    /**
     * What breaks of an activity where it stands, in a yard whose air may be another than the one it was planned in.
     *
     * @param array<int|string, Placement> $placed
     *
     * @return list<self>
     */
    public static function standing(Yard $yard, Activity $activity, array $placed): array
    {
        $here = $placed[$activity->id];
        $breaks = self::times($yard, $activity, $here->start, $placed);
        $air = $yard->airAgainst($activity, $here->who, $here->start, $here->end);

        return null === $air
            ? $breaks
            : [...$breaks, new self($activity->id, self::ROOM, new Why(WhyKind::Air, $air[0]->words()), $air[1])];
    }

    /**
     * Everything as it is, but for the one that is put elsewhere, whether it may stand there or not.
     *
     * @return array<int|string, Placement>
     */
    public static function placed(Schedule $schedule, string $id, float $start): array
    {
        return self::there($schedule, $id, $start, self::room($schedule, $schedule->yard->activity($id), $start, []));
    }

    /** @return array<int|string, Placement> */
    private static function there(Schedule $schedule, string $id, float $start, ?Placement $room): array
    {
        $was = $schedule->placed[$id];
        $end = null !== $room && self::fits($room, $start) ? $room->end : $start + ($was->end - $was->start);

        return [
            ...$schedule->placed,
            $id => new Placement(
                id: $id,
                start: $start,
                end: $end,
                who: $was->who,
                why: $was->why,
                dry: max($end, $was->dry + $start - $was->start),
                rework: $was->rework,
                late: $was->late,
            ),
        ];
    }

    /** What is in the way at the hour itself, not what is in the end. */
    private static function inTheWay(?Placement $room): Why
    {
        foreach ($room->met ?? [] as [$why, $from, $to]) {
            if ($to > $from + Interval::SAME && WhyKind::Nothing !== $why->kind) {
                return $why;
            }
        }

        return $room->why ?? new Why(WhyKind::Hours);
    }

    private static function fits(?Placement $room, float $start): bool
    {
        return null !== $room && $room->start <= $start + self::SAME_H;
    }

    /** @param list<string> $who */
    private static function room(Schedule $schedule, Activity $activity, float $start, array $who): ?Placement
    {
        $slots = new Slots($schedule->yard);
        foreach ($schedule->placed as $other => $placed) {
            if ($other !== $activity->id) {
                $slots->take($schedule->yard->activity($other), $placed);
            }
        }
        $was = $schedule->placed[$activity->id];

        return $slots->room(
            $activity,
            $start,
            new Why(WhyKind::Nothing),
            $was->rework,
            [] === $who ? $was->who : $who,
            $was->late,
        );
    }

    /**
     * @param array<int|string, Placement> $placed
     *
     * @return list<self>
     */
    private static function times(Yard $yard, Activity $activity, float $start, array $placed): array
    {
        $breaks = [];
        [$earliest, $why] = Times::earliest($yard, $activity, $placed);
        if ($start < $earliest - self::SAME_H) {
            $breaks[] = new self(
                $activity->id,
                self::SOON,
                $start < $yard->now - self::SAME_H ? new Why(WhyKind::Past) : $why,
                $earliest,
            );
        }
        $latest = $placed[$activity->id]->late ?? false ? null : Times::latest($activity, $placed);
        if (null !== $latest && $start > $latest[0] + self::SAME_H) {
            $breaks[] = new self(
                $activity->id,
                self::LATE,
                new Why(WhyKind::Window, $latest[1]->what, '' === $latest[1]->from ? null : $latest[1]->from),
                $latest[0],
            );
        }

        return $breaks;
    }

    public function words(Yard $yard): string|Message
    {
        $other = null === $this->why->other ? '' : $yard->called($this->why->other);

        return match ($this->kind) {
            self::LATE => Message::of('misses {what}', what: Message::sentence($this->why->what)),
            self::SOON => Message::of('too soon: {why}', why: Message::sentence($this->why->words($other))),
            default => match ($this->why->kind) {
                WhyKind::Hours => 'no room in the working hours',
                WhyKind::Air => $this->why->what,
                WhyKind::Nothing => 'no room at that hour',
                default => Message::of('no room: {why}', why: Message::sentence($this->why->words($other))),
            },
        };
    }
}
