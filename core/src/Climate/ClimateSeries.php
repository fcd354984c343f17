<?php

declare(strict_types=1);

namespace Hull\Climate;

/** What the air did and will do at one place: readings hold until the next; the last holds on for a year. */
final readonly class ClimateSeries
{
    private const HORIZON_HOURS = 8760.0;

    /** @param non-empty-list<array{float, Air}> $readings (hour, air), ascending in hour */
    private function __construct(private array $readings) {}

    public static function constant(Air $air): self
    {
        return new self([[0.0, $air]]);
    }

    /** @param list<array{float, Air}> $readings (hour on any common axis, air), at least one */
    public static function of(array $readings): self
    {
        if ([] === $readings) {
            throw new \LogicException('A series without readings says nothing.');
        }
        usort($readings, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return new self($readings);
    }

    public function airAt(float $hour): Air
    {
        return $this->readings[$this->index($hour)][1];
    }

    /** Of the reading that holds at an hour. */
    private function index(float $hour): int
    {
        $low = 0;
        $high = count($this->readings) - 1;
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            $this->readings[$middle][0] <= $hour ? ($low = $middle) : ($high = $middle - 1);
        }

        return $low;
    }

    /** @return iterable<array{float, Air}> (hours, air) from an hour on */
    public function stretches(float $from): iterable
    {
        $first = $this->index($from);
        $air = $this->readings[$first][1];
        for ($i = $first, $last = count($this->readings); $i < $last; ++$i) {
            [$at, $reading] = $this->readings[$i];
            if ($at <= $from) {
                continue;
            }
            yield [$at - $from, $air];
            $from = $at;
            $air = $reading;
        }
        yield [self::HORIZON_HOURS, $air];
    }
}
