<?php

declare(strict_types=1);

namespace Hull\Schedule\Calendar;

/** Who can do something together, and in which hours all of them are at work. */
final class Teams
{
    /** @var array<int, list<array{non-empty-list<string>, Person}>> by how many */
    private array $of = [];

    /** @var array<int|string, WorkingCalendar> */
    private array $hours = [];

    /** @param list<Person> $people */
    public function __construct(private readonly array $people) {}

    /**
     * Everybody alone, every two, every three.
     *
     * @return list<array{non-empty-list<string>, Person}> names, and the hours that they share
     */
    public function of(int $count): array
    {
        return $this->of[$count] ??= array_map(
            static fn(array $team): array => [array_column($team, 'name'), Person::together($team)],
            self::chosen($this->people, $count),
        );
    }

    /**
     * The hours of a team in which noise may be made, or none is, and in which it is light.
     *
     * @param WorkingCalendar|null $light null for always
     */
    public function hours(Person $team, bool $noisy, ?WorkingCalendar $light): WorkingCalendar
    {
        return null === $light
            ? $team->hours($noisy)
            : ($this->hours[$team->name . ($noisy ? '/loud/' : '/') . spl_object_id($light)] ??= $team
                ->hours($noisy)
                ->common($light));
    }

    /**
     * @param list<Person> $people
     *
     * @return list<non-empty-list<Person>>
     */
    private static function chosen(array $people, int $count): array
    {
        $teams = [];
        foreach ($people as $n => $person) {
            if (1 === $count) {
                $teams[] = [$person];
                continue;
            }
            foreach (self::chosen(array_slice($people, $n + 1), $count - 1) as $others) {
                $teams[] = [$person, ...$others];
            }
        }

        return $teams;
    }
}
