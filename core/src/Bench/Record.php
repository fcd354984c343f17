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
                    id: $original,
                    kind: $was->kind,
                    stepKey: $entry->stepKey ?? $was->stepKey,
                    at: $entry->at,
                    air: $entry->air ?? $was->air,
                    note: '' === $entry->note ? $was->note : $entry->note,
                    corrects: null,
                    withdrawn: false,
                    rule: $was->rule,
                    by: $was->by,
                    used: $entry->used ?? $was->used,
                    film: $entry->film ?? $was->film,
                );
            }
        }
        $ordered = array_values($effective);
        usort($ordered, static fn(LogEntry $a, LogEntry $b): int => $a->at <=> $b->at);

        return $ordered;
    }
}
