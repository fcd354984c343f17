<?php

declare(strict_types=1);

namespace Hull\Climate;

/** What the air did and will do at one place: readings hold until the next; the last holds on for a year. */
final readonly class ClimateSeries
{
    private const HORIZON_HOURS = 8760.0;

    /** @param non-empty-list<array{float, Air}> $readings (hour, air), ascending in hour */
    private function __construct(private array $readings)
    {
    }

    public static function constant(Air $air): self
    {
        return new self([[0.0, $air]]);
    }

    /** @param non-empty-list<array{float, Air}> $readings (hour on any common axis, air) */
    public static function of(array $readings): self
    {
        usort($readings, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return new self($readings);
    }

    public function airAt(float $hour): Air
    {
        $air = $this->readings[0][1];
        foreach ($this->readings as [$at, $reading]) {
            if ($at > $hour) {
                break;
            }
            $air = $reading;
        }

        return $air;
    }

    /** @return iterable<array{float, Air}> (hours, air) from an hour on */
    public function stretches(float $from): iterable
    {
        $air = $this->airAt($from);
        foreach ($this->readings as [$at, $reading]) {
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
