<?php

declare(strict_types=1);

namespace Hull\Schedule\Placing;

use Hull\Quantity\Message;

/** A block of work that waits as a whole, since one of its activities has no hour. */
final readonly class Lost
{
    /**
     * @param string $cause id of the activity that found none
     * @param string $at key of the place in which that is worked, among all places of the yard
     * @param string|Message $says what is against it, in words
     * @param Closed|null $closed by what in the air, where it is that
     * @param bool $bares something that is laid bare waits with it
     * @param bool $elsewhere it waits for a block of another part that has no hour
     * @param list<string> $on parts whose own block without an hour it waits for in the end, where it waits elsewhere
     */
    public function __construct(
        public string $part,
        public string $cause,
        public string $at,
        public string|Message $says,
        public ?Closed $closed,
        public bool $elsewhere,
        public bool $bares,
        public array $on = [],
    ) {}
}
