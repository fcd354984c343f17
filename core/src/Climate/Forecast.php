<?php

declare(strict_types=1);

namespace Hull\Climate;

use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\Temperature;
use Hull\Quantity\TemperatureDifference;

/** Weather outdoors, hour by hour. Past its end its last day is taken again and again, and said to be a guess. */
final readonly class Forecast
{
    private const DAY = 24;
    /** How far a forecast may be off, by its age: typical of hourly forecasts at one place (estimate). */
    private const SPREAD_C = 0.5;
    private const SPREAD_C_A_DAY = 0.5;
    private const SPREAD_C_MOST = 4.0;

    /** @param non-empty-list<Weather> $hours */
    private function __construct(public int $from, public array $hours, public string $source) {}

    /**
     * @param int $from first hour since 1970 UTC
     * @param list<Weather> $hours
     * @param string $source who says so, to show
     */
    public static function of(int $from, array $hours, string $source): self
    {
        return [] === $hours
            ? throw new InvalidQuantity('A forecast without hours says nothing.', 'at least one hour')
            : new self($from, $hours, $source);
    }

    public function end(): int
    {
        return $this->from + count($this->hours);
    }

    /** Before its first hour the air of that hour holds; that it rained or the sun shone then is not known. */
    public function at(int $hour): Weather
    {
        if ($hour < $this->from) {
            return Weather::of($this->hours[0]->air, $this->hours[0]->wind);
        }
        $count = count($this->hours);
        $at = $hour - $this->from;
        if ($at >= $count) {
            $day = min(self::DAY, $count);
            $at = $count - $day + (($at - $count) % $day);
        }

        return $this->hours[$at] ?? $this->hours[0];
    }

    /**
     * As it may come at one edge of what it leaves open: colder and without its sun, or warmer, with as much water in
     * the air as it can hold.
     *
     * @param int $side -1 colder, 1 warmer, 0 as it is
     * @param int $now hour up to which it is no guess
     */
    public function edge(int $side, int $now): self
    {
        $hours = [];
        foreach ($this->hours as $i => $weather) {
            $ahead = $this->from + $i - $now;
            $by = $ahead < 0 ? 0.0 : $side * self::spreadOfTemperature((float) $ahead)->c();
            $hours[] =
                0.0 === $by
                    ? $weather
                    : $weather->inAir(
                        $weather->air->heatedTo(Temperature::celsius($weather->air->temperature->c() + $by)),
                        $side > 0,
                    );
        }

        return new self($this->from, $hours, $this->source);
    }

    /** How far the temperature may be off so many hours ahead. */
    public static function spreadOfTemperature(float $hoursAhead): TemperatureDifference
    {
        return TemperatureDifference::celsius(
            min(self::SPREAD_C_MOST, self::SPREAD_C + (self::SPREAD_C_A_DAY * max(0.0, $hoursAhead)) / self::DAY),
        );
    }
}
