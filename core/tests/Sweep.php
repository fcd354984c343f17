<?php

declare(strict_types=1);

namespace Hull\Tests;

/** How far a sweep goes: thinned where it is one check among many, whole with HULL_FULL=1 (./test --full). */
final class Sweep
{
    public static function of(int $thin, int $whole): int
    {
        return self::isWhole() ? $whole : $thin;
    }

    public static function isWhole(): bool
    {
        return '1' === getenv('HULL_FULL');
    }
}
