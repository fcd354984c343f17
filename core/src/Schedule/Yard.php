<?php

declare(strict_types=1);

namespace Hull\Schedule;

/** Everything a schedule is made of: the work, who does it, where, with what, and what is asked for when. */
final readonly class Yard
{
    /** @var array<int|string, Activity> */
    public array $activities;

    /** @var array<int|string, list<string>> part => ids in the order they are done */
    public array $chains;

    /** @var array<int|string, string> activity => the one before it on its part */
    public array $before;

    /**
     * @param float $now hours since 1970 UTC
     * @param float $end nothing is planned past this hour
     * @param list<Activity> $work of each part in the order it is done
     * @param list<Person> $people
     * @param array<int|string, float> $floors m2 by place; a place not named has no limit
     * @param array<int|string, int> $gear how many there are; one of what is not named
     * @param array<int|string, float> $dues hour by part
     */
    public function __construct(
        public float $now,
        public float $end,
        array $work,
        public array $people,
        public array $floors = [],
        public array $gear = [],
        public array $dues = [],
    ) {
        $activities = $chains = $before = [];
        foreach ($work as $activity) {
            $last = $chains[$activity->part][count($chains[$activity->part] ?? []) - 1] ?? null;
            if (null !== $last) {
                $before[$activity->id] = $last;
            }
            $activities[$activity->id] = $activity;
            $chains[$activity->part][] = $activity->id;
        }
        $this->activities = $activities;
        $this->chains = $chains;
        $this->before = $before;
    }

    public function activity(int|string $id): Activity
    {
        return $this->activities[$id] ?? throw new \LogicException('No activity ' . $id . '.');
    }

    /** Whether somebody of that name is at work at an hour. */
    public function isThere(string $name, float $hour): bool
    {
        foreach ($this->people as $person) {
            if ($person->name === $name && $person->between($hour, $hour + 1.0 / 60.0) > 0.0) {
                return true;
            }
        }

        return false;
    }
}
