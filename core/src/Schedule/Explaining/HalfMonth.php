<?php

declare(strict_types=1);

namespace Hull\Schedule\Explaining;

/** Half a month of a usual year, and whether a part begun at its beginning can be closed. */
final readonly class HalfMonth
{
    /**
     * @param float $from hours since 1970 UTC
     * @param float|null $opens hour of its first coat; null where not everything finds its hours, or not in this half
     * @param float|null $finish hour at which it is done
     */
    public function __construct(public float $from, public ?float $opens, public ?float $finish) {}

    public function isOpen(): bool
    {
        return null !== $this->opens;
    }
}
