<?php

declare(strict_types=1);

namespace Hull\Quantity;

/**
 * One moment: hours since 1970 UTC, which is what is reckoned with, and the date it is. A fraction of an hour is kept
 * to the microsecond.
 */
final class Instant
{
    private const SECONDS = 3600.0;

    /** Hours since 1970 UTC. */
    public static function hour(\DateTimeInterface $at): float
    {
        return (float) $at->format('U.u') / self::SECONDS;
    }

    /** The date of an hour since 1970, rounded to the second; in UTC, where no zone is given. */
    public static function at(float $hour, ?\DateTimeZone $zone = null): \DateTimeImmutable
    {
        $at = new \DateTimeImmutable('@' . (int) round($hour * self::SECONDS));

        return $at->setTimezone($zone ?? new \DateTimeZone('UTC'));
    }

    /** As files and answers have it: 2026-05-13T10:10:00Z. */
    public static function written(float $hour): string
    {
        return self::at($hour)->format('Y-m-d\TH:i:s\Z');
    }
}
