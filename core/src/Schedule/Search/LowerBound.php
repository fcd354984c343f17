<?php

declare(strict_types=1);

namespace Hull\Schedule\Search;

use Hull\Quantity\Interval;
use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Constraint\Yard;

/**
 * An hour before which no schedule of a yard can end: the longest chain alone, over all parts; all the hands-on hours
 * over everybody's hours; and for each place and kind of gear what has to go through it, one film or so many pieces or
 * square metres at a time, in the hours in which anybody works.
 */
final class LowerBound
{
    /** @param Heads|null $heads of the same yard, where they are known */
    public static function of(Yard $yard, ?Heads $heads = null): float
    {
        $heads ??= Heads::of($yard);
        $bound = max(self::work($yard), $heads->end);
        $worked = self::worked($yard);
        foreach (self::loads($yard, $heads->from) as $load) {
            $bound = max($bound, self::through($load, $worked));
        }

        return $bound;
    }

    /**
     * What has to go through each place and kind of gear.
     *
     * @param array<int|string, float> $heads hour before which none of them can begin
     *
     * @return array<int|string, list<array{head: float, hours: float}>> hours of the whole of it
     */
    private static function loads(Yard $yard, array $heads): array
    {
        $loads = [];
        foreach ($yard->activities as $id => $a) {
            if (!isset($heads[$id]) || null !== $a->fixed) {
                continue;
            }
            $hours = Heads::least($a);
            foreach ($a->gear as $gear) {
                $loads['gear ' . $gear][] = [
                    'head' => $heads[$id],
                    'hours' => $hours / max(1, $yard->gear[$gear] ?? 1),
                ];
            }
            if ($a->isCoat()) {
                $loads['films in ' . $a->place][] = ['head' => $heads[$id], 'hours' => $hours];
            }
            if (($yard->floors[$a->place] ?? 0.0) > 0.0) {
                $loads['floor of ' . $a->place][] = [
                    'head' => $heads[$id],
                    'hours' => $hours * min(1.0, $a->floorM2 / $yard->floors[$a->place]),
                ];
            }
        }

        return $loads;
    }

    /**
     * @param list<array{head: float, hours: float}> $load
     * @param list<Interval> $worked
     */
    private static function through(array $load, array $worked): float
    {
        usort($load, static fn(array $a, array $b): int => $b['head'] <=> $a['head']);
        $bound = -\INF;
        $hours = 0.0;
        foreach ($load as ['head' => $head, 'hours' => $takes]) {
            $hours += $takes;
            $bound = max($bound, self::after($worked, $head, $hours));
        }

        return $bound;
    }

    /** @param list<Interval> $worked */
    private static function after(array $worked, float $from, float $hours): float
    {
        $end = $from;
        foreach ($worked as $span) {
            $open = max($span->from, $from);
            if ($span->to <= $open || $hours <= Interval::SAME) {
                continue;
            }
            $end = min($span->to, $open + $hours);
            $hours -= $end - $open;
        }

        return $end;
    }

    /** @return list<Interval> hours in which anybody works, ascending, apart */
    private static function worked(Yard $yard): array
    {
        $spans = array_merge([], ...array_map(static fn(Person $p): array => $p->work->spans, $yard->people));
        $worked = array_map(
            static fn(Interval $s): Interval => new Interval(max($s->from, $yard->now), $s->to),
            Interval::joined($spans),
        );

        return array_values(array_filter($worked, static fn(Interval $s): bool => $s->to > $s->from));
    }

    private static function work(Yard $yard): float
    {
        $left = 0.0;
        foreach ($yard->activities as $a) {
            $left += null === $a->fixed ? $a->people * Heads::least($a) : 0.0;
        }
        $edges = [$yard->now];
        foreach ($yard->people as $person) {
            foreach ($person->work->spans as $span) {
                $edges = [...$edges, $span->from, $span->to];
            }
        }
        sort($edges);
        foreach ($edges as $i => $from) {
            $to = $edges[$i + 1] ?? $from;
            if ($from < $yard->now || $to <= $from) {
                continue;
            }
            $here = count(array_filter($yard->people, static fn(Person $p): bool => $p->work->hours($from, $to) > 0.0));
            if ($here > 0 && $left <= $here * ($to - $from)) {
                return $from + $left / $here;
            }
            $left -= $here * ($to - $from);
        }

        return $yard->end;
    }
}
