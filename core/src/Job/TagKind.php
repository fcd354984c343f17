<?php

declare(strict_types=1);

namespace Hull\Job;

/** Which way the things on a tag of the strip-down register went. */
enum TagKind: string
{
    /** They came off, and go back on. */
    case Off = 'off';
    /** They were put in, or fell in, and have to come out: plugs, media, rags, rivet tails. */
    case In = 'in';

    /** What was done to them, for a sentence. */
    public function done(): string
    {
        return self::Off === $this ? 'back on' : 'out again';
    }

    public function open(): string
    {
        return self::Off === $this ? 'still off' : 'still in';
    }
}
