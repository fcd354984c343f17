<?php

declare(strict_types=1);

namespace Hull\Area;

/** Tape and film for what is covered; metres and square metres. */
final class Masking
{
    /** Tape laps itself by a third of its width. */
    private const LAP = 1.0 / 3.0;
    /** A face as wide as so many tapes is taped all over; a wider one has film with tape around. */
    private const STRIPS = 3;
    /** Ends, corners and what sticks to the glove, share of the length. */
    private const WASTE = 0.1;
    /** Film reaches so far below its tape on each side, metres. */
    private const UNDER_TAPE = 0.02;

    /** Whether a face is narrow enough to be taped all over. */
    public static function isTapedOver(float $across, float $width): bool
    {
        return $across <= self::STRIPS * $width;
    }

    /** Tape all over a face, in strips along it, metres. */
    public static function strips(float $across, float $along, float $width): float
    {
        $strips = $across <= $width ? 1.0 : 1.0 + ceil(($across - $width) / ($width * (1.0 - self::LAP)) - 1e-9);

        return $strips * $along * (1.0 + self::WASTE);
    }

    /** Tape around a face, metres. */
    public static function around(float $across, float $along): float
    {
        return 2.0 * ($across + $along) * (1.0 + self::WASTE);
    }

    /** Tape along a line, metres. */
    public static function line(float $along): float
    {
        return $along * (1.0 + self::WASTE);
    }

    /** Film over a face, reaching below its tape, m2. */
    public static function film(float $across, float $along): float
    {
        return ($across + 2.0 * self::UNDER_TAPE) * ($along + 2.0 * self::UNDER_TAPE);
    }
}
