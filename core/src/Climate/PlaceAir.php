<?php

declare(strict_types=1);

namespace Hull\Climate;

use Hull\Quantity\Interval;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;

/**
 * The air of one place, hour by hour: what was measured there, then what the place makes of the weather outside.
 *
 * A reading counts from the moment it exists; after the last one the model is shifted to meet it, and the shift fades.
 * Inside, the vapour pressure is that of the air outside, so that heating lowers the relative humidity and leaves the
 * dew point (estimate).
 */
final readonly class PlaceAir
{
    /** Time constant with which the last reading is forgotten, hours (estimate). */
    private const FADES_H = 6.0;
    private const LEAST_RH = 0.02;
    private const DAY = 24;

    /**
     * @param list<float> $celsius at least one hour
     * @param list<float> $humidity 0 to 1
     * @param list<float> $wind m/s
     * @param list<float> $rain mm an hour
     * @param list<float> $sun W on a level square metre
     * @param list<bool> $dark whether nothing can be done there that goes by the eye
     * @param int $measured hour from which on it is a model
     * @param int $forecast hour from which on the weather outside is a guess
     * @param bool $sheltered neither wind nor rain nor sun gets in
     */
    private function __construct(
        public int $from,
        public array $celsius,
        public array $humidity,
        public array $wind,
        public array $rain,
        public array $sun,
        public array $dark,
        public int $measured,
        public int $forecast,
        private bool $sheltered,
    ) {}

    /**
     * @param Air $set what the place is set to, or was last judged at
     * @param list<array{float, Air}> $readings (hour, air) measured there
     * @param int $hours how many to work out, from $from on
     * @param RelativeHumidity|null $dryTo a dehumidifier holds it down to this
     */
    public static function of(
        Enclosure $place,
        Air $set,
        Forecast $outside,
        array $readings,
        int $from,
        int $hours,
        ?RelativeHumidity $dryTo = null,
    ): self {
        usort($readings, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        $inside = $set->temperature->c();
        $keeps = $place->lagHours > 0.0 ? exp(-1.0 / $place->lagHours) : 0.0;
        $shift = [0.0, 0.0];
        $at = 0;
        $reading = null;
        $model = [$set->temperature->c(), $set->vapourHpa()];
        [$celsius, $humidity, $wind, $rain, $sun] = [[], [], [], [], []];
        $last = [] === $readings ? $from : (int) ceil($readings[count($readings) - 1][0]);
        for ($hour = $from; $hour < $from + max(1, $hours); ++$hour) {
            $weather = $outside->at($hour);
            $outsideC = $weather->air->temperature->c() + $place->gainC;
            if ($hour >= $outside->from) {
                $inside = $outsideC + ($inside - $outsideC) * $keeps;
                $c = match ($place->holds) {
                    'setting' => $set->temperature->c(),
                    'warmth' => max($inside, $set->temperature->c()),
                    default => $inside,
                };
                $model = [$c, $weather->air->vapourHpa()];
            }
            while ($at < count($readings) && $readings[$at][0] < $hour + 1.0 - Interval::SAME) {
                $reading = $readings[$at++];
                $shift = [$reading[1]->temperature->c() - $model[0], $reading[1]->vapourHpa() - $model[1]];
            }
            if (null !== $reading && ($at < count($readings) || $hour <= $reading[0])) {
                [$c, $ratio] = [$reading[1]->temperature->c(), $reading[1]->humidity->value()];
            } else {
                $fades = null === $reading ? 0.0 : exp(-max(0.0, $hour - $reading[0]) / self::FADES_H);
                $c = $model[0] + $shift[0] * $fades;
                $ratio = self::humidity($c, $model[1] + $shift[1] * $fades);
            }
            $celsius[] = $c;
            $humidity[] = max(self::LEAST_RH, null === $dryTo ? $ratio : min($ratio, $dryTo->value()));
            $wind[] = $place->sheltered ? 0.0 : $weather->wind->mPerS();
            $rain[] = $place->sheltered ? 0.0 : $weather->rainMm;
            $sun[] = $place->sheltered ? 0.0 : $weather->sun->wPerM2();
        }

        return new self(
            from: $from,
            celsius: $celsius,
            humidity: $humidity,
            wind: $wind,
            rain: $rain,
            sun: $sun,
            dark: $place->lit ? array_map(static fn(): bool => false, $sun) : self::dark($sun, $outside->from - $from),
            measured: $last,
            forecast: $outside->end(),
            sheltered: $place->sheltered,
        );
    }

    /**
     * Without sun in a day that has some; where nobody says when the sun shines it is never dark.
     *
     * @param list<float> $sun W on a level square metre, hour by hour
     * @param int $known from which of them on somebody says
     *
     * @return list<bool>
     */
    private static function dark(array $sun, int $known): array
    {
        $shone = [0];
        foreach ($sun as $w) {
            $shone[] = $shone[count($shone) - 1] + ($w > 0.0 ? 1 : 0);
        }
        $last = count($sun);

        return array_map(
            static fn(int $at): bool => $at >= $known &&
                $sun[$at] <= 0.0 &&
                $shone[min($last, $at + self::DAY)] > $shone[max(0, $at - self::DAY)],
            array_keys($sun),
        );
    }

    /**
     * The air of what stood here and is somewhere else from an hour on: what undoes a wipe from then on is what does so
     * there.
     *
     * @param float $hour hours since 1970 UTC; the hour it falls into counts as there
     */
    public function then(self $there, float $hour): self
    {
        $at = max(0, min(count($this->celsius), (int) floor($hour) - $this->from));

        return new self(
            from: $this->from,
            celsius: self::joined($this->celsius, $there->celsius, $at, $at + $this->from - $there->from),
            humidity: self::joined($this->humidity, $there->humidity, $at, $at + $this->from - $there->from),
            wind: self::joined($this->wind, $there->wind, $at, $at + $this->from - $there->from),
            rain: self::joined($this->rain, $there->rain, $at, $at + $this->from - $there->from),
            sun: self::joined($this->sun, $there->sun, $at, $at + $this->from - $there->from),
            dark: self::joined($this->dark, $there->dark, $at, $at + $this->from - $there->from),
            measured: $there->measured,
            forecast: $there->forecast,
            sheltered: $there->sheltered,
        );
    }

    /**
     * @template T
     *
     * @param list<T> $here hour by hour
     * @param list<T> $there
     * @param int $at how many of the first stay
     * @param int $from which of there comes then
     *
     * @return list<T> as many as before
     */
    private static function joined(array $here, array $there, int $at, int $from): array
    {
        $last = count($there) - 1;
        for ($n = $at; $n < count($here); ++$n) {
            $here[$n] = $there[max(0, min($last, $from + $n - $at))];
        }

        return array_values($here);
    }

    public function airAt(float $hour): Air
    {
        $at = min(count($this->celsius) - 1, max(0, (int) floor($hour) - $this->from));

        return Air::of(Temperature::celsius($this->celsius[$at]), RelativeHumidity::ratio($this->humidity[$at]));
    }

    public function series(): ClimateSeries
    {
        $rain = array_keys(array_filter($this->rain, static fn(float $mm): bool => $mm > 0.0));

        return ClimateSeries::hourly(
            $this->from,
            $this->celsius,
            $this->humidity,
            $this->sheltered ? null : array_map(fn(int $at): int => $this->from + $at, $rain),
            array_map(PartWarmth::gain(...), $this->sun, $this->wind),
        );
    }

    /**
     * Temperature of a part in this air and sun, hour by hour.
     *
     * @return list<float> degrees C
     */
    public function part(PartWarmth $warmth): array
    {
        $keeps = $warmth->keeps(1.0);
        $part = $this->celsius[0] ?? 0.0;
        $parts = [];
        foreach ($this->celsius as $at => $c) {
            $settles = $c + $warmth->absorbs * PartWarmth::gain($this->sun[$at], $this->wind[$at]);
            $parts[] = $part = $settles + ($part - $settles) * $keeps;
        }

        return $parts;
    }

    /** Of air with so much vapour in it, as far as it can hold it. */
    private static function humidity(float $c, float $hectopascal): float
    {
        return min(1.0, max(self::LEAST_RH, $hectopascal / Air::saturation($c)));
    }
}
