<?php

declare(strict_types=1);

namespace Hull\Schedule;

/** What a new plan does otherwise than the one before, and why. Hours since 1970 UTC. */
final readonly class Move
{
    /** Moved by less is a slip that nobody has to be told of by itself, hours. */
    private const SLIP_H = 1.0;

    /**
     * @param float|null $from null for what is new
     * @param float|null $to   null for what has no room any more
     */
    public function __construct(public string $id, public ?float $from, public ?float $to, public Why $why, public float $paid)
    {
    }

    /** Only a little later or earlier, by what others took. */
    public function isSlip(): bool
    {
        return null !== $this->from && null !== $this->to && 0.0 === $this->paid && abs($this->to - $this->from) < self::SLIP_H;
    }
}
