<?php

declare(strict_types=1);

namespace Hull\Bench;

use Hull\Job\EntryKind;
use Hull\Job\LogEntry;

/** The log as it counts: corrections in place of what they correct, withdrawn entries left out, in order of time. */
final class Record
{
    /**
     * @param list<LogEntry> $log in the order written
     *
     * @return list<LogEntry>
     */
    public static function effective(array $log): array
    {
        $root = [];
        $effective = [];
        foreach ($log as $entry) {
            if (EntryKind::Correction !== $entry->kind || null === $entry->corrects) {
                $effective[$entry->id] = $entry;
                continue;
            }
            $original = $root[$entry->corrects] ?? $entry->corrects;
            $root[$entry->id] = $original;
            $was = $effective[$original] ?? null;
            if (null === $was) {
                continue;
            }
            if ($entry->withdrawn) {
                unset($effective[$original]);
            } else {
                $effective[$original] = new LogEntry(
                    $original,
                    $was->kind,
                    $entry->stepKey ?? $was->stepKey,
                    $entry->at,
                    $entry->air ?? $was->air,
                    '' === $entry->note ? $was->note : $entry->note,
                    null,
                    false,
                    $was->rule,
                    $was->by,
                    $entry->used ?? $was->used,
                    $entry->film ?? $was->film,
                );
            }
        }
        $ordered = array_values($effective);
        usort($ordered, static fn(LogEntry $a, LogEntry $b): int => $a->at <=> $b->at);

        return $ordered;
    }
}
