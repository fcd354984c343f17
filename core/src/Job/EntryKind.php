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
}
