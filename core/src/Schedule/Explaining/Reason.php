<?php

declare(strict_types=1);

namespace Hull\Schedule\Explaining;

use Hull\Quantity\Message;
use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Constraint\Why;
use Hull\Schedule\Constraint\WhyKind;
use Hull\Schedule\Placing\Schedule;

/**
 * Why an activity begins when it does, in words. What was in its way last decides the hour; of a long wait that may be
 * the least of it, and what else took up much of its working hours is said as well.
 */
final readonly class Reason
{
    /** Shorter waits are told by what ends them alone, hours. */
    private const LONG_H = 24.0;
    /** Of the working hours of a wait, what counts as much of them. */
    private const MUCH = 0.25;
    /** No obstacle but what follows from others, from the plan before, or that a day is too short for it. */
    private const NONE = [
        WhyKind::Nothing,
        WhyKind::Before,
        WhyKind::Past,
        WhyKind::Running,
        WhyKind::Kept,
        WhyKind::Hours,
    ];

    private function __construct(private Schedule $schedule, private Placement $placed) {}

    public static function of(Schedule $schedule, Placement $placed): string|Message
    {
        $reason = new self($schedule, $placed);
        $last = self::words($schedule, $placed->why);
        $most = $reason->most();

        return null === $most
            ? $last
            : Message::of(
                '{last}; for much of the wait: {most}',
                last: Message::sentence($last),
                most: Message::sentence(WhyKind::Air === $most->kind ? $most->what : self::words($schedule, $most)),
            );
    }

    /** A reason by itself, with the name of what it speaks of. */
    public static function words(Schedule $schedule, Why $why): string|Message
    {
        return $why->words(null === $why->other ? '' : $schedule->yard->called($why->other));
    }

    /** What but the last obstacle took up most working hours since what comes before it was done, if it was much. */
    private function most(): ?Why
    {
        $met = $this->placed->met;
        $before = $this->schedule->yard->before[$this->placed->id] ?? null;
        $since = max(
            $this->schedule->yard->now,
            null === $before ? -\INF : $this->schedule->placed[$before]->end ?? -\INF,
        );
        if ([] === $met || $this->placed->start - $since < self::LONG_H) {
            return null;
        }
        $met[0][1] = min($since, $met[0][2]);
        $hours = $whys = [];
        foreach ($met as [$why, $from, $to]) {
            $same = self::same($why);
            $hours[$same] = ($hours[$same] ?? 0.0) + $this->worked($from, $to);
            $whys[$same] = $why;
        }
        $much = self::MUCH * array_sum($hours);
        arsort($hours);
        foreach ($hours as $same => $spent) {
            $told = $same === self::same($this->placed->why) || in_array($whys[$same]->kind, self::NONE, true);
            if (!$told && $spent > $much) {
                return $whys[$same];
            }
        }

        return null;
    }

    private static function same(Why $why): string
    {
        return implode('/', [$why->kind->value, (string) $why->what, $why->other ?? '']);
    }

    /** Hours that anybody is at work between two hours, of everybody together. */
    private function worked(float $from, float $to): float
    {
        $hours = 0.0;
        foreach ($this->schedule->yard->people as $person) {
            $hours += $person->work->hours($from, $to);
        }

        return $hours;
    }
}
