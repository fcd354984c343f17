<?php

declare(strict_types=1);

namespace Judge;

/** Something about several parts together that a master would refuse to sign. */
interface PieceLaw
{
    /** @return list<Breach> */
    public function breaches(Piece $piece): array;
}
