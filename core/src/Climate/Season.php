<?php

declare(strict_types=1);

namespace Hull\Climate;

use Hull\Quantity\Instant;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;

/** A usual year outdoors at one kind of place: what holds where no forecast reaches (typical; rain is not known). */
final readonly class Season
{
    private const DAY = 24;
    private const RUN_IN = 2;
    /** Hour of the day, local time, at which it is coldest, and how long it warms up for. */
    private const COLDEST_AT = 5;
    private const LEAST_RH = 0.2;

    /**
     * @param list<float> $low coldest of an average day, by month, degrees C
     * @param list<float> $high warmest
     * @param float $dewBelow the dew point lies so far under the coldest, degrees C
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $hint,
        private array $low,
        private array $high,
        private float $dewBelow,
    ) {}

    /**
     * An average run of days.
     *
     * @param int $from hours since 1970 UTC
     * @param int $shift of local time against UTC, hours
     */
    public function forecast(int $from, int $days, int $shift = 0): Forecast
    {
        $hours = [];
        for ($hour = $from; $hour < $from + self::DAY * $days; ++$hour) {
            $at = Instant::at($hour);
            $month = (int) $at->format('n') - 1;
            $share = ((int) $at->format('j') - 15) / 30.0;
            $low = self::between($this->low, $month, $share);
            $high = self::between($this->high, $month, $share);
            $turn = cos((2.0 * \M_PI * ((($hour + $shift) % self::DAY) - self::COLDEST_AT)) / self::DAY);
            $c = ($low + $high) / 2.0 - (($high - $low) / 2.0) * $turn;
            $vapour = Air::saturationHpa(Temperature::celsius($low - $this->dewBelow));
            $humidity = $vapour / Air::saturationHpa(Temperature::celsius($c));
            $hours[] = Weather::of(
                Air::of(Temperature::celsius($c), RelativeHumidity::ratio(min(1.0, max(self::LEAST_RH, $humidity)))),
            );
        }

        return Forecast::of($from, $hours, 'a usual year: ' . lcfirst($this->name));
    }

    /**
     * What a place makes of it, a few days of running in before the first hour counts.
     *
     * @param int $from hours since 1970 UTC
     */
    public function air(Enclosure $place, Air $set, int $from, int $days, int $shift = 0): PlaceAir
    {
        $begun = $from - self::DAY * self::RUN_IN;

        return PlaceAir::of(
            place: $place,
            set: $set,
            outside: $this->forecast($begun, $days + self::RUN_IN + 2, $shift),
            readings: [],
            from: $begun,
            hours: self::DAY * ($days + self::RUN_IN + 2),
        );
    }

    /**
     * Half way to the next month, or back to the one before.
     *
     * @param list<float> $months
     */
    private static function between(array $months, int $month, float $share): float
    {
        $here = $months[$month] ?? 0.0;
        $there = $months[($month + ($share < 0.0 ? 11 : 1)) % 12] ?? $here;

        return $here + abs($share) * ($there - $here);
    }
}
