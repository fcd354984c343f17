<?php

declare(strict_types=1);

namespace Hull\Schedule\Constraint;

use Hull\Quantity\Message;

/** Until when after an earlier activity this one may begin, and what it costs to be late. */
final readonly class Window
{
    /**
     * @param string $from id of the earlier activity
     * @param string|Message $what in words: "the recoat window of Two-pack epoxy primer"
     * @param bool $along both are coats, see Lag
     * @param float $hours of abrading and wiping when it is missed; INF where nothing makes it good
     * @param list<string> $again activities that count on the same before it: one that was late has done it again
     * @param LagTime|null $reopens a film that a late coat would lift takes it again after this
     * @param bool $abrades making it good raises dust; else it is wiped, masked or rinsed again
     */
    public function __construct(
        public string $from,
        public LagTime $closes,
        public string|Message $what,
        public bool $along,
        public float $hours,
        public ?LagTime $reopens = null,
        public array $again = [],
        public bool $abrades = false,
    ) {}

    /** Nothing makes it good: it is not missed. */
    public function isHard(): bool
    {
        return \INF === $this->hours;
    }
}
