<?php

declare(strict_types=1);

namespace Judge;

/** Something a master would refuse to sign. */
interface Law
{
    /** @return list<Breach> */
    public function breaches(Work $work): array;
}
