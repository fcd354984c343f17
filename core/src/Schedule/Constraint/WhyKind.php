<?php

declare(strict_types=1);

namespace Hull\Schedule\Constraint;

use Hull\Schedule\Calendar\Person;

/** What keeps an activity from beginning earlier. */
enum WhyKind: string
{
    case Nothing = 'nothing';
    case Running = 'running';
    case Past = 'past';
    case Before = 'before';
    case Waits = 'waits';
    case Hours = 'hours';
    case Quiet = 'quiet';
    case Dark = 'dark';
    case Attended = 'attended';
    case Person = 'person';
    case Absent = 'absent';
    case Place = 'place';
    case Gear = 'gear';
    case Air = 'air';
    case Delivery = 'delivery';
    case Window = 'window';
    /** Begun as late as can be, since what it opens has its hour only later. */
    case Missed = 'missed';
    /** Held back so that other work goes first. */
    case Others = 'others';
    /** Done on a day on which more is done, so that nobody comes in for this alone. */
    case Visit = 'visit';
    case Kept = 'kept';
}
