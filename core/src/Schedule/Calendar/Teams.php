<?php

declare(strict_types=1);

namespace Hull\Schedule\Calendar;

use Hull\Quantity\Interval;

/** Who can do something together, and in which hours all of them are at work. */
final class Teams
{
    /** Over a break of so long somebody looks in, hours. */
    private const LOOKS_IN_H = 1.0;

    /** @var array<int, list<array{non-empty-list<string>, Person}>> by how many */
    private array $of = [];

    /** @var array<int|string, WorkingCalendar> */
    private array $hours = [];

    /** @var array<int|string, Person|null> who, by their names */
    private array $together = [];

    /** @var list<Interval>|null */
    private ?array $manned = null;

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
     * The hours that some of them share; null where none is one of them.
     *
     * @param list<string> $names
     */
    public function together(array $names): ?Person
    {
        $key = implode("\n", $names);
        if (!array_key_exists($key, $this->together)) {
            $those = array_filter($this->people, static fn(Person $p): bool => in_array($p->name, $names, true));
            $this->together[$key] = [] === $those ? null : Person::together(array_values($those));
        }

        return $this->together[$key];
    }

    /** @return list<Interval> in which somebody or other is about, ascending, apart; short breaks counted */
    public function manned(): array
    {
        if (null === $this->manned) {
            $manned = [];
            $spans = array_merge([], ...array_map(static fn(Person $p): array => $p->work->spans, $this->people));
            foreach (Interval::joined($spans) as $span) {
                $last = count($manned) - 1;
                $goesOn = $last >= 0 && $span->from <= $manned[$last]->to + self::LOOKS_IN_H;
                $manned[$goesOn ? $last : $last + 1] = new Interval(
                    $goesOn ? $manned[$last]->from : $span->from,
                    $span->to,
                );
            }
            $this->manned = array_values($manned);
        }

        return $this->manned;
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
