<?php

declare(strict_types=1);

namespace Hull\Schedule\Constraint;

use Hull\Quantity\Message;

/** What must pass after an earlier activity before this one may begin. */
final readonly class Lag
{
    /**
     * @param string $from id of the earlier activity
     * @param string|Message $what what is waited for, in words: "Two-pack epoxy primer to take the next coat"
     * @param bool $along both are coats: each zone waits from when it was laid to when it is reached, see ZoneSpan
     */
    public function __construct(
        public string $from,
        public LagTime $passing,
        public string|Message $what,
        public bool $along = false,
    ) {}
}
