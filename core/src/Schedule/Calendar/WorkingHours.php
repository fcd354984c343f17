<?php

declare(strict_types=1);

namespace Hull\Schedule\Calendar;

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
     * @return list<array{float, float}> ascending, apart
     */
    public function between(float $from, float $to, \DateTimeZone $zone, array $off = []): array
    {
        $spans = [];
        $day = (new \DateTimeImmutable('@' . (int) floor($from * 3600.0)))
            ->setTimezone($zone)
            ->modify('midnight')
            ->modify('-1 day');
        for (; $day->getTimestamp() < $to * 3600.0; $day = $day->modify('+1 day')) {
            foreach (
                in_array($day->format('Y-m-d'), $off, true)
                    ? []
                    : $this->week[self::DAYS[(int) $day->format('N') - 1]] ?? []
                as [$open, $close]
            ) {
                $start = max($from, self::hour($day, $open));
                $end = min($to, self::hour($day, $close));
                if ($end > $start + 1e-9) {
                    $spans[] = [$start, $end];
                }
            }
        }

        return self::joined($spans);
    }

    private static function hour(\DateTimeImmutable $midnight, int $minutes): float
    {
        return $midnight->setTime(intdiv($minutes, 60), $minutes % 60)->getTimestamp() / 3600.0;
    }

    /**
     * @param list<array{float, float}> $spans
     *
     * @return list<array{float, float}>
     */
    private static function joined(array $spans): array
    {
        usort($spans, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        $joined = [];
        $open = null;
        foreach ($spans as $span) {
            if (null === $open || $span[0] > $open[1] + 1e-9) {
                $joined = null === $open ? $joined : [...$joined, $open];
                $open = $span;
            } else {
                $open = [$open[0], max($open[1], $span[1])];
            }
        }

        return null === $open ? $joined : [...$joined, $open];
    }
}
