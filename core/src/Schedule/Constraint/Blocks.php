<?php

declare(strict_types=1);

namespace Hull\Schedule\Constraint;

/**
 * Parts of a chain that belong together: a window reaches from one of their activities to another, or one lays bare
 * what another covers. And blocks of several parts as one where each waits for something of the other.
 */
final class Blocks
{
    /** @return array<int|string, list<non-empty-list<Activity>>> part => blocks in order, without what has begun */
    public static function of(Yard $yard): array
    {
        $blocks = [];
        foreach ($yard->chains as $part => $ids) {
            $chain = array_map($yard->activity(...), $ids);
            $place = array_flip($ids);
            $reach = [];
            foreach ($chain as $to => $activity) {
                foreach ($activity->windows as $window) {
                    $from = $place[$window->from] ?? null;
                    if (null !== $from && null === $chain[$from]->fixed) {
                        $reach[$from] = max($reach[$from] ?? 0, $to);
                    }
                }
            }
            $covered = null;
            foreach (array_reverse($chain, true) as $at => $activity) {
                $covered = $activity->covers ? $at : $covered;
                if ($activity->bares && null !== $covered && null === $activity->fixed) {
                    $reach[$at] = max($reach[$at] ?? 0, $covered);
                }
            }
            $until = -1;
            [$list, $block] = [[], []];
            foreach ($chain as $at => $activity) {
                if (null !== $activity->fixed) {
                    continue;
                }
                if ($at > $until && [] !== $block) {
                    $list[] = $block;
                    $block = [];
                }
                $block[] = $activity;
                $until = max($until, $reach[$at] ?? -1);
            }
            $blocks[$part] = [] === $block ? $list : [...$list, $block];
        }

        return [] === $yard->needs ? $blocks : (new KnottedBlocks($yard, $blocks))->joined();
    }

    /**
     * @param list<Activity> $block
     *
     * @return list<string>
     */
    public static function ids(array $block): array
    {
        return array_map(static fn(Activity $a): string => $a->id, $block);
    }
}
