<?php

declare(strict_types=1);

namespace Hull\Job;

/** What becomes of a thing that came off. */
enum ItemState: string
{
    /** It goes back as it is. */
    case Reuse = 'reuse';
    case Clean = 'clean';
    /** It does not go back; another one has to be had. */
    case Replace = 'replace';
    case Ordered = 'ordered';

    /** There is nothing to put back yet. */
    public function isMissing(): bool
    {
        return self::Replace === $this || self::Ordered === $this;
    }

    public function words(): string
    {
        return match ($this) {
            self::Reuse => 'goes back as it is',
            self::Clean => 'to clean',
            self::Replace => 'to replace',
            self::Ordered => 'ordered',
        };
    }
}
