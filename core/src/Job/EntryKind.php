<?php

declare(strict_types=1);

namespace Hull\Job;

/** What a log entry says happened. */
enum EntryKind: string
{
    case Start = 'start';
    case Finish = 'finish';
    /** A batch was mixed; its pot life runs from then on. */
    case Mixed = 'mixed';
    case Reading = 'reading';
    case Note = 'note';
    case Correction = 'correction';
    /** A stop that a named person takes responsibility for. */
    case Taken = 'taken';
    /** What should be dry, or have worked, is not yet. */
    case StillWet = 'still-wet';
    /** The film on top is not touch dry yet. */
    case StillTacky = 'still-tacky';
    /** The film on top is dry to the touch and does not take the next coat yet. */
    case StillSoft = 'still-soft';
    /** Rain or dew was on a coat too soon, or is reckoned to have been, and has left nothing on it. */
    case Unharmed = 'unharmed';
    /** A step did not pass its test. */
    case Failed = 'failed';

    /** It belongs to a step that it names. */
    public function namesAStep(): bool
    {
        return in_array($this, [self::Start, self::Finish, self::Mixed, self::Failed], true);
    }
}
