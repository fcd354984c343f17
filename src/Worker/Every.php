<?php

declare(strict_types=1);

namespace App\Worker;

use Psr\Clock\ClockInterface;

/** So often something is due, the first time at once. */
final class Every
{
    private int $next = 0;

    public function __construct(private readonly ClockInterface $clock, private readonly int $seconds) {}

    /** Asked again only after its time. */
    public function isDue(): bool
    {
        if ($this->clock->now()->getTimestamp() < $this->next) {
            return false;
        }
        $this->notFor($this->seconds);

        return true;
    }

    public function notFor(int $seconds): void
    {
        $this->next = $this->clock->now()->getTimestamp() + $seconds;
    }
}
