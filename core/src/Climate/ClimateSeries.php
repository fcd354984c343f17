<?php

declare(strict_types=1);

namespace Hull\Climate;

use Hull\Quantity\Temperature;

/** What the air did and will do at one place: readings hold until the next; the last holds on for a year. */
final readonly class ClimateSeries
{
    private const HORIZON_HOURS = 8760.0;

    /**
     * @param non-empty-list<array{float, Air}> $readings (hour, air), ascending in hour
     * @param bool $outdoors wind and rain get in
     * @param list<int> $rain hours in which it rains there, ascending
     * @param list<float> $sun by reading: degrees C by which what takes up all of it settles over the air
     */
    private function __construct(
        private array $readings,
        public bool $outdoors = false,
        private array $rain = [],
        private array $sun = [],
    ) {}

    public static function constant(Air $air): self
    {
        return new self([[0.0, $air]]);
    }

    /**
     * @param list<array{float, Air}> $readings (hour on any common axis, air), at least one
     * @param list<int>|null $rain hours in which it rains there; null where none gets in
     * @param list<float> $sun by reading, for readings in ascending order, see PartWarmth::gain(); none for no sun
     */
    public static function of(array $readings, ?array $rain = null, array $sun = []): self
    {
        if ([] === $readings) {
            throw new \LogicException('A series without readings says nothing.');
        }
        usort($readings, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return new self($readings, null !== $rain, $rain ?? [], $sun);
    }

    /** The hour at which rain between two hours ended last, as far as it had; null when it stayed dry. */
    public function lastRain(float $from, float $to): ?float
    {
        for ($i = count($this->rain) - 1; $i >= 0; --$i) {
            $begun = (float) ($this->rain[$i] ?? 0);
            if ($begun < $to) {
                return $begun + 1.0 > $from + 1e-6 ? min($to, $begun + 1.0) : null;
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
        $part = $this->readings[0][1]->temperature->c();
        $readings = [];
        foreach ($this->readings as $i => [$at, $air]) {
            $settles = $air->temperature->c() + $warmth->absorbs * ($this->sun[$i] ?? 0.0);
            $part = $settles + ($part - $settles) * $warmth->keeps(($this->readings[$i + 1][0] ?? $at + 1.0) - $at);
            $readings[] = [$at, Air::of(Temperature::celsius($part), $air->humidity)];
        }

        return new self($readings, $this->outdoors, $this->rain);
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
