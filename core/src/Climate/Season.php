<?php

declare(strict_types=1);

namespace Hull\Climate;

use Hull\Quantity\Instant;
use Hull\Quantity\Irradiance;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;

/**
 * A usual year outdoors at one kind of place: what holds where no forecast reaches (typical). Its rainy days are spread
 * evenly over the month, an afternoon each; on the others the sun shines as on an average day.
 */
final readonly class Season
{
    private const DAY = 24;
    private const RUN_IN = 2;
    /** Hour of the day, local time, at which it is coldest, and how long it warms up for. */
    private const COLDEST_AT = 5;
    private const LEAST_RH = 0.2;
    private const MONTH = 30.0;
    /** A rainy day's rain, local time, mm an hour, and how damp it is meanwhile (estimate). */
    private const RAIN_FROM = 13;
    private const RAIN_TO = 17;
    private const RAIN_MM = 1.0;
    private const RAIN_RH = 0.9;
    /** The sun is up for so long where nobody said, about noon, local time; of it on a rainy day (estimate). */
    private const DAYLIGHT = 12.0;
    private const NOON = 12.0;
    private const CLOUDED = 0.25;

    /**
     * @param list<float> $low coldest of an average day, by month, degrees C
     * @param list<float> $high warmest
     * @param float $dewBelow the dew point lies so far under the coldest, degrees C
     * @param list<float> $rainDays on so many days of a month it rains; none where nobody said
     * @param list<float> $noonSun of an average day, W on a level square metre
     * @param list<float> $daylight from sunrise to sunset of an average day, hours
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $hint,
        private array $low,
        private array $high,
        private float $dewBelow,
        private array $rainDays = [],
        private array $noonSun = [],
        private array $daylight = [],
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
            $clock = ($hour + $shift) % self::DAY;
            $rainy = $this->isRainy(intdiv($hour + $shift, self::DAY), $month);
            $rains = $rainy && $clock >= self::RAIN_FROM && $clock < self::RAIN_TO;
            $least = $rains ? self::RAIN_RH : self::LEAST_RH;
            $humidity = max($least, $vapour / Air::saturationHpa(Temperature::celsius($c)));
            $daylight = [] === $this->daylight ? self::DAYLIGHT : self::between($this->daylight, $month, $share);
            $height = self::height($clock, $daylight);
            $sun = $height * ($this->noonSun[$month] ?? 0.0) * ($rainy ? self::CLOUDED : 1.0);
            $hours[] = Weather::of(
                air: Air::of(Temperature::celsius($c), RelativeHumidity::ratio(min(1.0, $humidity))),
                rainMm: $rains ? self::RAIN_MM : 0.0,
                sun: Irradiance::wattsPerM2($sun),
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

    /** Share of its noon that the sun has in the middle of an hour; so it is light until it is down. */
    private static function height(int $clock, float $daylight): float
    {
        $away = $daylight <= 0.0 ? 1.0 : abs($clock + 0.5 - self::NOON) / $daylight;

        return $away < 0.5 ? cos(\M_PI * $away) / cos((\M_PI * 0.5) / $daylight) : 0.0;
    }

    /** @param int $day since 1970, local */
    private function isRainy(int $day, int $month): bool
    {
        $share = ($this->rainDays[$month] ?? 0.0) / self::MONTH;

        return floor(($day + 1) * $share) > floor($day * $share);
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
