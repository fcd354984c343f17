<?php

declare(strict_types=1);

namespace Hull\Climate;

/**
 * How a part comes by its temperature: it follows the air with a delay and takes up sun. In the sun it settles at the
 * sol-air temperature, air + absorbed x sun / (14 + 3 x wind) (both sides give off heat; estimate).
 */
final readonly class PartWarmth
{
    public const USUAL = 'middling';
    /** As it is shown. */
    public const FORMULA = 'air + absorbed x sun / (14 + 3 x wind)';

    /** Heat that a part gives off in still air, W by m2 and degree, and by m/s of wind more (estimate). */
    private const STILL_AIR = 14.0;
    private const BY_WIND = 3.0;

    /**
     * @param float $tauHours time constant with which it follows, see PartLag; 0 for at once
     * @param float $absorbs share of the sun it takes up, 0 to 1
     */
    public function __construct(public float $tauHours = 0.0, public float $absorbs = 0.0) {}

    public function key(): string
    {
        return $this->tauHours . ':' . $this->absorbs;
    }

    /** A step of one time constant's share towards what it settles at. */
    public function keeps(float $hours): float
    {
        return $this->tauHours > 0.0 ? exp(-$hours / $this->tauHours) : 0.0;
    }

    /**
     * How much warmer than the air a surface settles that takes up all of the sun, degrees C.
     *
     * @param float $sun W by m2
     * @param float $wind m/s
     */
    public static function gain(float $sun, float $wind): float
    {
        return $sun / (self::STILL_AIR + self::BY_WIND * $wind);
    }
}
