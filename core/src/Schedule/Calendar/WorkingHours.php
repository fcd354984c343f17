<?php

declare(strict_types=1);

namespace Hull\Schedule\Calendar;

use Hull\Quantity\Instant;
use Hull\Quantity\Interval;

/** A week of working or quiet hours in a time zone; over a change of the clocks the hours on the wall stay. */
final readonly class WorkingHours
{
    public const DAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];

    /** @param array<int|string, list<array{int, int}>> $week minutes after midnight by day */
    private function __construct(private array $week) {}

    /** @param array<int|string, list<array{int, int}>> $week minutes after midnight, up to 1440, by day of DAYS */
    public static function of(array $week): self
    {
        return new self($week);
    }

    /** The same hours on these days. */
    public static function daily(int $from, int $to, string ...$days): self
    {
        return new self(array_fill_keys([] === $days ? self::DAYS : $days, [[$from, $to]]));
    }

    /**
     * @param float $from hours since 1970 UTC
     * @param list<string> $off days without, as 2026-05-04
     *
     * @return list<Interval> ascending, apart
     */
    public function between(float $from, float $to, \DateTimeZone $zone, array $off = []): array
    {
        $spans = [];
        $day = Instant::at($from, $zone)->modify('midnight')->modify('-1 day');
        for (; Instant::hour($day) < $to; $day = $day->modify('+1 day')) {
            foreach (
                in_array($day->format('Y-m-d'), $off, true)
                    ? []
                    : $this->week[self::DAYS[(int) $day->format('N') - 1]] ?? []
                as [$open, $close]
            ) {
                $start = max($from, self::hour($day, $open));
                $end = min($to, self::hour($day, $close));
                if ($end > $start + Interval::SAME) {
                    $spans[] = new Interval($start, $end);
                }
            }
        }

        return Interval::joined($spans);
    }

    private static function hour(\DateTimeImmutable $midnight, int $minutes): float
    {
        return Instant::hour($midnight->setTime(intdiv($minutes, 60), $minutes % 60));
    }
}
