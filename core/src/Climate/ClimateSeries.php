<?php

declare(strict_types=1);

namespace Hull\Climate;

use Hull\Quantity\Interval;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;

/** What the air did and will do at one place: readings hold until the next; the last holds on for a year. */
final class ClimateSeries
{
    private const HORIZON_HOURS = 8760.0;

    /** @var array<string, self> of parts, by how they come by their warmth */
    private array $parts = [];

    /**
     * @param non-empty-list<float> $at hours, ascending
     * @param non-empty-list<float> $celsius by reading
     * @param non-empty-list<float> $humidity by reading, 0 to 1
     * @param bool $outdoors wind and rain get in
     * @param list<int> $rain hours in which it rains there, ascending
     * @param list<float> $sun by reading: degrees C by which what takes up all of it settles over the air
     */
    private function __construct(
        private readonly array $at,
        private readonly array $celsius,
        private readonly array $humidity,
        public readonly bool $outdoors = false,
        private readonly array $rain = [],
        private readonly array $sun = [],
    ) {}

    public static function constant(Air $air): self
    {
        return self::of([[0.0, $air]]);
    }

    /**
     * @param list<array{float, Air}> $readings (hour on any common axis, air), at least one
     * @param list<int>|null $rain hours in which it rains there; null where none gets in
     */
    public static function of(array $readings, ?array $rain = null): self
    {
        if ([] === $readings) {
            throw new \LogicException('A series without readings says nothing.');
        }
        usort($readings, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        $airs = array_column($readings, 1);

        return new self(
            array_column($readings, 0),
            array_map(static fn(Air $a): float => $a->temperature->c(), $airs),
            array_map(static fn(Air $a): float => $a->humidity->value(), $airs),
            null !== $rain,
            $rain ?? [],
        );
    }

    /**
     * @param list<float> $celsius hour by hour, at least one
     * @param list<float> $humidity 0 to 1
     * @param list<int>|null $rain hours in which it rains there; null where none gets in
     * @param list<float> $sun hour by hour, see PartWarmth::gain(); none for no sun
     */
    public static function hourly(int $from, array $celsius, array $humidity, ?array $rain, array $sun): self
    {
        if ([] === $celsius || [] === $humidity) {
            throw new \LogicException('A series without readings says nothing.');
        }

        return new self(
            array_map(floatval(...), range($from, $from + count($celsius) - 1)),
            $celsius,
            $humidity,
            null !== $rain,
            $rain ?? [],
            $sun,
        );
    }

    /** The hour at which rain between two hours ended last, as far as it had; null when it stayed dry. */
    public function lastRain(float $from, float $to): ?float
    {
        for ($i = count($this->rain) - 1; $i >= 0; --$i) {
            $begun = (float) ($this->rain[$i] ?? 0);
            if ($begun < $to) {
                return $begun + 1.0 > $from + Interval::GRACE ? min($to, $begun + 1.0) : null;
            }
        }

        return null;
    }

    /** The hour from which on it rained between two hours; null when it stayed dry. */
    public function firstRain(float $from, float $to): ?float
    {
        foreach ($from < $to ? $this->rain : [] as $hour) {
            if ($hour < $to && $hour + 1.0 > $from + Interval::GRACE) {
                return max($from, (float) $hour);
            }
        }

        return null;
    }

    /** The hour from which on dew lay on a part between two hours; null when none did. */
    public function firstDew(PartWarmth $warmth, float $from, float $to): ?float
    {
        $part = $this->ofPart($warmth)->celsius;
        $last = $from < $to ? count($this->at) : 0;
        for ($i = $this->index($from); $i < $last && ($this->at[$i] ?? $to) < $to; ++$i) {
            $c = $this->celsius[$i] ?? $this->celsius[0];
            // Saturated air over a part as warm as itself is mist, not dew.
            if (($part[$i] ?? $c) < Air::dewPointC($c, $this->humidity[$i] ?? $this->humidity[0]) - 1e-6) {
                return max($from, $this->at[$i] ?? $from);
            }
        }

        return null;
    }

    /** What a part has of it: its temperature follows the air, and the sun warms it. */
    public function ofPart(PartWarmth $warmth): self
    {
        if ($warmth->tauHours <= 0.0 && [] === $this->sun) {
            return $this;
        }

        return $this->parts[$warmth->key()] ??= $this->warmed($warmth);
    }

    private function warmed(PartWarmth $warmth): self
    {
        $part = $this->celsius[0];
        $celsius = [];
        foreach ($this->celsius as $i => $c) {
            $settles = $c + $warmth->absorbs * ($this->sun[$i] ?? 0.0);
            $at = $this->at[$i] ?? 0.0;
            $celsius[] = $part = $settles + ($part - $settles) * $warmth->keeps(($this->at[$i + 1] ?? $at + 1.0) - $at);
        }

        return new self($this->at, $celsius, $this->humidity, $this->outdoors, $this->rain);
    }

    public function airAt(float $hour): Air
    {
        return $this->air($this->index($hour));
    }

    private function air(int $index): Air
    {
        return Air::of(
            Temperature::celsius($this->celsius[$index] ?? $this->celsius[0]),
            RelativeHumidity::ratio($this->humidity[$index] ?? $this->humidity[0]),
        );
    }

    /** Of the reading that holds at an hour. */
    private function index(float $hour): int
    {
        $low = 0;
        $high = count($this->at) - 1;
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            $this->at[$middle] <= $hour ? ($low = $middle) : ($high = $middle - 1);
        }

        return $low;
    }

    /** @return iterable<array{float, Air}> (hours, air) from an hour on */
    public function stretches(float $from): iterable
    {
        $first = $this->index($from);
        $air = $this->air($first);
        for ($i = $first, $last = count($this->at); $i < $last; ++$i) {
            $at = $this->at[$i] ?? 0.0;
            if ($at <= $from) {
                continue;
            }
            yield [$at - $from, $air];
            $from = $at;
            $air = $this->air($i);
        }
        yield [self::HORIZON_HOURS, $air];
    }
}
