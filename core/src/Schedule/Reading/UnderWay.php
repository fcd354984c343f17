<?php

declare(strict_types=1);

namespace Hull\Schedule\Reading;

use Hull\Quantity\Interval;
use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Begun;

/**
 * Who sees through what the record has as begun, and until when. Who began it is not in the record: it is taken to be
 * the first of those who were at work then, or of all where nobody was, who are not at something else; nobody where
 * there are not enough of them.
 */
final class UnderWay
{
    /** @var array<string, true> names of those who are at something */
    private array $busy = [];

    /**
     * @param list<Person> $people with their hours since the first of it was begun
     * @param float $now hours since 1970 UTC
     */
    public function __construct(private readonly array $people, private readonly float $now) {}

    /**
     * @param list<Activity> $work
     *
     * @return list<Activity>
     */
    public function in(array $work): array
    {
        return array_map(
            fn(Activity $a): Activity => null === $a->fixed ? $a : $a->fixedAt($this->seenThrough($a, $a->fixed)),
            $work,
        );
    }

    private function seenThrough(Activity $activity, Begun $begun): Begun
    {
        $who = $this->who($activity->people, $begun->start);
        foreach ($who as $person) {
            $this->busy[$person->name] = true;
        }
        $names = array_map(static fn(Person $p): string => $p->name, $who);

        return new Begun($begun->start, $this->end($activity, $begun, $who[0] ?? ($this->people[0] ?? null)), $names);
    }

    /** @return list<Person> */
    private function who(int $many, float $since): array
    {
        $there = array_filter($this->people, static fn(Person $p): bool => self::isAt($p, $since));
        $free = array_filter(
            [] === $there ? $this->people : $there,
            fn(Person $p): bool => !isset($this->busy[$p->name]),
        );

        return count($free) < $many ? [] : array_slice(array_values($free), 0, $many);
    }

    private static function isAt(Person $person, float $hour): bool
    {
        return $person->work->hours($hour, $hour + Interval::GRACE) > 0.0;
    }

    /** What may stop in the evening goes on in the morning; who began after hours is taken to go on. */
    private function end(Activity $activity, Begun $begun, ?Person $by): float
    {
        $straight = max($this->now, $begun->start + $activity->hours);
        if ($activity->whole || null === $by || !self::isAt($by, $begun->start)) {
            return $straight;
        }
        $left = $activity->hours - $by->work->hours($begun->start, $this->now);
        foreach ($left <= Interval::SAME ? [] : $by->work->spans as $span) {
            $from = max($span->from, $this->now);
            if ($span->to - $from >= $left - Interval::SAME) {
                return $from + $left;
            }
            $left -= max(0.0, $span->to - $from);
        }

        return $left <= Interval::SAME ? $this->now : $straight;
    }
}
