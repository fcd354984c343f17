<?php

declare(strict_types=1);

namespace Hull\Board;

use Hull\Bench\Replayed;
use Hull\Bench\Workpiece;
use Hull\Job\RouteStep;

/** Parts whose next coat is a given product: they can have some of the same mix. */
final class RideAlong
{
    /**
     * @param array<int|string, Workpiece> $pieces by part id
     * @param array<int|string, Replayed> $done
     *
     * @return array<int|string, string> part id => key of its next coat
     */
    public static function of(string $product, array $pieces, array $done): array
    {
        $rides = [];
        foreach ($pieces as $id => $piece) {
            $coats = array_values(
                array_filter(
                    Workpiece::remaining($piece->route(), $done[$id]),
                    static fn(RouteStep $s): bool => null !== $s->product,
                ),
            );
            if (($coats[0]->product ?? null) === $product) {
                $rides[$id] = $coats[0]->key;
            }
        }

        return $rides;
    }
}
