<?php

declare(strict_types=1);

namespace Hull\Schedule\Constraint;

use Hull\Cure\ZoneSpan;
use Hull\Cure\ZoneTimes;
use Hull\Quantity\Interval;

/** From when and until when an activity may begin, given where those before it on its part stand. */
final class Times
{
    /**
     * @param array<int|string, Placement> $placed
     *
     * @return array{float, Why} null hours are never
     */
    public static function earliest(Yard $yard, Activity $activity, array $placed): array
    {
        $from = $yard->now;
        $why = new Why(WhyKind::Nothing);
        if ($activity->notBefore > $from) {
            [$from, $why] = [$activity->notBefore, new Why(WhyKind::Delivery, $activity->because)];
        }
        $before = $yard->before[$activity->id] ?? null;
        if (null !== $before && isset($placed[$before]) && $placed[$before]->end > $from) {
            [$from, $why] = [$placed[$before]->end, new Why(WhyKind::Before, other: $before)];
        }
        foreach ($activity->lags as $lag) {
            $earlier = $placed[$lag->from] ?? null;
            if (null === $earlier) {
                continue;
            }
            // Set up already it is shorter, and its end comes sooner after its beginning.
            $ready = $lag->along
                ? self::along(
                    $earlier,
                    max(0.0, $activity->hours - ('' === $activity->share ? 0.0 : $activity->setupHours)),
                    $lag->passing,
                    false,
                )
                : $lag->passing->after($earlier->end) ?? \INF;
            if ($ready > $from + Interval::SAME) {
                [$from, $why] = [$ready, new Why(WhyKind::Waits, $lag->what, $lag->from)];
            }
        }

        return [$from, $why];
    }

    /** The hour from which an activity may follow another one that ends then; at once where nothing has to pass. */
    public static function ready(Activity $activity, string $after, float $end): float
    {
        $ready = $end;
        foreach ($activity->lags as $lag) {
            $ready = $lag->from === $after && !$lag->along ? max($ready, $lag->passing->after($end) ?? \INF) : $ready;
        }

        return $ready;
    }

    /**
     * @param array<int|string, Placement> $placed
     *
     * @return array{float, Window}|null the first window to close
     */
    public static function latest(Activity $activity, array $placed): ?array
    {
        if ([] === $activity->windows && null === $activity->notAfter) {
            return null;
        }
        $first = null;
        foreach (self::closing($activity, $placed) as $one) {
            $first = null === $first || $one[0] < $first[0] ? $one : $first;
        }

        return $first;
    }

    /**
     * Of the windows that a start misses and nothing makes good the first to close.
     *
     * @param array<int|string, Placement> $placed
     * @param array<int|string, int> $own what is placed together with it: whatever else opened one has happened, and is
     *     taken off late all the same
     *
     * @return array{float, Window}|null
     */
    public static function hard(Activity $activity, array $placed, array $own, float $start): ?array
    {
        $first = null;
        foreach (null === $activity->hardWindow() ? [] : self::closing($activity, $placed) as $one) {
            $missed = $one[1]->isHard() && isset($own[$one[1]->from]) && $start > $one[0] + Interval::GRACE;
            $first = $missed && (null === $first || $one[0] < $first[0]) ? $one : $first;
        }

        return $first;
    }

    /**
     * What has to be made good of a start: of the windows that it misses, and that can be, the one that takes longest.
     *
     * @param array<int|string, Placement> $placed
     */
    public static function due(Activity $activity, array $placed, float $start): ?Window
    {
        $due = null;
        foreach (self::missed($activity, $placed, $start) as $window) {
            $due = !$window->isHard() && $window->hours >= ($due->hours ?? 0.0) ? $window : $due;
        }

        return $due;
    }

    /**
     * All windows that a start misses.
     *
     * @param array<int|string, Placement> $placed
     *
     * @return list<Window>
     */
    public static function missed(Activity $activity, array $placed, float $start): array
    {
        $missed = [];
        foreach (self::closing($activity, $placed) as [$closes, $window]) {
            $missed = $start > $closes + Interval::GRACE ? [...$missed, $window] : $missed;
        }

        return $missed;
    }

    /**
     * @param array<int|string, Placement> $placed
     *
     * @return iterable<array{float, Window}> when each of its windows closes
     */
    private static function closing(Activity $activity, array $placed): iterable
    {
        if (null !== $activity->notAfter) {
            // A window that the record opened has no source that could be held back.
            yield [
                $activity->notAfter,
                new Window('', LagTime::hours(0.0), 'the window of what is below', false, $activity->lateHours),
            ];
        }
        foreach ($activity->windows as $window) {
            $earlier = $placed[$window->from] ?? null;
            if (null === $earlier) {
                continue;
            }
            $closes = self::closes($window, $activity, $earlier);
            foreach ($window->again as $id) {
                $made = $placed[$id] ?? null;
                $closes =
                    null !== $made && $made->late && $made->start > $closes
                        ? $window->closes->after($made->start + $made->rework) ?? \INF
                        : $closes;
            }
            if (\INF !== $closes) {
                yield [$closes, $window];
            }
        }
    }

    /** When a window closes that work opened, wherever that stands; INF for never. */
    public static function closes(Window $window, Activity $activity, Placement $earlier): float
    {
        return $window->along
            ? self::along($earlier, $activity->hours, $window->closes, true)
            : $window->closes->after($earlier->end) ?? \INF;
    }

    /**
     * A coat over another, where it is begun, half way and where it is ended.
     *
     * @param array<int|string, Placement> $placed
     *
     * @return list<ZoneTimes> empty when no coat is below
     */
    public static function zones(Activity $activity, array $placed): array
    {
        $here = $placed[$activity->id] ?? null;
        $lag =
            array_values(
                array_filter($activity->lags, static fn(Lag $l): bool => $l->along && isset($placed[$l->from])),
            )[0] ?? null;
        $window =
            array_values(
                array_filter($activity->windows, static fn(Window $w): bool => $w->along && isset($placed[$w->from])),
            )[0] ?? null;
        $below = $placed[$lag->from ?? ($window->from ?? '')] ?? null;
        if (null === $here || null === $below) {
            return [];
        }
        $zones = ZoneSpan::along($below->start, $below->end - $below->start, $here->end - $here->start);

        return ZoneTimes::of(
            $zones,
            static fn(float $laid): ?float => $lag?->passing->after($laid),
            static fn(float $laid): ?float => $window?->closes->after($laid),
            $here->start,
        );
    }

    private static function along(Placement $earlier, float $hours, LagTime $passing, bool $closes): float
    {
        $zones = ZoneSpan::along($earlier->start, $earlier->end - $earlier->start, $hours);
        $never = static fn(float $laid): ?float => null;
        $after = $passing->after(...);
        $span = ZoneSpan::of(
            $zones,
            $closes ? static fn(float $laid): float => $laid : $after,
            $closes ? $after : $never,
        );

        return ($closes ? $span->latest : $span->earliest) ?? \INF;
    }
}
