<?php

declare(strict_types=1);

namespace Hull\Store;

/** What happened to a tin in the store. */
enum MovementKind: string
{
    case Opened = 'opened';
    /** A can whose hardener was let in; its clock runs from then on. */
    case Activated = 'activated';
    case Used = 'used';
    /** Taken back, because the line that used it was corrected. */
    case Back = 'back';
    /** Weighed or looked: this much is in it. */
    case Counted = 'counted';
    case Binned = 'binned';

    public function opens(): bool
    {
        return self::Opened === $this || self::Activated === $this || self::Used === $this;
    }
}
