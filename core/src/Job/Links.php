<?php

declare(strict_types=1);

namespace Hull\Job;

use Hull\Input\Node;

/**
 * What parts of a job hang on: a zone belongs to a whole part, a part is mounted on, covers or seals another, nothing
 * goes in a circle, and what stays on is worked where that is.
 */
final class Links
{
    /**
     * @param Node $node the part as it was given, for the place of a refusal
     * @param array<int|string, Part> $parts all parts of the job by id, this one among them
     *
     * @throws \Hull\Input\InvalidInput where it hangs on what is not there, on itself, or on what hangs on it,
     *                                  or stays on what is worked elsewhere
     */
    public static function check(Node $node, Part $part, array $parts): void
    {
        foreach (self::said($node, $part) as [$given, $to, $link]) {
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
            if (null === $link) {
                self::zone($given, $part, $parts[$to], $parts);
            } elseif ($link->as->comesOff()) {
                self::hanging($given, $part, $parts);
                self::staying($given, $part, $link, $parts[$to]);
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

    /** What is not taken off is worked where that is which it stays on. */
    private static function staying(Node $given, Part $part, Link $link, Part $host): void
    {
        if ($link->stays && $part->place !== $host->place) {
            throw $given->refuse(
                sprintf('"%s" stays on "%s", which is worked in another place.', $part->name, $host->name),
                sprintf('the place of "%s" for both, or that it is taken off', $host->name),
            );
        }
    }

    /**
     * @return iterable<array{Node, string, Link|null}> where it was said, the other part, and the link; null for a zone
     */
    private static function said(Node $node, Part $part): iterable
    {
        if (null !== $part->zoneOf) {
            yield [$node->field('zone_of'), $part->zoneOf, null];
        }
        $given = $node->optional('links')?->items() ?? [];
        $said = count($part->links) - count($given);
        foreach ($part->links as $n => $link) {
            yield [
                isset($given[$n - $said]) ? $given[$n - $said]->field('to') : $node->field('mounted_on'),
                $link->to,
                $link,
            ];
        }
    }

    /** @param array<int|string, Part> $parts */
    private static function hanging(Node $given, Part $part, array $parts): void
    {
        $ahead = self::hosts($part);
        for ($met = []; [] !== $ahead; ) {
            $on = array_shift($ahead);
            if ($on === $part->id) {
                throw $given->refuse(
                    sprintf('"%s" would hang on itself.', $part->name),
                    'a part that does not hang on this one',
                );
            }
            if (!isset($met[$on]) && isset($parts[$on])) {
                $met[$on] = true;
                $ahead = [...$ahead, ...self::hosts($parts[$on])];
            }
        }
    }

    /** @return list<string> */
    private static function hosts(Part $part): array
    {
        return array_values(
            array_map(
                static fn(Link $l): string => $l->to,
                array_filter($part->links, static fn(Link $l): bool => $l->as->comesOff()),
            ),
        );
    }
}
