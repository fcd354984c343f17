<?php

declare(strict_types=1);

namespace Hull\Schedule\Reading;

use Hull\Area\Footprint;
use Hull\Job\Part;

/** The floor a part takes in its place, as measured, or reckoned from its surface. */
final readonly class FloorSpace
{
    /**
     * @param float $long metres, with what is kept clear
     * @param float $wide metres, with what is kept clear
     * @param bool $reckoned nobody measured it
     */
    private function __construct(public float $long, public float $wide, public bool $reckoned) {}

    /** With room to get round it, since it is worked where it cures. */
    public static function of(Part $part): self
    {
        $room = $part->room;
        $measured = null !== $room?->long && null !== $room->wide;
        if (!$measured && (null !== $part->zoneOf || Footprint::BENCH === $room?->way)) {
            // A zone stands where the piece stands that it is on; what lies on the bench takes no floor.
            return new self(0.0, 0.0, true);
        }
        if (!$measured) {
            $side = sqrt(Footprint::reckoned($part->area()->m2()));

            return new self($side, $side, true);
        }
        $sides = Footprint::sides($room->long->m(), $room->wide->m(), $room->way, true);

        return new self($sides->long, $sides->wide, false);
    }

    public function m2(): float
    {
        return $this->long * $this->wide;
    }
}
