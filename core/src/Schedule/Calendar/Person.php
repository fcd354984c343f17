<?php

declare(strict_types=1);

namespace Hull\Schedule\Calendar;

/** Somebody who works, and when. Hours since 1970 UTC, ascending, apart. */
final readonly class Person
{
    private const BREAK_H = 4.0;

    /**
     * @param list<array{float, float}> $work
     * @param list<array{float, float}> $loud the part of it in which noise may be made
     */
    private function __construct(public string $name, public array $work, public array $loud) {}

    /** Somebody else with the same hours. */
    public static function like(self $other, string $name): self
    {
        return new self($name, $other->work, $other->loud);
    }

    /**
     * Several who work on one thing together: in the minutes in which all of them are there.
     *
     * @param non-empty-list<self> $people
     */
    public static function together(array $people): self
    {
        $first = array_shift($people);
        [$work, $loud] = [$first->work, $first->loud];
        foreach ($people as $other) {
            $work = self::common($work, $other->work);
            $loud = self::common($loud, $other->loud);
        }

        return new self(implode(' and ', [$first->name, ...array_column($people, 'name')]), $work, $loud);
    }

    /**
     * @param list<array{float, float}> $one
     * @param list<array{float, float}> $other
     *
     * @return list<array{float, float}>
     */
    private static function common(array $one, array $other): array
    {
        $common = [];
        for ($i = $j = 0; isset($one[$i], $other[$j]); ) {
            $from = max($one[$i][0], $other[$j][0]);
            $to = min($one[$i][1], $other[$j][1]);
            if ($from < $to - 1e-9) {
                $common[] = [$from, $to];
            }
            $one[$i][1] < $other[$j][1] ? ++$i : ++$j;
        }

        return $common;
    }

    /**
     * The times that somebody comes in for work between two hours; a break of up to four hours is no going home.
     *
     * @return list<float> when each begins
     */
    public function visits(float $start, float $end): array
    {
        $visits = [];
        $begun = $gone = -\INF;
        foreach ($this->work as [$from, $to]) {
            if ($from > $gone + self::BREAK_H) {
                $begun = $from;
            }
            $gone = $to;
            if ($from >= $end - 1e-9) {
                break;
            }
            if ($to > $start + 1e-9 && $begun !== ($visits[count($visits) - 1] ?? null)) {
                $visits[] = $begun;
            }
        }

        return $visits;
    }

    /**
     * @param list<array{float, float}> $work
     * @param list<array{float, float}> $quiet when no noise may be made
     */
    public static function of(string $name, array $work, array $quiet = []): self
    {
        $loud = [];
        foreach ($work as [$from, $to]) {
            foreach ($quiet as [$hush, $end]) {
                if ($hush < $to && $end > $from) {
                    if ($hush > $from + 1e-9) {
                        $loud[] = [$from, $hush];
                    }
                    $from = max($from, $end);
                }
            }
            if ($from < $to - 1e-9) {
                $loud[] = [$from, $to];
            }
        }

        return new self($name, $work, $loud);
    }

    /**
     * Without some of the times that somebody comes in.
     *
     * @param list<float> $visits when each begins
     */
    public function without(array $visits): self
    {
        $gone = [];
        $work = [];
        $begun = $left = -\INF;
        foreach ($this->work as [$from, $to]) {
            $begun = $from > $left + self::BREAK_H ? $from : $begun;
            $left = $to;
            in_array($begun, $visits, true) ? ($gone[] = [$from, $to]) : ($work[] = [$from, $to]);
        }
        $loud = array_filter(
            $this->loud,
            static fn(array $l): bool => [] ===
                array_filter($gone, static fn(array $g): bool => $l[0] < $g[1] && $g[0] < $l[1]),
        );

        return new self($this->name, $work, array_values($loud));
    }

    /** Hours of work between two hours. */
    public function between(float $start, float $end): float
    {
        return array_sum(
            array_map(static fn(array $w): float => max(0.0, min($end, $w[1]) - max($start, $w[0])), $this->work),
        );
    }
}
