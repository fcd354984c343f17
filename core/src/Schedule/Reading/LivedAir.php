<?php

declare(strict_types=1);

namespace Hull\Schedule\Reading;

use Hull\Bench\Record;
use Hull\Bench\Workpiece;
use Hull\Climate\PlaceAir;
use Hull\Job\EntryKind;
use Hull\Job\LogEntry;
use Hull\Job\RouteStep;
use Hull\Piece\Whereabouts;
use Hull\Quantity\Instant;
use Hull\Schedule\Constraint\Airs;

/** The air a part has been in and is in now: by what the record says of when it was taken off and put back on. */
final readonly class LivedAir
{
    public static function of(Workpiece $piece, Whereabouts $where, Airs $airs): PlaceAir
    {
        $at = $where->since(null)->at;
        $air = $airs->at($at);
        $turns = array_flip(array_map(static fn(RouteStep $s): string => $s->key, $piece->route()->steps));
        $furthest = -1;
        foreach (self::finished($piece) as $entry) {
            // What has left the order of work, or is written down after what comes later, moves it nowhere.
            $key = $entry->stepKey ?? '';
            $isNext = ($turns[$key] ?? -1) > $furthest;
            $furthest = max($furthest, $turns[$key] ?? -1);
            $next = $isNext ? $where->since($key)->at : $at;
            if ($next !== $at) {
                [$at, $air] = [$next, $air->then($airs->at($next), Instant::hour($entry->at))];
            }
        }

        return $air;
    }

    /** @return list<LogEntry> what was finished, in order of time */
    private static function finished(Workpiece $piece): array
    {
        $finished = array_filter(
            Record::effective($piece->part->log),
            static fn(LogEntry $e): bool => EntryKind::Finish === $e->kind,
        );
        usort($finished, static fn(LogEntry $a, LogEntry $b): int => $a->at <=> $b->at);

        return $finished;
    }
}
