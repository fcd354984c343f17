<?php

declare(strict_types=1);

namespace App\Clock;

use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Clock\NativeClock;

/** The clock of the application: the real one, or one that stands at the instant in HULL_CLOCK (set by tests only). */
final class SetClock
{
    /**
     * @param string|null $instant with its offset, e.g. 2026-05-13T08:10:00Z; null or empty for the real time
     *
     * @throws \DateMalformedStringException|\Exception where it is no instant
     */
    public static function at(?string $instant): ClockInterface
    {
        return null === $instant || '' === $instant ? new NativeClock() : new MockClock($instant);
    }
}
