<?php

declare(strict_types=1);

namespace Hull\Schedule\Constraint;

/**
 * Work that the record has as finished and that still says something to what is done beside it: a film that is wet, a
 * surface wiped for one, chemicals not rinsed off, mist that nobody may breathe. Hours since 1970 UTC.
 */
final readonly class Finished
{
    /**
     * @param Activity $work its id is of no activity that is planned
     * @param float $dry until when the film it laid is wet; its end for anything else
     */
    public function __construct(public Activity $work, public float $start, public float $end, public float $dry) {}
}
