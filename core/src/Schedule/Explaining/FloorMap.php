<?php

declare(strict_types=1);

namespace Hull\Schedule\Explaining;

use Hull\Job\Part;
use Hull\Schedule\Reading\FloorSpace;

/**
 * The floors of a yard over the days: where each part stands while it is worked and cures, each stay in one spot, so
 * that nothing is moved for another thing.
 */
final readonly class FloorMap
{
    /** A floor whose sides nobody said is drawn half as long again as wide. */
    private const LONGER = 1.5;
    /** Where nobody said how large a floor is, it is drawn larger than what stands on it on the fullest day. */
    private const SPARE = 1.6;
    private const LEAST_M2 = 6.0;

    /**
     * @param list<FloorStay> $stays in order of their first day
     * @param array<int|string, FloorSides> $sides of each place
     */
    private function __construct(public array $stays, public array $sides) {}

    /**
     * @param list<array{string, string, float, float, float}> $work part, place, start, end and dry of each, hours
     * @param array<int|string, Part> $parts by the same ids
     * @param array<int|string, float> $floors m2 by place
     * @param \Closure(float): int $day of an hour, counted from the first day of the map
     */
    public static function of(array $work, array $parts, array $floors, \Closure $day): self
    {
        $stays = self::stays($work, $parts, $day);
        $sides = [];
        foreach ($stays as $stay) {
            $sides[$stay->place] ??= self::sides($stay->place, $stays, $floors[$stay->place] ?? null);
        }
        $placed = [];
        foreach ($stays as $stay) {
            $placed[] = self::spot($stay, $placed, $sides[$stay->place]);
        }

        return new self($placed, $sides);
    }

    /**
     * @param list<array{string, string, float, float, float}> $work
     * @param array<int|string, Part> $parts
     * @param \Closure(float): int $day
     *
     * @return list<FloorStay>
     */
    private static function stays(array $work, array $parts, \Closure $day): array
    {
        $there = $worked = [];
        foreach ($work as [$part, $place, $start, $end, $dry]) {
            if (!isset($parts[$part])) {
                continue;
            }
            for ($d = $day($start); $d <= $day(max($end, $dry)); ++$d) {
                $there[$part][$place][$d] = true;
            }
            for ($d = $day($start); $d <= $day($end); ++$d) {
                $worked[$part][$place][$d] = true;
            }
        }
        $stays = [];
        foreach ($there as $part => $places) {
            $space = FloorSpace::of($parts[$part]);
            foreach ($places as $place => $days) {
                ksort($days);
                foreach (self::runs(array_keys($days)) as [$from, $to]) {
                    $stays[] = new FloorStay(
                        part: (string) $part,
                        place: (string) $place,
                        from: $from,
                        to: $to,
                        worked: array_values(
                            array_filter(
                                range($from, $to),
                                static fn(int $d): bool => isset($worked[$part][$place][$d]),
                            ),
                        ),
                        x: 0.0,
                        y: 0.0,
                        long: $space->long,
                        wide: $space->wide,
                        reckoned: $space->reckoned,
                        fits: false,
                    );
                }
            }
        }
        // Who comes first stands first; of those that come together the largest.
        usort(
            $stays,
            static fn(FloorStay $a, FloorStay $b): int => [$a->from, -$a->long * $a->wide, $a->part] <=> [
                $b->from,
                -$b->long * $b->wide,
                $b->part,
            ],
        );

        return array_values(array_filter($stays, static fn(FloorStay $s): bool => $s->long * $s->wide > 0.0));
    }

    /**
     * Days without a gap; a day between is not worth carrying it away.
     *
     * @param list<int> $days in order
     *
     * @return list<array{int, int}>
     */
    private static function runs(array $days): array
    {
        $runs = [];
        $from = $to = null;
        foreach ($days as $d) {
            if (null !== $to && $d > $to + 2) {
                $runs[] = [$from, $to];
                $from = $d;
            }
            $from ??= $d;
            $to = $d;
        }

        return null === $to ? $runs : [...$runs, [$from, $to]];
    }

    /** @param list<FloorStay> $stays */
    private static function sides(string $place, array $stays, ?float $said): FloorSides
    {
        $m2 = $said ?? self::LEAST_M2;
        $longest = 0.0;
        foreach ($stays as $stay) {
            if ($stay->place !== $place) {
                continue;
            }
            $longest = max($longest, $stay->long, $stay->wide);
            $together = 0.0;
            foreach ($stays as $other) {
                $there = $other->place === $place && $other->from <= $stay->from && $other->to >= $stay->from;
                $together += $there ? $other->long * $other->wide : 0.0;
            }
            $m2 = null === $said ? max($m2, self::SPARE * $together) : $m2;
        }
        $long = max(sqrt($m2 * self::LONGER), null === $said ? $longest : 0.0);

        return new FloorSides($long, $m2 / $long, null !== $said);
    }

    /**
     * Into the first corner where nothing stands that is there on the same days.
     *
     * @param list<FloorStay> $placed
     */
    private static function spot(FloorStay $stay, array $placed, FloorSides $sides): FloorStay
    {
        $there = array_values(
            array_filter(
                $placed,
                static fn(FloorStay $p): bool => $p->fits &&
                    $p->place === $stay->place &&
                    $p->from <= $stay->to &&
                    $p->to >= $stay->from,
            ),
        );
        $xs = [0.0, ...array_map(static fn(FloorStay $p): float => $p->x + $p->long, $there)];
        $ys = [0.0, ...array_map(static fn(FloorStay $p): float => $p->y + $p->wide, $there)];
        sort($xs);
        sort($ys);
        foreach ($ys as $y) {
            foreach ($xs as $x) {
                foreach ([false, true] as $turned) {
                    $here = $stay->at($x, $y, $turned);
                    if (
                        $x + $here->long <= $sides->long + 1e-6 &&
                        $y + $here->wide <= $sides->wide + 1e-6 &&
                        [] === array_filter($there, $here->isInTheWayOf(...))
                    ) {
                        return $here;
                    }
                }
            }
        }

        return $stay;
    }
}
