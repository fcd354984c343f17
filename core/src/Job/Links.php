<?php

declare(strict_types=1);

namespace Hull\Job;

use Hull\Input\Node;

/**
 * What parts of a job hang on: a zone belongs to a whole part, a part is mounted on another, and nothing goes in a
 * circle.
 */
final class Links
{
    /**
     * @param Node $node the part as it was given, for the place of a refusal
     * @param array<int|string, Part> $parts all parts of the job by id, this one among them
     *
     * @throws \Hull\Input\InvalidInput where it hangs on what is not there, on itself, or on what hangs on it
     */
    public static function check(Node $node, Part $part, array $parts): void
    {
        foreach (['zone_of' => $part->zoneOf, 'mounted_on' => $part->mountedOn] as $field => $to) {
            if (null === $to) {
                continue;
            }
            $given = $node->field($field);
            $others = array_values(
                array_filter(
                    array_map(static fn(Part $p): string => $p->id, $parts),
                    static fn(string $id): bool => $id !== $part->id,
                ),
            );
            $accepted = [] === $others ? 'nothing: the job has no other part' : 'one of: ' . implode(', ', $others);
            if ($to === $part->id || !isset($parts[$to])) {
                throw $given->refuse(
                    $to === $part->id ? 'A part cannot hang on itself.' : sprintf('The job has no part "%s".', $to),
                    $accepted,
                );
            }
            if ('zone_of' === $field) {
                self::zone($given, $part, $parts[$to], $parts);
            } else {
                self::mounted($given, $part, $parts);
            }
        }
    }

    /** @param array<int|string, Part> $parts */
    private static function zone(Node $given, Part $part, Part $of, array $parts): void
    {
        if (null !== $of->zoneOf) {
            throw $given->refuse(sprintf('"%s" is a zone itself.', $of->name), 'the id of a whole part');
        }
        foreach ($parts as $other) {
            if ($other->zoneOf === $part->id) {
                throw $given->refuse(
                    sprintf('"%s" has zones, so it is no zone.', $part->name),
                    'a part without zones of its own',
                );
            }
        }
    }

    /** @param array<int|string, Part> $parts */
    private static function mounted(Node $given, Part $part, array $parts): void
    {
        $met = [];
        for (
            $on = $part->mountedOn;
            null !== $on && isset($parts[$on]) && !isset($met[$on]);
            $on = $parts[$on]->mountedOn
        ) {
            $met[$on] = true;
            if ($on === $part->id) {
                throw $given->refuse(
                    sprintf('"%s" would hang on itself.', $part->name),
                    'a part that does not hang on this one',
                );
            }
        }
    }
}
