<?php

declare(strict_types=1);

namespace Hull\Schedule;

/** An hour before which no schedule of a yard can end: the longest part alone, or all the hands-on hours over everybody's hours. */
final class LowerBound
{
    public static function of(Yard $yard): float
    {
        $bound = self::work($yard);
        foreach (array_keys($yard->chains) as $part) {
            $bound = max($bound, self::alone($yard, $part));
        }

        return $bound;
    }

    /** The earliest end of one part, with the yard to itself and its windows left aside. */
    private static function alone(Yard $yard, string $part): float
    {
        $placed = [];
        $end = $yard->now;
        $own = array_map(static fn (Person $p): Slots => new Slots(new Yard($yard->now, $yard->end, [], [$p])), $yard->people);
        foreach ($yard->chains[$part] as $id) {
            $activity = $yard->activity($id);
            if (null !== $activity->fixed) {
                $placed[$id] = new Placed($id, $activity->fixed[0], $activity->fixed[1], [], new Why(WhyKind::Running), $activity->fixed[1]);
                $end = max($end, $activity->fixed[1]);
                continue;
            }
            [$from] = Times::earliest($yard, $activity, $placed);
            $least = self::withSetUp($activity);
            $first = null;
            foreach (is_finite($from) ? $own : [] as $slots) {
                $room = $slots->room($least, $from, new Why(WhyKind::Nothing));
                $first = null !== $room && (null === $first || $room->end < $first->end) ? $room : $first;
            }
            if (null === $first) {
                return $end;
            }
            $placed[$id] = new Placed($id, $first->end - $least->hours, $first->end, [], $first->why, $first->end);
            $end = $first->end;
        }

        return $end;
    }

    /** As if alike work had set it up, and one person were enough. */
    private static function withSetUp(Activity $a): Activity
    {
        return new Activity($a->id, $a->part, $a->name, max(0.0, $a->hours - ('' === $a->share ? 0.0 : $a->setupHours)), $a->place, $a->whole, $a->noisy, wet: $a->wet, dry: $a->dry);
    }

    private static function work(Yard $yard): float
    {
        $left = 0.0;
        foreach ($yard->activities as $a) {
            $left += null === $a->fixed ? $a->people * max(0.0, $a->hours - ('' === $a->share ? 0.0 : $a->setupHours)) : 0.0;
        }
        $edges = [$yard->now];
        foreach ($yard->people as $person) {
            foreach ($person->work as [$from, $to]) {
                $edges = [...$edges, $from, $to];
            }
        }
        sort($edges);
        foreach ($edges as $i => $from) {
            $to = $edges[$i + 1] ?? $from;
            if ($from < $yard->now || $to <= $from) {
                continue;
            }
            $here = count(array_filter($yard->people, static fn (Person $p): bool => $p->between($from, $to) > 0.0));
            if ($here > 0 && $left <= $here * ($to - $from)) {
                return $from + $left / $here;
            }
            $left -= $here * ($to - $from);
        }

        return $yard->end;
    }
}
