<?php

declare(strict_types=1);

namespace Hull\Area;

/** Floor that a part takes, metres and square metres. */
final class Footprint
{
    public const STANDS = 'stands';
    public const HANGS = 'hangs';
    public const LAID_OUT = 'laid-out';
    public const BENCH = 'bench';
    public const WAYS = [self::STANDS, self::HANGS, self::LAID_OUT, self::BENCH];

    /** A hanging part swings within this depth, metres. */
    private const HUNG = 0.3;
    /** Taken apart it lies about on as much again beside it. */
    private const APART = 2.0;
    /** One can get round it with a gun, metres on each side. */
    private const ROUND = 0.5;
    /** Nothing touches it while it cures, metres on each side. */
    private const CLEAR = 0.1;
    /** Of what nobody measured: a quarter of its surface is what it stands on; no less than this, m2. */
    private const SHARE = 0.25;
    private const LEAST = 0.5;

    /**
     * The sides of the floor it takes, with what is kept clear around it.
     *
     * @param string $way one of WAYS
     * @param bool $worked somebody goes round it; else it only stands or cures there
     */
    public static function sides(float $long, float $wide, string $way, bool $worked): Sides
    {
        if (self::BENCH === $way) {
            return new Sides(0.0, 0.0);
        }
        $round = 2.0 * ($worked ? self::ROUND : self::CLEAR);

        return match ($way) {
            self::HANGS => new Sides($long + $round, self::HUNG + $round),
            self::LAID_OUT => new Sides(self::APART * $long + $round, $wide + $round),
            default => new Sides($long + $round, $wide + $round),
        };
    }

    /** Floor of a part that nobody measured, by its surface, m2. */
    public static function reckoned(float $surface): float
    {
        return max(self::LEAST, self::SHARE * $surface);
    }
}
