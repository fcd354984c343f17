<?php

declare(strict_types=1);

namespace Judge;

/** The air of one place, hour by hour, and what it does to a part there: reckoned anew from the trade's formulas. */
final readonly class Sky
{
    private const REFERENCE_C = 20.0;
    private const REFERENCE_RH = 0.6;
    /** In that air an open surface dries in. */
    private const DRIES_H = 3.0;
    /** Five degrees under the coldest row of a sheet nothing cures any more, and no window closes. */
    private const STILL_C = 5.0;
    /** Share of the sun that a part takes up by how dark it is; what it gives off in still air and by m/s of wind. */
    private const TAKES = ['light' => 0.3, 'middling' => 0.6, 'dark' => 0.9];
    private const GIVES = 14.0;
    private const GIVES_BY_WIND = 3.0;

    /**
     * @param int $from hour since 1970 UTC
     * @param list<float> $celsius
     * @param list<float> $humidity 0 to 1
     * @param list<float> $rain mm an hour
     * @param list<float> $sun W by m2 of level ground
     * @param list<float> $wind m/s
     * @param list<float>|null $parts how warm the part is that lies in it, hour by hour; null for the air alone
     */
    public function __construct(
        public int $from,
        public array $celsius,
        public array $humidity,
        public array $rain,
        public bool $outdoors,
        private array $sun = [],
        private array $wind = [],
        private ?array $parts = null,
    ) {}

    /**
     * As a part has it: in the sun it is warmer than the air, and what is heavy follows only slowly.
     *
     * @param float $lag hours in which it comes nearly two thirds of the way
     */
    public function on(string $tone, float $lag): self
    {
        $way = $lag > 0.0 ? 1.0 - exp(-1.0 / $lag) : 1.0;
        $c = $this->celsius[0] ?? 0.0;
        $parts = [];
        foreach ($this->celsius as $at => $air) {
            $gives = self::GIVES + self::GIVES_BY_WIND * ($this->wind[$at] ?? 0.0);
            $c += $way * ($air + (self::TAKES[$tone] * ($this->sun[$at] ?? 0.0)) / $gives - $c);
            $parts[] = $c;
        }

        return new self(
            from: $this->from,
            celsius: $this->celsius,
            humidity: $this->humidity,
            rain: $this->rain,
            outdoors: $this->outdoors,
            sun: $this->sun,
            wind: $this->wind,
            parts: $parts,
        );
    }

    private function part(int $at): float
    {
        return $this->parts[$at] ?? ($this->celsius[$at] ?? 0.0);
    }

    /** The air over the days that are known holds on as its last day did. */
    private function index(float $hour): int
    {
        $at = max(0, (int) floor($hour + 1e-9) - $this->from);
        $count = count($this->celsius);

        return $at < $count ? $at : $count - 24 + (($at - $count) % 24);
    }

    /** Of the part, or of the air alone. */
    public function c(float $hour): float
    {
        return $this->part($this->index($hour));
    }

    /** No sun in an hour of a day that has some, and no roof with lamps under it. */
    public function isDark(float $hour): bool
    {
        $at = $this->index($hour);

        return $this->outdoors &&
            ($this->sun[$at] ?? 0.0) <= 0.0 &&
            max([0.0, ...array_slice($this->sun, max(0, $at - 24), 48)]) > 0.0;
    }

    /** @return list<float> beginnings of the hours with rain between two hours */
    public function rains(float $from, float $to): array
    {
        $rains = [];
        for ($hour = floor($from + 1e-9); $hour < $to - 1e-9; ++$hour) {
            if (($this->rain[(int) $hour - $this->from] ?? 0.0) > 0.0) {
                $rains[] = $hour;
            }
        }

        return $rains;
    }

    /** How far the part is above the dew point, degrees C. */
    public function margin(float $hour): float
    {
        $at = $this->index($hour);
        $vapour = self::full($this->celsius[$at] ?? 0.0) * max(0.001, $this->humidity[$at] ?? 0.0);
        $x = log($vapour / 6.112);

        return $this->part($at) - (243.12 * $x) / (17.62 - $x);
    }

    /** Share of drying, three hours in the reference air, done between two hours. */
    public function dried(float $from, float $to): float
    {
        $reference = self::full(self::REFERENCE_C) * (1.0 - self::REFERENCE_RH);

        return $this->sum(
            $from,
            $to,
            static fn(float $c, float $rh): float => $c <= 0.0
                ? 0.0
                : (self::full($c) * (1.0 - $rh)) / ($reference * self::DRIES_H),
        );
    }

    /** Hours of chemistry at 20 C done between two hours. */
    public function worked(float $from, float $to): float
    {
        return $this->sum(
            $from,
            $to,
            static fn(float $c): float => 1.0 / max(0.5, min(3.0, 2.0 ** ((20.0 - $c) / 10.0))),
            true,
        );
    }

    /** Share of a row of a film's sheet done between two hours; null where it has no such row. */
    public function cured(string $product, int $row, float $from, float $to): ?float
    {
        return null === Sheets::hours($product, $row, 20.0)
            ? null
            : $this->sum(
                $from,
                $to,
                static fn(float $c): float => $c < self::STILL_C
                    ? 0.0
                    : 1.0 / (Sheets::hours($product, $row, $c) ?? 1.0),
                true,
            );
    }

    /**
     * @param \Closure(float, float): float $rate by C and humidity
     * @param bool $part whether the part's temperature drives it, not that of the air
     */
    private function sum(float $from, float $to, \Closure $rate, bool $part = false): float
    {
        $sum = 0.0;
        for ($hour = $from; $hour < $to - 1e-9; $hour = $next) {
            $next = min($to, floor($hour + 1e-9) + 1.0);
            $at = $this->index($hour);
            $sum +=
                ($next - $hour) *
                $rate($part ? $this->part($at) : $this->celsius[$at] ?? 0.0, $this->humidity[$at] ?? 0.0);
        }

        return $sum;
    }

    private static function full(float $c): float
    {
        return 6.112 * exp((17.62 * $c) / (243.12 + $c));
    }
}
