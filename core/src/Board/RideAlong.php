<?php

declare(strict_types=1);

namespace Hull\Board;

use Hull\Bench\Replayed;
use Hull\Bench\Workpiece;
use Hull\Surface\Shade;

/** Parts that still get a paint in the same colour: they can have some of the same mix, or the rest of the kit. */
final class RideAlong
{
    /**
     * @param array<int|string, Workpiece> $pieces by part id
     * @param array<int|string, Replayed> $done
     *
     * @return array<int|string, Ride> by part id, what could begin first at the head
     */
    public static function of(Shade $paint, array $pieces, array $done): array
    {
        $rides = [];
        foreach ($pieces as $id => $piece) {
            foreach (Workpiece::remaining($piece->route(), $done[$id]) as $step) {
                if (
                    null !== $step->product &&
                    $piece->context->system->shade($step->product)->key() === $paint->key()
                ) {
                    $rides[$id] = Ride::to($step, $piece, $done[$id]);
                    break;
                }
            }
        }
        uasort($rides, static fn(Ride $a, Ride $b): int => ($a->hours ?? \INF) <=> ($b->hours ?? \INF));

        return $rides;
    }
}
