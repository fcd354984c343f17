<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule\Exact;

use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Yard;

/** Every way in which each activity of a yard in whole hours can be done, one by one. */
final class Options
{
    /**
     * @param float $latest nothing ends after this hour
     *
     * @return array<int|string, list<Option>> by activity
     */
    public static function of(Yard $yard, float $latest): array
    {
        $options = [];
        foreach ($yard->activities as $id => $activity) {
            $options[$id] = [];
            $good = array_unique([0.0, ...array_column($activity->windows, 'hours')]);
            foreach (self::teams($yard->people, $activity->people) as $team) {
                for ($start = max($yard->now, $activity->notBefore); $start < $latest; ++$start) {
                    foreach ($good as $rework) {
                        foreach ('' === $activity->share ? [false] : [false, true] as $setUp) {
                            $option = self::option($activity, $team, $start, $rework, $setUp);
                            $options[$id] =
                                null === $option || $option->end > $latest
                                    ? $options[$id]
                                    : [...$options[$id], $option];
                        }
                    }
                }
            }
        }

        return $options;
    }

    /**
     * @param list<Person> $people
     *
     * @return list<list<Person>>
     */
    private static function teams(array $people, int $count): array
    {
        return 1 === $count
            ? array_map(static fn(Person $p): array => [$p], $people)
            : (2 === $count && 2 === count($people)
                ? [$people]
                : []);
    }

    /** @param list<Person> $team */
    private static function option(Activity $a, array $team, float $start, float $rework, bool $setUp): ?Option
    {
        $hours = $a->hours + $rework - ($setUp ? $a->setupHours : 0.0);
        $left = $hours;
        $end = null;
        for ($h = $start; $left > 0.0 && $h < $start + 24.0 * 8; ++$h) {
            $there = array_reduce(
                $team,
                static fn(bool $all, Person $p): bool => $all && self::works($p, $a->noisy, $h),
                true,
            );
            if (!$there && ($h === $start || $a->whole)) {
                return null;
            }
            // What may be left minds the weather of the hours in which somebody is at it.
            if ($there && !$a->whole && !$a->forCoat && null !== $a->airAgainst($h, $h + 1.0)) {
                return null;
            }
            $left -= $there ? 1.0 : 0.0;
            $end = $h + 1.0;
        }
        if (null === $end || $left > 0.0) {
            return null;
        }
        if (($a->whole || $a->forCoat) && null !== $a->airAgainst($start, $end)) {
            return null;
        }

        return new Option(
            activity: $a,
            start: $start,
            end: $end,
            who: array_column($team, 'name'),
            dry: null === $a->wet ? $end : $a->wet->dry->after($end) ?? \INF,
            hours: $hours,
            rework: $rework,
            setUp: $setUp,
        );
    }

    private static function works(Person $person, bool $noisy, float $hour): bool
    {
        foreach ($person->hours($noisy)->spans as $span) {
            if ($span->from <= $hour && $span->to >= $hour + 1.0) {
                return true;
            }
        }

        return false;
    }
}
