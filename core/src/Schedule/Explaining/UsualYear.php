<?php

declare(strict_types=1);

namespace Hull\Schedule\Explaining;

use Hull\Bench\Workpiece;
use Hull\Catalog\Catalogue;
use Hull\Climate\PlaceAir;
use Hull\Climate\Season;
use Hull\Job\Place;
use Hull\Quantity\Instant;
use Hull\Schedule\Constraint\Airs;
use Hull\Schedule\Reading\Planning;

/**
 * When in a usual year what is left of a part can be closed: half month by half month, each tried by planning the part
 * alone (see Season for its rain and sun).
 */
final readonly class UsualYear
{
    private const HALVES = 24;
    private const HALF_H = 16.0 * 24.0;

    /**
     * @param int $shift of local time against UTC, hours
     * @param float $now hours since 1970 UTC
     */
    public function __construct(
        private Season $season,
        private Catalogue $catalogue,
        private Airs $airs,
        private int $shift,
        private float $now,
    ) {}

    /** The first half of a month, after this one, in which it would have its hour; null when it never has. */
    public function first(AlonePart $alone, Workpiece $piece, string $at, string $cause): ?Remedy
    {
        foreach ($this->halves() as $from) {
            $half = $from > $this->now ? $this->half($alone, $piece, $at, $cause, $from) : null;
            if (null !== $half?->opens) {
                $day = Instant::at($from);

                return new Remedy(Remedy::WAIT, $day->format('j F'), $half->opens, $half->finish ?? $half->opens);
            }
        }

        return null;
    }

    /** @return list<HalfMonth> from the one that is running, for a year */
    public function of(AlonePart $alone, Workpiece $piece, string $at): array
    {
        $year = [];
        foreach ($this->halves() as $from) {
            if ($from + self::HALF_H > $this->now && count($year) < self::HALVES) {
                $year[] = $this->half($alone, $piece, $at, null, $from);
            }
        }

        return $year;
    }

    private function half(AlonePart $alone, Workpiece $piece, string $at, ?string $cause, float $from): HalfMonth
    {
        $begun = max($from, ceil($this->now));
        $airs = $this->airs->with($at, $this->air($piece->place, (int) $begun));
        $tried = $alone->tried($piece, $at, $airs, $cause, $begun);
        $tried = null !== $tried && $tried->from < $from + self::HALF_H ? $tried : null;

        return new HalfMonth($from, $tried?->from, $tried?->to);
    }

    /** @return iterable<float> hour at which each begins, local midnights taken as UTC's */
    private function halves(): iterable
    {
        $day = Instant::at($this->now)->setTime(0, 0)->modify('first day of this month');
        for ($half = 0; $half <= self::HALVES; ++$half) {
            $from = $day
                ->modify(sprintf('+%d months', intdiv($half, 2)))
                ->modify($half % 2 > 0 ? '+15 days' : '+0 days');
            yield floor(Instant::hour($from));
        }
    }

    private function air(Place $place, int $from): PlaceAir
    {
        return $this->season->air(
            $this->catalogue->places[$place->kind],
            $place->air,
            $from,
            Planning::DAYS,
            $this->shift,
        );
    }
}
