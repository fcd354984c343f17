<?php

declare(strict_types=1);

namespace Hull\Surface;

/** How long dew harms a film. */
enum Dew: string
{
    /** An oil or wax film lies on a damp morning as on any other. */
    case Never = 'never';
    case UntilTouch = 'touch';
    /** A gloss two-pack or a water-borne film dulls or runs as long as rain harms it. */
    case UntilRainSafe = 'rain';

    /** @return list<string> */
    public static function ids(): array
    {
        return array_map(static fn(self $d): string => $d->value, self::cases());
    }
}
