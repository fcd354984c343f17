<?php

declare(strict_types=1);

namespace Hull\Schedule\Calendar;

use Hull\Input\InvalidInput;
use Hull\Input\Node;

/**
 * Who works in a yard and when, when it is to be quiet, how much room and gear there is, what things are worth and what
 * a usual year is like there.
 */
final readonly class Crew
{
    private const MOST_PEOPLE = 20;
    private const CLOCK = '/^([01]?\d|2[0-4]):([0-5]\d)\s*-\s*([01]?\d|2[0-4]):([0-5]\d)$/';

    /**
     * @param array<int|string, WorkingHours> $people by name
     * @param array<int|string, list<string>> $away days without work of one of them, by name
     * @param list<string> $off days without work, as 2026-12-25
     * @param array<int|string, float> $floors m2 by place
     * @param array<int|string, int> $gear how many there are
     * @param array<int|string, mixed> $written as read
     * @param string $climate id of the usual year there; empty where nobody said
     */
    private function __construct(
        private array $people,
        private array $away,
        private WorkingHours $quiet,
        public array $off,
        public array $floors,
        public array $gear,
        public array $written,
        public Objective $objective,
        public string $climate,
    ) {}

    /** One person, week days 8 to 17 and Saturday morning; quiet at night and on Sundays. */
    public static function usual(string $name): self
    {
        $day = ['8:00-12:30', '13:00-17:00'];

        return self::read(
            Node::root([
                'people' => [
                    [
                        'name' => $name,
                        'hours' => [
                            'mon' => $day,
                            'tue' => $day,
                            'wed' => $day,
                            'thu' => $day,
                            'fri' => $day,
                            'sat' => ['9:00-13:00'],
                        ],
                    ],
                ],
                'quiet' => array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri', 'sat'], ['0:00-8:00', '19:00-24:00']) + [
                    'sun' => ['0:00-24:00'],
                ],
            ]),
        );
    }

    public static function read(Node $n): self
    {
        $n->only(['people', 'quiet', 'off', 'floors', 'gear', 'worth', 'climate']);
        $people = $away = [];
        foreach ($n->field('people')->items(self::MOST_PEOPLE) as $p) {
            $name = $p
                ->only(['name', 'hours', 'off'])
                ->field('name')
                ->text(60);
            $away[$name] = self::days($p->optional('off'));
            $people[$name] = isset($people[$name])
                ? throw $p->field('name')->refuse('Two people have this name.', 'a name of its own')
                : self::week($p->field('hours'));
        }
        if ([] === $people) {
            throw $n->field('people')->refuse('Nobody works here.', 'at least one person with hours');
        }
        $floors = array_map(
            static fn(Node $m): float => $m->quantity(\Hull\Quantity\Area::class)->m2(),
            $n->optional('floors')?->named() ?? [],
        );
        $gear = array_map(static fn(Node $g): int => $g->integer(1, 50), $n->optional('gear')?->named() ?? []);
        $quiet = $n->optional('quiet');

        return new self(
            people: $people,
            away: $away,
            quiet: null === $quiet ? WorkingHours::of([]) : self::week($quiet),
            off: self::days($n->optional('off')),
            floors: $floors,
            gear: $gear,
            written: is_array($n->value) ? self::named($n->value) : [],
            objective: Objective::read($n->optional('worth')),
            climate: $n->optional('climate')?->text(40) ?? '',
        );
    }

    /**
     * With the room under the keys of places, whether they were named by key or by name.
     *
     * @param array<int|string, string> $places name by key
     *
     * @throws InvalidInput where there is no such place
     */
    public function in(array $places): self
    {
        $floors = [];
        foreach ($this->floors as $said => $m2) {
            $key = isset($places[$said]) ? $said : array_search((string) $said, $places, true);
            if (false === $key) {
                throw new InvalidInput(
                    '/floors/' . $said,
                    sprintf('There is no place "%s".', $said),
                    [] === $places ? 'no room, while there is no place' : 'one of: ' . implode(', ', $places),
                );
            }
            $floors[$key] = $m2;
        }

        return new self(
            people: $this->people,
            away: $this->away,
            quiet: $this->quiet,
            off: $this->off,
            floors: $floors,
            gear: $this->gear,
            written: $this->written,
            objective: $this->objective,
            climate: $this->climate,
        );
    }

    /**
     * Everybody's hours between two hours.
     *
     * @return list<Person>
     */
    public function persons(float $from, float $to, \DateTimeZone $zone): array
    {
        $quiet = $this->quiet->between($from, $to, $zone);
        $persons = [];
        foreach ($this->people as $name => $hours) {
            $name = (string) $name;
            $persons[] = Person::of(
                $name,
                $hours->between($from, $to, $zone, [...$this->off, ...$this->away[$name]]),
                $quiet,
            );
        }

        return $persons;
    }

    /** @return list<string> */
    private static function days(?Node $n): array
    {
        return array_map(static fn(Node $d): string => $d->day(), $n?->items(200) ?? []);
    }

    private static function week(Node $n): WorkingHours
    {
        $week = [];
        foreach ($n->only(WorkingHours::DAYS)->fields() as $day => $spans) {
            foreach ($spans->items(6) as $span) {
                if (1 !== preg_match(self::CLOCK, $span->text(15), $m)) {
                    throw $span->refuse(
                        sprintf('"%s" are no hours.', $span->text(15)),
                        'from and to such as 8:00-12:30',
                    );
                }
                $from = 60 * (int) $m[1] + (int) $m[2];
                $to = 60 * (int) $m[3] + (int) $m[4];
                $week[$day][] =
                    $from < $to && $to <= 1440
                        ? [$from, $to]
                        : throw $span->refuse(
                            'Hours end after they begin, on the same day.',
                            'from and to such as 8:00-12:30',
                        );
            }
        }

        return WorkingHours::of($week);
    }

    /**
     * @param array<array-key, mixed> $value
     *
     * @return array<int|string, mixed>
     */
    private static function named(array $value): array
    {
        $named = [];
        foreach ($value as $key => $entry) {
            $named[(string) $key] = $entry;
        }

        return $named;
    }
}
