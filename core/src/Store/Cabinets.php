<?php

declare(strict_types=1);

namespace Hull\Store;

use Hull\Catalog\Catalogue;
use Hull\Catalog\Interlock;
use Hull\Input\Keys;

/** What stands in one cabinet and must not meet when a tin leaks; by the interlocks of the bench. */
final class Cabinets
{
    /**
     * @param list<TinState> $tins
     *
     * @return list<array{string, Interlock, string, string}> cabinet, why, and two materials
     */
    public static function conflicts(Catalogue $catalogue, array $tins): array
    {
        $cabinets = [];
        foreach ($tins as $state) {
            if ('' !== $state->tin->cabinet && !$state->isEmpty()) {
                $cabinets[$state->tin->cabinet][$state->tin->material] = true;
            }
        }
        ksort($cabinets);
        $conflicts = [];
        foreach ($cabinets as $cabinet => $materials) {
            $cabinet = (string) $cabinet;
            $ids = Keys::of($materials);
            sort($ids);
            foreach ($ids as $i => $one) {
                foreach (array_slice($ids, $i + 1) as $other) {
                    foreach ($catalogue->interlocks as $lock) {
                        if (
                            !$lock->ordered &&
                            $lock->isBetween($catalogue->chemicals($one), $catalogue->chemicals($other))
                        ) {
                            $conflicts[] = [$cabinet, $lock, $one, $other];
                        }
                    }
                }
            }
        }

        return $conflicts;
    }
}
