<?php

declare(strict_types=1);

namespace Hull\Piece;

use Hull\Bench\Workpiece;
use Hull\Job\Part;
use Hull\Job\Relation;

/**
 * Where a part is while it hangs on another. It is taken off where the outermost carrier stands, since what carries
 * another comes off after it and goes on before it, and put back on there; what is glued or pressed in is fitted where
 * its own carrier is worked. What never comes off goes along with what does.
 */
final readonly class Hanging
{
    /**
     * @param Stand $off where it is taken off
     * @param Stand $on where it is put back on, or is handed over if it is not taken off
     * @param Stand $along where it is worked if it is not taken off
     * @param bool $isFitted glued or pressed in; with what is only put back, what is glued is something on it
     */
    private function __construct(public Stand $off, public Stand $on, public Stand $along, public bool $isFitted) {}

    /**
     * @param array<int|string, Workpiece> $pieces of one job
     * @param array<int|string, string> $places key of each place among all places of the yard, under the same keys
     *
     * @return array<int|string, self> of what comes off something, under the same keys
     */
    public static function all(array $pieces, array $places): array
    {
        $stands = $keys = [];
        foreach ($pieces as $key => $piece) {
            $stands[$piece->part->id] = Stand::of($piece, $places[$key]);
            $keys[$piece->part->id] = $key;
        }
        $all = new Pieces(array_map(static fn(Workpiece $p): Part => $p->part, $pieces));
        $found = [];
        foreach ($all->mounts() as [$part, $link, $host]) {
            $away = $host;
            while (!self::comesOff($pieces[$keys[$away->id]]) && null !== $all->carrier($away)) {
                $away = $all->carrier($away);
            }
            $outermost = $all->outermost($host);
            $on = match (true) {
                // What only stands on another is handed over by itself.
                !self::comesOff($pieces[$keys[$part->id]]) => Relation::StandsOn === $link->as ? $away : $outermost,
                $link->as->isFitted() => $away,
                default => self::bench($all, $host),
            };
            $found[$keys[$part->id]] ??= new self(
                off: $stands[$outermost->id],
                on: $stands[$on->id],
                along: $stands[$away->id],
                isFitted: $link->as->isFitted(),
            );
        }

        return $found;
    }

    /** What is there when something is put back on a part: what that is fitted to on its bench, or the outermost. */
    private static function bench(Pieces $all, Part $host): Part
    {
        foreach ($all->mounts() as [$part, $link, $carrier]) {
            if ($part->id === $host->id) {
                return $link->as->isFitted() ? $carrier : self::bench($all, $carrier);
            }
        }

        return $host;
    }

    private static function comesOff(Workpiece $piece): bool
    {
        return null !== (new Lane($piece->part, $piece->route(), $piece->context->catalogue()))->takenOff();
    }
}
