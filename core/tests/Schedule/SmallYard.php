<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Climate\Air;
use Hull\Climate\Forecast;
use Hull\Climate\GateLine;
use Hull\Climate\Limits;
use Hull\Climate\PartWarmth;
use Hull\Climate\PlaceAir;
use Hull\Climate\Weather;
use Hull\Quantity\Interval;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;
use Hull\Schedule\Calendar\Objective;
use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Lag;
use Hull\Schedule\Constraint\LagTime;
use Hull\Schedule\Constraint\WetFilm;
use Hull\Schedule\Constraint\Window;
use Hull\Schedule\Constraint\Yard;
use Hull\Tests\Yard as Catalogue;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A yard in whole hours, small enough to be searched from end to end: the best there is has whole hours, too.
 *
 * Hour 0 is a midnight. The search knows nothing of the scheduler: it fills hours with work and looks at every hour.
 */
final class SmallYard
{
    private const DAYS = 7;
    public const NOW = 8;
    public const END = 24 * self::DAYS;
    /** More than this is not searched to the end. */
    private const MOST = 30_000;

    /**
     * @var array<int|string, list<array{
     *     id: string,
     *     hours: int,
     *     whole: bool,
     *     coat: bool,
     *     dusty: bool,
     *     wait: int,
     *     window: int,
     *     dry: int,
     * }>>
     */
    private array $chains = [];

    /** @var list<array{int, int}> working hours of a day, by person */
    private array $people = [];

    /** @var list<bool> by hour, whether a film may go on */
    private array $open = [];

    private int $best;
    private int $looked = 0;

    /** @var array<int|string, array<int, int|null>> activity => hour => earliest finish of its chain alone */
    private array $alone = [];

    public function __construct(int $seed)
    {
        $random = new Randomizer(new Mt19937($seed));
        foreach (range(1, $random->getInt(1, 2)) as $_) {
            $from = $random->getInt(7, 11);
            $this->people[] = [$from, $from + $random->getInt(7, 9)];
        }
        for ($h = 0; $h < 24 * self::DAYS; ++$h) {
            $this->open[] = $h % 24 >= 7 && $h % 24 < $random->getInt(19, 24) && 0 !== $random->getInt(0, 30);
        }
        $left = $random->getInt(8, 12);
        for ($p = 1; $left > 0; ++$p) {
            $count = min($left, $random->getInt(2, 5));
            $left -= $count;
            $coat = false;
            for ($i = 1; $i <= $count; ++$i) {
                $lays = $i > 1 && 1 === $random->getInt(1, 2);
                $wait = $coat || 1 === $random->getInt(1, 3) ? $random->getInt(1, 14) : 0;
                $this->chains['p' . $p][] = [
                    'id' => "p$p.$i",
                    'hours' => $random->getInt(1, 3),
                    'whole' => $lays || 1 === $random->getInt(1, 3),
                    'coat' => $lays,
                    'dusty' => !$lays && 1 === $random->getInt(1, 3),
                    'wait' => $i > 1 ? $wait : 0,
                    'window' => $lays && $coat ? $wait + $random->getInt(2, 22) : 0,
                    'dry' => $random->getInt(1, 3),
                ];
                $coat = $lays;
            }
        }
        $this->best = 24 * self::DAYS;
    }

    public function yard(): Yard
    {
        $weather = array_map(
            static fn(bool $open): Weather => Weather::of(
                Air::of(Temperature::celsius($open ? 20.0 : 2.0), RelativeHumidity::percent(50)),
            ),
            $this->open,
        );
        $air = PlaceAir::of(
            Catalogue::catalogue()->places['outdoors'],
            $weather[0]->air,
            Forecast::of(0, $weather, 'made up'),
            [],
            0,
            count($weather),
        );
        $gate = GateLine::of(
            $air,
            Limits::of(
                Temperature::celsius(10.0),
                Temperature::celsius(35.0),
                RelativeHumidity::percent(0),
                RelativeHumidity::percent(90),
            ),
            new PartWarmth(),
            false,
        );
        $work = [];
        foreach ($this->chains as $part => $chain) {
            $part = (string) $part;
            $before = null;
            foreach ($chain as $a) {
                $along = $a['coat'] && null !== $before && $before['coat'];
                $work[] = new Activity(
                    $a['id'],
                    $part,
                    $a['id'],
                    (float) $a['hours'],
                    'slip',
                    $a['whole'],
                    dusty: $a['dusty'],
                    wet: $a['coat'] ? new WetFilm($gate, LagTime::hours((float) $a['dry'])) : null,
                    lags: null !== $before && $a['wait'] > 0
                        ? [new Lag($before['id'], LagTime::hours((float) $a['wait']), 'a wait', $along)]
                        : [],
                    windows: null !== $before && $a['window'] > 0
                        ? [new Window($before['id'], LagTime::hours((float) $a['window']), 'a window', $along, 1.0)]
                        : [],
                );
                $before = $a;
            }
        }
        $people = [];
        foreach ($this->people as $n => [$from, $to]) {
            $people[] = Person::of(
                'person ' . $n,
                array_map(
                    static fn(int $day): Interval => new Interval(24.0 * $day + $from, 24.0 * $day + $to),
                    range(0, self::DAYS - 1),
                ),
            );
        }

        // The search beside it knows the finish alone; making good is not worth any day.
        $finish = new Objective(day: 150.0, good: 200.0, visit: 0.0, setUp: 0.0, turn: 0.0);

        return new Yard((float) self::NOW, 24.0 * self::DAYS, $work, $people, objective: $finish);
    }

    /**
     * The earliest finish there is, if one before this hour; else this hour. Null when it would take too long to say.
     */
    public function optimum(int $known): ?int
    {
        $this->best = $known;
        $this->search(
            [],
            array_fill_keys(array_keys($this->chains), 0),
            self::NOW,
            array_map(static fn(): array => [], $this->people),
            -1,
        );

        return $this->looked > self::MOST ? null : $this->best;
    }

    /**
     * @param array<int|string, array{
     *     a: array{id: string, hours: int, whole: bool, coat: bool, dusty: bool, wait: int, window: int, dry: int},
     *     start: int,
     *     end: int,
     * }> $placed
     * @param array<int|string, int> $at how far each part has come
     * @param list<array<int, true>> $taken by person, by hour
     */
    private function search(array $placed, array $at, int $from, array $taken, int $last): void
    {
        if (++$this->looked > self::MOST) {
            return;
        }
        $left = 0;
        foreach ($this->chains as $part => $chain) {
            for ($i = $at[$part]; $i < count($chain); ++$i) {
                $left += $chain[$i]['hours'];
            }
        }
        if (0 === $left) {
            $this->best = min($this->best, max([self::NOW, ...array_column($placed, 'end')]));

            return;
        }
        if ($this->capacity($from, $this->best - 1, $taken) < $left) {
            return;
        }
        $number = -1;
        foreach ($this->chains as $part => $chain) {
            $part = (string) $part;
            ++$number;
            $a = $chain[$at[$part]] ?? null;
            if (null === $a) {
                continue;
            }
            // What no window follows may as well begin at once: whatever begins sooner has had its turn in this order
            // already.
            $held =
                [] !==
                array_filter(
                    array_slice($chain, $at[$part] + 1),
                    static fn(array $later): bool => $later['window'] > 0,
                );
            $begun = [];
            [$earliest, $latest] = self::span($a, $placed[$chain[$at[$part] - 1]['id'] ?? ''] ?? null);
            for ($start = max($from, $earliest); $start <= $latest && $start < $this->best; ++$start) {
                if ($start === $from && $number < $last) {
                    continue;
                }
                $finish = $this->alone($part, $at[$part], $start);
                if (null === $finish || $finish >= $this->best || !$this->othersFit($part, $at, $start, $placed)) {
                    break;
                }
                foreach (array_keys($this->people) as $who) {
                    $hours = isset($begun[$who]) ? null : $this->hours($a, $who, $start, $taken[$who]);
                    if (null === $hours || !$this->stands($a, $start, $hours[count($hours) - 1] + 1, $placed)) {
                        continue;
                    }
                    $begun += $held ? [] : [$who => true];
                    $next = $taken;
                    $next[$who] += array_fill_keys(range($start, $hours[count($hours) - 1]), true);
                    $this->search(
                        [
                            ...$placed,
                            $a['id'] => ['a' => $a, 'start' => $start, 'end' => $hours[count($hours) - 1] + 1],
                        ],
                        [...$at, $part => $at[$part] + 1],
                        $start,
                        $next,
                        $number,
                    );
                }
            }
        }
    }

    /**
     * Every other part could still be done in time if nothing of it begins before this hour.
     *
     * @param array<int|string, int> $at
     * @param array<int|string, array{
     *     a: array{id: string, hours: int, whole: bool, coat: bool, dusty: bool, wait: int, window: int, dry: int},
     *     start: int,
     *     end: int,
     * }> $placed
     */
    private function othersFit(string $part, array $at, int $start, array $placed): bool
    {
        foreach ($this->chains as $other => $chain) {
            $other = (string) $other;
            $a = $chain[$at[$other]] ?? null;
            if (null === $a || $other === $part) {
                continue;
            }
            [$earliest, $latest] = self::span($a, $placed[$chain[$at[$other] - 1]['id'] ?? ''] ?? null);
            $finish = $this->alone($other, $at[$other], max($start, $earliest));
            if ($latest < $start || null === $finish || $finish >= $this->best) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param array{id: string, hours: int, whole: bool, coat: bool, dusty: bool, wait: int, window: int, dry: int} $a
     * @param array{
     *     a: array{id: string, hours: int, whole: bool, coat: bool, dusty: bool, wait: int, window: int, dry: int},
     *     start: int,
     *     end: int,
     * }|null $before
     *
     * @return array{int, int}
     */
    private static function span(array $a, ?array $before): array
    {
        if (null === $before) {
            return [self::NOW, \PHP_INT_MAX];
        }
        // Both ends of a coat that is worked along: what is in between lies in between.
        $first =
            $a['coat'] && $before['a']['coat'] ? max($before['start'], $before['end'] - $a['hours']) : $before['end'];
        $last =
            $a['coat'] && $before['a']['coat'] ? min($before['start'], $before['end'] - $a['hours']) : $before['end'];

        return [max($before['end'], $first + $a['wait']), $a['window'] > 0 ? $last + $a['window'] : \PHP_INT_MAX];
    }

    /** Earliest finish of the rest of a chain begun no earlier than this hour, if it had the yard to itself. */
    private function alone(string $part, int $at, int $from): ?int
    {
        $a = $this->chains[$part][$at] ?? null;
        if (null === $a) {
            return $from;
        }
        if (array_key_exists($from, $this->alone[$a['id']] ?? [])) {
            return $this->alone[$a['id']][$from];
        }
        $earliest = null;
        for ($start = $from; $start < 24 * self::DAYS && null === $earliest; ++$start) {
            foreach (array_keys($this->people) as $who) {
                $hours = $this->hours($a, $who, $start, []);
                if (null !== $hours && $this->stands($a, $start, $hours[count($hours) - 1] + 1, [])) {
                    $earliest = min($earliest ?? \PHP_INT_MAX, $hours[count($hours) - 1] + 1);
                }
            }
        }
        $next = $this->chains[$part][$at + 1] ?? null;
        if (null !== $earliest && null !== $next) {
            $along = $a['coat'] && $next['coat'] ? max($earliest - $a['hours'], $earliest - $next['hours']) : $earliest;
            $earliest = $this->alone($part, $at + 1, max($earliest, $along + $next['wait']));
        }

        return $this->alone[$a['id']][$from] = $earliest;
    }

    /**
     * @param array{id: string, hours: int, whole: bool, coat: bool, dusty: bool, wait: int, window: int, dry: int} $a
     * @param array<int, true> $taken
     *
     * @return non-empty-list<int>|null the hours it is worked in
     */
    private function hours(array $a, int $who, int $start, array $taken): ?array
    {
        [$open, $close] = $this->people[$who];
        $hours = [];
        for ($h = $start; count($hours) < $a['hours']; ++$h) {
            $works = $h % 24 >= $open && $h % 24 < $close;
            if ($h >= 24 * self::DAYS || isset($taken[$h]) || (!$works && ($a['whole'] || $h === $start))) {
                return null;
            }
            $hours = $works ? [...$hours, $h] : $hours;
        }

        return [] === $hours ? null : $hours;
    }

    /**
     * @param array{id: string, hours: int, whole: bool, coat: bool, dusty: bool, wait: int, window: int, dry: int} $a
     * @param array<int|string, array{
     *     a: array{id: string, hours: int, whole: bool, coat: bool, dusty: bool, wait: int, window: int, dry: int},
     *     start: int,
     *     end: int,
     * }> $placed
     */
    private function stands(array $a, int $start, int $end, array $placed): bool
    {
        for ($h = $start; $a['coat'] && $h < $end; ++$h) {
            if (!$this->open[$h]) {
                return false;
            }
        }
        foreach ($placed as $p) {
            $b = $p['a'];
            if (
                ($a['coat'] && $b['coat'] && $start < $p['end'] && $p['start'] < $end) ||
                ($a['dusty'] && $b['coat'] && $start < $p['end'] + $b['dry'] && $p['start'] < $end) ||
                ($a['coat'] && $b['dusty'] && $start < $p['end'] && $p['start'] < $end + $a['dry'])
            ) {
                return false;
            }
        }

        return true;
    }

    /** @param list<array<int, true>> $taken */
    private function capacity(int $from, int $to, array $taken): int
    {
        $hours = 0;
        foreach ($this->people as $who => [$open, $close]) {
            for ($h = $from; $h < $to; ++$h) {
                $hours += $h % 24 >= $open && $h % 24 < $close && !isset($taken[$who][$h]) ? 1 : 0;
            }
        }

        return $hours;
    }
}
