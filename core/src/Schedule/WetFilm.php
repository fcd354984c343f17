<?php

declare(strict_types=1);

namespace Hull\Schedule;

use Hull\Climate\GateLine;

/** A film that is put on: when it may be, and how long dust and dew harm it. */
final readonly class WetFilm
{
    public function __construct(public GateLine $gate, public LagTime $dry) {}
}
