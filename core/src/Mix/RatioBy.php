<?php

declare(strict_types=1);

namespace Hull\Mix;

/** What the numbers of a mix ratio count. Never swapped silently: 2:1 by volume is not 2:1 by mass. */
enum RatioBy: string
{
    case Volume = 'volume';
    case Mass = 'mass';

    public function other(): self
    {
        return self::Volume === $this ? self::Mass : self::Volume;
    }
}
