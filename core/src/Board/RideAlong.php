<?php

declare(strict_types=1);

namespace Hull\Board;

use Hull\Bench\Replayed;
use Hull\Bench\Workpiece;
use Hull\Job\RouteStep;
use Hull\Surface\Shade;

/** Parts whose next coat is a given paint in the same colour: they can have some of the same mix. */
final class RideAlong
{
    /**
     * @param array<int|string, Workpiece> $pieces by part id
     * @param array<int|string, Replayed> $done
     *
     * @return array<int|string, string> part id => key of its next coat
     */
    public static function of(Shade $paint, array $pieces, array $done): array
    {
        $rides = [];
        foreach ($pieces as $id => $piece) {
            $coats = array_values(
                array_filter(
                    Workpiece::remaining($piece->route(), $done[$id]),
                    static fn(RouteStep $s): bool => null !== $s->product,
                ),
            );
            $next = $coats[0]->product ?? null;
            if (null !== $next && $piece->context->system->shade($next)->key() === $paint->key()) {
                $rides[$id] = $coats[0]->key;
            }
        }

        return $rides;
    }
}
