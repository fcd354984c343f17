<?php

declare(strict_types=1);

namespace Judge;

/** Something about a timetable that a master would refuse to sign. */
interface TimeLaw
{
    /** @return list<Breach> */
    public function breaches(Timetable $timetable): array;
}
